import { parse } from 'parse5';
import * as v from 'valibot';
import { readTarget } from '../../menus/link-text';
import { languageName, languageSchema } from '../../site/language';
import {
  attribute,
  elementsOf,
  isList,
  lineOf,
  MOST_DEEP,
  nearest,
  oneLine,
  textOf,
  tooDeep,
  type Parent,
  type ParsedElement,
} from '../html-tree';
import type { MenuReading } from '../menus/found-item';
import { readMenuIn } from '../menus/html';
import type { LineProblem } from '../reading';
import { noFolder, type WebsiteFolder } from './folder';
import type { FoundMenu, FoundWebsite, WebsitePart } from './found-website';
import { readStyles } from './read-styles';

/** A page that is refused whole says why in the place of all else. */
export type WebsiteReading =
  { ok: true; parts: WebsitePart[]; problems: LineProblem[] } | { ok: false; reason: string };

/** The most letters of a page that are read. */
const MOST_PAGE = 20 * 1024 * 1024;

const tagged =
  (...tags: string[]) =>
  ({ tagName }: ParsedElement) =>
    tags.includes(tagName);
const hasRole = (element: ParsedElement, role: string) => attribute(element, 'role') === role;

/** What of a page is its own: what stands in there is no header or footer of the site (HTML-AAM, "header" and "footer"). */
const isContent = tagged('main', 'article', 'aside', 'section');

/** Whether a class or the id of an element has one of these words in it. */
const isNamed = (element: ParsedElement, words: RegExp) =>
  [attribute(element, 'id'), attribute(element, 'class')].some((named) =>
    (named ?? '').split(/[\s_-]+/).some((word) => words.test(word)),
  );

/** All elements that a test holds for, outside of what is the page’s own. */
function outside(root: Parent, holds: (element: ParsedElement) => boolean): ParsedElement[] {
  return nearest(root, (element) => isContent(element) || holds(element)).filter(
    (element) => !isContent(element) && holds(element),
  );
}

/** The landmark of a kind: by its element or its role, and where there is none, by how it is called. */
function landmark(body: Parent, tag: string, role: string, called: RegExp): ParsedElement[] {
  const marked = outside(body, (element) => element.tagName === tag || hasRole(element, role));
  return marked.length > 0 ? marked : outside(body, (element) => isNamed(element, called)).slice(0, 1);
}

const isNav = (element: ParsedElement) => element.tagName === 'nav' || hasRole(element, 'navigation');
const isHeading = tagged('h1', 'h2', 'h3', 'h4', 'h5', 'h6');
const isCaption = (element: ParsedElement) =>
  isHeading(element) || tagged('strong', 'b', 'summary', 'p')(element);

/** A text that stands twice behind itself, as where it is said again for other widths, once. */
function saidOnce(text: string): string {
  const half = text.slice(0, text.length / 2);
  return text.length % 2 === 0 && half === text.slice(text.length / 2) ? half : text;
}

/** The words of a heading or a short line, also of one that stands in something by itself; null where a thing is none. */
function captionIn(element: ParsedElement): string | null {
  const heading = isCaption(element)
    ? element
    : nearest(element, isList).length === 0
      ? nearest(element, isHeading)[0]
      : undefined;
  const words = heading ? saidOnce(oneLine(textOf(heading))).slice(0, 60) : '';
  return words === '' ? null : words;
}

/** What is said right before a list: where it stands, or around that as long as nothing else does. */
function captionOf(list: ParsedElement): string {
  for (let at: ParsedElement = list; at.parentNode && 'tagName' in at.parentNode; at = at.parentNode) {
    const around: ParsedElement = at.parentNode;
    const siblings = elementsOf(around);
    const before = siblings[siblings.indexOf(at) - 1];
    if (before) return captionIn(before) ?? '';
    if (tagged('footer', 'body')(around)) return '';
  }
  return '';
}

const labelled = (element: ParsedElement) => oneLine(attribute(element, 'aria-label') ?? '').slice(0, 60);

