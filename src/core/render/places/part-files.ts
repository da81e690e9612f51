import { writeHtml, type Node } from '../../markup/html';
import { directionOf } from '../../site/language';
import type { Site } from '../../site/site';
import { unmeasured, type Advances } from '../../text/advances';
import { assetFiles, textFiles, type Scripts, type SiteFile } from '../files';
import type { Merged, Some } from '../merged/merge';
import { circumstancesOf, fileOf, mergedSite, type MergedPart } from '../merged/merged-site';
import { NAMED } from '../page/folder';
import { NOTICES_SCRIPT, SCRIPT, STAND_IN_STYLESHEET, STYLESHEET } from '../page/page';
import { NOT_FOUND_PATH, relativeHref } from '../page/paths';
import { fill, place, placing, ROOT } from './placed-nodes';
import { readmeOfParts } from './readme';

/** What a page is put together of: its parts in the order of the body, and what stands in the places of them. */
export interface PageOfParts {
  /** The path of the page, such as `/routes`. */
  page: string;
  language: string;
  /** The paths of the parts, the head first, then header, footer, drawers and signs. */
  parts: string[];
  /** What stands in those of its places that are not empty. */
  places: Record<string, string>;
}

/** The file that says what stands in the places, page by page, by the paths of the pages’ files. */
export const PLACES = 'places.json';

/** A page of which nothing but its parts is said, so that one sees how they go together. */
const EXAMPLE = 'page.html';

const htmlOf = (nodes: readonly Node[]) => nodes.map(writeHtml).join('');

/** The way from a file of the site to its root; from what answers where there is no page, the root itself. */
const rootFrom = (file: string, path: string) =>
  path === NOT_FOUND_PATH ? '/' : relativeHref(file, 'x').slice(0, -1);

/** Nodes with all that is in them anywhere, as if it were there wherever they are. */
const everywhere = (nodes: Merged, within = nodes[0]?.in ?? []): Merged =>
  nodes.map(({ value }) => ({
    value: 'text' in value ? value : { ...value, children: everywhere(value.children, within) },
    in: within,
  }));

/** The parts of a site in one language, and the pages that are put together of them. */
function partsIn(site: Site, language: string, advances: Advances) {
  const circumstances = circumstancesOf(site, [language]);
  const merged = mergedSite(site, advances, circumstances);
  const all = circumstances.map((_, index) => index);
  const { nodesOf, places } = placing((index) => {
    const circumstance = circumstances[index]!;
    return rootFrom(fileOf(site, circumstance), circumstance.page.path);
  });
  const folder = `parts/${language.toLowerCase()}`;
  const part = (name: string, nodes: Merged, within: Some = all) => ({
    path: `${folder}/${name}.html`,
    html: nodesOf(nodes, within),
    in: within,
  });
  const several = (kind: string, parts: readonly MergedPart[]) =>
    parts.map(({ name, nodes, in: some }) => part(`${kind}-${name}`, nodes, some));
  // What stands in for the page’s own content is dressed by a stylesheet that goes with it.
  const head = merged.head.filter(
    ({ value }) => !('tag' in value) || value.attributes.href?.[0]!.value !== NAMED + STAND_IN_STYLESHEET,
  );
  const parts = [
    part('head', head),
    part('skip', merged.skip),
    ...several('header', merged.headers),
    ...several('footer', merged.footers),
    ...several('drawer', merged.opened),
    // One page may show more of them than another; those that it does not show take no room.
    part('signs', everywhere(merged.signs)),
  ].filter(({ html }) => htmlOf(html) !== '');
  const texts = parts.map(({ path, html }) => ({ path, text: htmlOf(html) }));
  const used = [...places].filter(([name]) => texts.some(({ text }) => text.includes(place(name))));
  const pages = circumstances.map((circumstance, index): [string, PageOfParts] => {
    const file = fileOf(site, circumstance);
    const own = used.flatMap(([name, said]): [string, string][] =>
      said.get(index) ? [[name, said.get(index)!]] : [],
    );
    return [
      file,
      {
        page: circumstance.page.path,
        language,
        parts: parts.filter(({ in: some }) => some.includes(index)).map(({ path }) => path),
        places: { [ROOT]: rootFrom(file, circumstance.page.path), ...Object.fromEntries(own) },
      },
    ];
  });
  return { parts: texts, pages };
}

/** A part as it is on a page. */
export const filled = (text: string, { places }: PageOfParts): string =>
  fill(text, (name) => (Object.hasOwn(places, name) ? places[name] : undefined));

/** A page that is put together of its parts, with what each of them is. */
function examplePage(page: PageOfParts, texts: ReadonlyMap<string, string>): string {
  const { language, parts } = page;
  const said = (path: string) => `<!-- ${path} -->\n${filled(texts.get(path)!, page)}`;
  const [head, ...body] = parts;
  const after = body.findIndex((path) => /\/(footer|drawer|signs)[-.]/.test(path));
  const at = after === -1 ? body.length : after;
  const direction = directionOf(language) === 'rtl' ? ' dir="rtl"' : '';
  return [
    `<!doctype html>\n<html lang="${language}"${direction}>\n<head>\n`,
    said(head!),
    '</head>\n<body>\n',
    ...body.slice(0, at).map(said),
    '<main id="content">\n<!-- The content of the page. -->\n</main>\n',
    ...body.slice(at).map(said),
    '</body>\n</html>\n',
  ].join('');
}

/**
 * What is designed of a site as HTML in parts, each once in a language, with places for what differs from page to page; what stands in
 * them, page by page, is in `places.json`. `page.html` is the home page put together of them.
 */
export function partFiles(site: Site, scripts: Scripts, advances = unmeasured): SiteFile[] {
  const inLanguages = site.languages.map((language) => partsIn(site, language, advances));
  const parts = inLanguages.flatMap((each) => each.parts);
  const pages = Object.fromEntries(inLanguages.flatMap((each) => each.pages));
  const texts = new Map(parts.map(({ path, text }) => [path, text]));
  return [
    { path: 'README.md', text: readmeOfParts(site) },
    { path: EXAMPLE, text: examplePage(pages['index.html']!, texts) },
    ...parts,
    { path: PLACES, text: `${JSON.stringify({ version: 1, pages }, null, 2)}\n` },
    ...textFiles(site, scripts, advances, [STYLESHEET, SCRIPT, NOTICES_SCRIPT]),
    ...assetFiles(site, advances),
  ];
}
