import { defaultTreeAdapter, parse, type DefaultTreeAdapterTypes } from 'parse5';
import { el, writeHtml, type Element } from '../../markup/html';
import { unreadable } from '../reading';
import { ItemCollector, type MenuFormat, type MenuReading } from './found-item';
import { writtenItems, type WrittenItem } from './written-item';

type Node = DefaultTreeAdapterTypes.ChildNode;
type Parent = DefaultTreeAdapterTypes.ParentNode;
type ParsedElement = DefaultTreeAdapterTypes.Element;

const isElement = (node: Node): node is ParsedElement => defaultTreeAdapter.isElementNode(node);
const isList = (node: Node) => isElement(node) && ['ul', 'ol', 'menu'].includes(node.tagName);
const elementsOf = (parent: Parent) => parent.childNodes.filter(isElement);

const attribute = (element: ParsedElement, name: string) =>
  element.attrs.find((each) => each.name === name)?.value;

/** Everything below a node that a test holds for, what stands inside of such a one not looked into. */
function nearest(parent: Parent, holds: (element: ParsedElement) => boolean): ParsedElement[] {
  return elementsOf(parent).flatMap((element) => (holds(element) ? [element] : nearest(element, holds)));
}

/** The deepest nesting that is looked through; websites have a tenth of it. */
const MOST_DEEP = 250;

/** Whether elements stand deeper in each other than is looked through; told without going down into them one in another. */
function tooDeep(document: Parent): boolean {
  let level: Parent[] = [document];
  for (let depth = 0; level.length > 0; depth += 1) {
    if (depth > MOST_DEEP) return true;
    level = level.flatMap(elementsOf);
  }
  return false;
}

/** The text of a node, lists inside of it left out. */
function textOf(node: Node): string {
  if (defaultTreeAdapter.isTextNode(node)) return node.value;
  return isElement(node) && !isList(node) ? node.childNodes.map(textOf).join('') : '';
}

/** The items of a list: what is said in front of the list inside of it, with the first link there. */
function readList(list: ParsedElement, parent: number | null, items: ItemCollector): void {
  for (const entry of elementsOf(list)) {
    const [link] = nearest(entry, (each) => each.tagName === 'a' || isList(each)).filter(
      (each) => !isList(each),
    );
    const index = readEntry(entry, link, parent, items);
    for (const below of nearest(entry, isList)) {
      if (index !== null) readList(below, index, items);
      else items.refuse(lineOf(below), 'This list stands below an item that was left out.');
    }
  }
}

const lineOf = (element: ParsedElement) => element.sourceCodeLocation?.startLine ?? 1;

function readEntry(
  entry: ParsedElement,
  link: ParsedElement | undefined,
  parent: number | null,
  items: ItemCollector,
): number | null {
  return items.add({
    line: lineOf(link ?? entry),
    label: textOf(link ?? entry).trim() || (link && attribute(link, 'aria-label')) || '',
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
  const root: Parent = nav ?? document;
  const [list] = nearest(root, isList);
  const items = new ItemCollector();
  if (list) readList(list, null, items);
  else for (const link of nearest(root, (each) => each.tagName === 'a')) readEntry(link, link, null, items);
  const { found, problems } = items.reading;
  return found.length + problems.length === 0
    ? unreadable('There is no list and no link in it.')
    : items.reading;
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
