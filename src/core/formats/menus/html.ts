import { parse } from 'parse5';
import { el, writeHtml, type Element } from '../../markup/html';
import {
  attribute,
  elementsOf,
  isList,
  lineOf,
  MOST_DEEP,
  nearest,
  textOf,
  tooDeep,
  type Parent,
  type ParsedElement,
} from '../html-tree';
import { unreadable } from '../reading';
import { ItemCollector, type MenuFormat, type MenuReading } from './found-item';
import { writtenItems, type WrittenItem } from './written-item';

/** The items of a list: what is said in front of the list inside of it, with the first link there. */
function readList(list: ParsedElement, parent: number | null, items: ItemCollector): void {
  for (const entry of elementsOf(list)) {
    const links = nearest(entry, (each) => each.tagName === 'a' || isList(each)).filter(
      (each) => !isList(each),
    );
    // In broken markup, links that were left open go on without words.
    const link = links.find((each) => textOf(each).trim() !== '' || nameOf(each) !== '') ?? links[0];
    const index = readEntry(entry, link, parent, items);
    for (const below of nearest(entry, isList)) {
      if (index !== null) readList(below, index, items);
      else items.refuse(lineOf(below), 'This list stands below an item that was left out.');
    }
  }
}

/** The name of a link without words: its own, or that of the picture in it (Accessible Name 1.2, 4.3.2). */
function nameOf(link: ParsedElement): string {
  const [picture] = nearest(link, ({ tagName }) => tagName === 'img' || tagName === 'svg');
  const named = [attribute(link, 'aria-label'), attribute(link, 'title')];
  const pictured = picture && [attribute(picture, 'alt'), attribute(picture, 'aria-label')];
  return [...named, ...(pictured ?? [])].find((name) => name?.trim()) ?? '';
}

function readEntry(
  entry: ParsedElement,
  link: ParsedElement | undefined,
  parent: number | null,
  items: ItemCollector,
): number | null {
  return items.add({
    line: lineOf(link ?? entry),
    label: textOf(link ?? entry).trim() || (link && nameOf(link)) || '',
    href: (link && attribute(link, 'href')) ?? '',
    parent,
    title: (link && attribute(link, 'title')) || null,
    newWindow: link !== undefined && attribute(link, 'target') === '_blank',
  });
}

/** Reads the first list of a page, or of a `nav` in it; a `nav` without a list gives its links. */
function readHtmlMenu(text: string): MenuReading {
  const document = parse(text, { sourceCodeLocationInfo: true });
  if (tooDeep(document)) return unreadable(`Its elements stand more than ${MOST_DEEP} deep in each other.`);
  const [nav] = nearest(document, (element) => element.tagName === 'nav');
  const reading = readMenuIn(nav ?? document);
  return reading.found.length + reading.problems.length === 0
    ? unreadable('There is no list and no link in it.')
    : reading;
}

/** Reads the first list in something as a menu; without one, its links. */
export function readMenuIn(root: Parent): MenuReading {
  const list = 'tagName' in root && isList(root) ? root : nearest(root, isList)[0];
  const items = new ItemCollector();
  if (list) readList(list, null, items);
  else for (const link of nearest(root, (each) => each.tagName === 'a')) readEntry(link, link, null, items);
  return items.reading;
}

function entryHtml({ label, href, title, newWindow, children }: WrittenItem): Element {
  return el(
    'li',
    {},
    href === '' && title === ''
      ? el('span', {}, label)
      : el('a', { href: href || null, title: title || null, target: newWindow ? '_blank' : null }, label),
    children.length > 0 && el('ul', {}, ...children.map(entryHtml)),
  );
}

export const htmlMenu: MenuFormat = {
  id: 'html',
  name: 'HTML list',
  ending: 'html',
  mediaType: 'text/html',
  looksLike: (text) => text.trimStart().startsWith('<'),
  read: readHtmlMenu,
  write: (site, menu) =>
    writeHtml(
      el('nav', { 'aria-label': menu.name }, el('ul', {}, ...writtenItems(site, menu).map(entryHtml))),
    ),
};