/** Whether several links lead out of the site, and nothing else stands with them. */
const isSocial = ({ found }: MenuReading) =>
  found.length > 1 &&
  found.every(
    ({ target, parent }) => parent === null && target.named === 'link' && target.link.to === 'address',
  );

/** A menu of what a part of a page holds. */
function menuIn(root: ParsedElement, stands: FoundMenu['stands'], name: string): FoundMenu {
  const reading = readMenuIn(root);
  return { name, stands, line: lineOf(root), reading, social: isSocial(reading) };
}

/** The menus of a header: its landmarks of navigation, and where it has none, its lists. */
function headerMenus(headers: readonly ParsedElement[], body: Parent): FoundMenu[] {
  const navs = headers.flatMap((header) => (isNav(header) ? [header] : nearest(header, isNav)));
  const beside = outside(body, (element) => isNav(element) || element.tagName === 'footer').filter(isNav);
  const all = [...new Set([...navs, ...beside])];
  const roots = all.length > 0 ? all : headers.flatMap((header) => nearest(header, isList));
  return roots.map((root, index) =>
    menuIn(root, 'header', labelled(root) || (index === 0 ? 'Main' : `Menu ${index + 1}`)),
  );
}

/** The menus of a footer: each of its lists, by what is said before it; and where it has none, all of its links. */
function footerMenus(footers: readonly ParsedElement[]): FoundMenu[] {
  return footers.flatMap((footer) => {
    const lists = nearest(footer, isList);
    const roots = lists.length > 0 ? lists : [footer];
    return roots.map((root) => {
      const nav = nearest(footer, isNav).find((each) => nearest(each, (list) => list === root).length > 0);
      const caption = root === footer ? '' : captionOf(root);
      return menuIn(root, 'footer', caption || (nav ? labelled(nav) : '') || 'Footer');
    });
  });
}

/** Menus that hold something, each once: pages say them again for other widths, maybe in another order. */
function eachOnce(menus: readonly FoundMenu[]): FoundMenu[] {
  const said = menus.map(({ reading: { found } }) =>
    JSON.stringify(found.map(({ label, target }) => JSON.stringify([label, target])).sort()),
  );
  return menus.filter(
    ({ reading }, index) => reading.found.length > 0 && said.indexOf(said[index]!) === index,
  );
}

/** The picture that leads home, or else the first of the header. */
function logoIn(headers: readonly ParsedElement[]): (FoundWebsite['logo'] & { line: number }) | null {
  const pictures = headers.flatMap((header) => nearest(header, tagged('img')));
  const home = headers
    .flatMap((header) => nearest(header, tagged('a')))
    .find((link) => ['/', './', 'index.html', '#'].includes(attribute(link, 'href') ?? ''));
  const picture = (home && nearest(home, tagged('img'))[0]) ?? pictures[0];
  if (!picture) return null;
  return {
    source: attribute(picture, 'src') ?? '',
    alt: oneLine(attribute(picture, 'alt') ?? ''),
    line: lineOf(picture),
  };
}

/** The name of a site: as its pictures or its title have it, of which the last part is the site’s on most pages. */
function siteName(root: Parent, logo: FoundWebsite['logo']): string | null {
  const meta = nearest(root, tagged('meta')).find((each) => attribute(each, 'property') === 'og:site_name');
  const [title] = nearest(root, tagged('title'));
  const parts = title ? oneLine(textOf(title)).split(/\s+[|–—·•-]\s+/) : [];
  const said = (meta && attribute(meta, 'content')) ?? parts.at(-1) ?? logo?.alt.replace(/\s*logo\s*/i, '');
  return oneLine(said ?? '').slice(0, 60) || null;
}

function languagesOf(root: Parent): string[] {
  const [html] = elementsOf(root);
  const own = html && attribute(html, 'lang');
  const others = nearest(root, tagged('link'))
    .filter((link) => attribute(link, 'rel') === 'alternate')
    .flatMap((link) => attribute(link, 'hreflang') ?? []);
  const all = [own, ...others].filter((tag) => v.is(languageSchema, tag) && tag !== 'x-default') as string[];
  // Tags differ by more than capitals (RFC 5646, 2.1.1).
  return all.filter(
    (tag, index) => all.findIndex((each) => each.toLowerCase() === tag.toLowerCase()) === index,
  );
}

