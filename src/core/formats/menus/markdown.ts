import type { List, ListItem, Nodes } from 'mdast';
import { fromMarkdown } from 'mdast-util-from-markdown';
import { unreadable } from '../reading';
import { ItemCollector, type MenuFormat, type MenuReading } from './found-item';
import { flattened, writtenItems } from './written-item';

/** The text of a node, without marks. */
function textOf(node: Nodes): string {
  if ('value' in node) return node.value;
  return 'children' in node ? node.children.map(textOf).join('') : '';
}

function readItem(item: ListItem, parent: number | null, items: ItemCollector): number | null {
  const line = item.position?.start.line ?? 1;
  const head = item.children.find((child) => child.type === 'paragraph');
  const link = head?.children.find((child) => child.type === 'link');
  const label = link ? textOf(link) : head ? textOf(head) : '';
  return items.add({ line, label, href: link?.url ?? '', parent, title: link?.title || null });
}

function readList(list: List, parent: number | null, items: ItemCollector): void {
  for (const item of list.children) {
    const index = readItem(item, parent, items);
    for (const below of item.children.filter((child) => child.type === 'list')) {
      if (index !== null) readList(below, index, items);
      else items.refuse(below.position?.start.line ?? 1, 'This list stands below an item that was left out.');
    }
  }
}

/** Reads the lists of a Markdown text (CommonMark): `- [Label](/path)`, indented to nest; other text is passed over. */
function readMarkdownMenu(text: string): MenuReading {
  const lists = fromMarkdown(text).children.filter((child) => child.type === 'list');
  if (lists.length === 0) return unreadable('There is no list in it.');
  const items = new ItemCollector();
  for (const list of lists) readList(list, null, items);
  return items.reading;
}

const escaped = (text: string) => text.replace(/[\\`*_{}[\]<>()#+\-.!|&~]/g, '\\$&');

export const markdownMenu: MenuFormat = {
  id: 'markdown',
  name: 'Markdown list',
  ending: 'md',
  mediaType: 'text/markdown',
  looksLike: (text) => /^\s*([-*+]|\d+[.)])\s/.test(text),
  read: readMarkdownMenu,
  write: (site, menu) =>
    flattened(writtenItems(site, menu))
      .map(({ item: { label, href, title }, level }) => {
        const quoted = title && ` "${title.replace(/["\\]/g, '\\$&')}"`;
        const words = href ? `[${escaped(label)}](<${href}>${quoted})` : escaped(label);
        return `${'  '.repeat(level - 1)}- ${words}\n`;
      })
      .join(''),
};