/** The first target of a kind among links. */
function firstLink(roots: readonly ParsedElement[], kind: 'telephone' | 'email') {
  for (const link of roots.flatMap((root) => nearest(root, tagged('a')))) {
    const read = readTarget(attribute(link, 'href') ?? '');
    if (!read.ok || read.target.named !== 'link' || read.target.link.to !== kind) continue;
    const of = read.target.link;
    return {
      line: lineOf(link),
      value: of.to === 'telephone' ? of.telephone : of.to === 'email' ? of.email : '',
    };
  }
  return null;
}

/** The most letters of a line of an address. */
const MOST_IN_ADDRESS = 100;

/** What is said before something that can be followed, such as `Tel.`, is no line of an address. */
const MOST_BEFORE_LINK = 12;

/** The lines of an address, as breaks part them; what can be followed in it is told by itself. */
function addressLines(element: ParsedElement): string[] {
  const lines = [{ said: '', leads: false }];
  const walk = (parent: Parent) => {
    for (const node of parent.childNodes) {
      const tag = 'tagName' in node ? node.tagName : '';
      if (['br', 'p', 'div', 'li'].includes(tag)) lines.push({ said: '', leads: false });
      const line = lines.at(-1)!;
      if (tag === '') line.said += textOf(node);
      else if (tag === 'a') line.leads = true;
      else if (!['script', 'style'].includes(tag) && 'childNodes' in node) walk(node);
      if (['p', 'div', 'li'].includes(tag)) lines.push({ said: '', leads: false });
    }
  };
  walk(element);
  return lines
    .map(({ said, leads }) => ({ said: oneLine(said), leads }))
    .filter(
      ({ said, leads }) => said.length > (leads ? MOST_BEFORE_LINK : 0) && said.length <= MOST_IN_ADDRESS,
    )
    .map(({ said }) => said)
    .slice(0, 6);
}

/** The shortest element of a footer that says whose rights these are. */
function rightsIn(footers: readonly ParsedElement[]): { line: number; words: string } | null {
  const says = (element: ParsedElement) => /©|\bcopyright\b/i.test(textOf(element));
  const narrowed = (element: ParsedElement): ParsedElement => {
    const inner = elementsOf(element).find(says);
    return inner ? narrowed(inner) : element;
  };
  const footer = footers.find(says);
  if (!footer) return null;
  const element = narrowed(footer);
  return { line: lineOf(element), words: oneLine(textOf(element)).slice(0, 200) };
}

const counted = (count: number, one: string, many: string) =>
  count === 1 ? `one ${one}` : `${count} ${many}`;

/** The parts of a page in the order of their lines. */
function partsOf(
  document: Parent,
  headers: readonly ParsedElement[],
  footers: readonly ParsedElement[],
  menus: readonly FoundMenu[],
): WebsitePart[] {
  const logo = logoIn(headers);
  const name = siteName(document, logo);
  const languages = languagesOf(document);
  const [address] = [...headers, ...footers].flatMap((part) => nearest(part, tagged('address')));
  const telephone = firstLink([...footers, ...headers], 'telephone');
  const mail = firstLink([...footers, ...headers], 'email');
  const rights = rightsIn(footers);
  return [
    ...(name === null ? [] : [{ line: 1, words: `Name: ${name}`, gives: { name } }]),
    ...(languages.length === 0
      ? []
      : [{ line: 1, words: `Languages: ${languages.map(languageName).join(', ')}`, gives: { languages } }]),
    ...(logo
      ? [
          {
            line: logo.line,
            words: `Logo “${logo.alt}”`,
            gives: { logo: { source: logo.source, alt: logo.alt } },
          },
        ]
      : []),
    ...menus.map((menu) => ({
      line: menu.line,
      words: `${menu.social ? 'Links elsewhere' : 'Menu'} “${menu.name}” of the ${menu.stands}, ${counted(menu.reading.found.length, 'item', 'items')}`,
      gives: { menus: [menu] },
    })),
    ...(address
      ? [
          {
            line: lineOf(address),
            words: `Address: ${addressLines(address).join(', ')}`,
            gives: { address: addressLines(address) },
          },
        ]
      : []),
    ...(telephone
      ? [
          {
            line: telephone.line,
            words: `Telephone ${telephone.value}`,
            gives: { telephone: telephone.value },
          },
        ]
      : []),
    ...(mail ? [{ line: mail.line, words: `E-mail ${mail.value}`, gives: { mail: mail.value } }] : []),
    ...(rights
      ? [{ line: rights.line, words: `Rights: ${rights.words}`, gives: { rights: rights.words } }]
      : []),
  ].toSorted((one, other) => one.line - other.line);
}

/** What the pages of a folder and their styles give beside what the page itself says. */
function folderParts(folder: WebsiteFolder): WebsitePart[] {
  const { pages } = folder;
  return pages.length === 0
    ? []
    : [
        {
          line: 1,
          words: `${counted(pages.length, 'page', 'pages')} of the folder, by title`,
          gives: { pages },
        },
      ];
}

/**
 * Reads what the parts of a page say that stand on every page of its site, found by landmarks, lists and headings (HTML-AAM): its header,
 * menus and footer, and the colours and fonts of its styles. No address is fetched: of other pages and of stylesheets there is what the
 * folder of the page has. What was understood is told line by line, and so is what was not.
 */
export function readWebsite(text: string, folder: WebsiteFolder = noFolder): WebsiteReading {
  if (text.length > MOST_PAGE) return { ok: false, reason: 'It has more than 20 MB.' };
  if (!/<[a-z!]/i.test(text)) return { ok: false, reason: 'It is no HTML: there is no element in it.' };
  const document = parse(text, { sourceCodeLocationInfo: true });
  if (tooDeep(document))
    return { ok: false, reason: `Its elements stand more than ${MOST_DEEP} deep in each other.` };
  const [html] = elementsOf(document);
  const body = elementsOf(html!).find(tagged('body', 'frameset'))!;
  const problems: LineProblem[] = [];
  if (body.tagName === 'frameset')
    return { ok: false, reason: 'It is made of frames: read the page that is in the frame with the menu.' };
  const headers = landmark(body, 'header', 'banner', /^(header|masthead|banner|topbar|top)$/i);
  const footers = landmark(body, 'footer', 'contentinfo', /^(footer|colophon|bottom)$/i);
  if (headers.length === 0) problems.push({ line: lineOf(body), reason: 'No header was found.' });
  if (headers.length > 1)
    problems.push({
      line: lineOf(headers[1]!),
      reason: `There are ${headers.length} headers: all were read.`,
    });
  if (footers.length === 0) problems.push({ line: lineOf(body), reason: 'No footer was found.' });
  const all = [...headerMenus(headers, body), ...footerMenus(footers)];
  problems.push(...all.flatMap(({ reading }) => reading.problems));
  for (const part of [...headers, ...footers])
    for (const left of nearest(part, tagged('form', 'iframe', 'video', 'object')))
      problems.push({ line: lineOf(left), reason: `A ${left.tagName} is not read.` });
  const sheets = nearest(document, tagged('style')).map((style) => ({
    line: lineOf(style),
    css: style.childNodes.map((node) => ('value' in node ? node.value : '')).join(''),
  }));
  const styles = readStyles([...sheets, ...folder.styles.map((css) => ({ line: 1, css }))]);
  problems.push(...styles.problems);
  return {
    ok: true,
    parts: [...partsOf(document, headers, footers, eachOnce(all)), ...folderParts(folder), ...styles.parts],
    problems: problems.toSorted((one, other) => one.line - other.line),
  };
}
