import { el, writeHtml, type Element } from '../../markup/html';
import { unreadable } from '../reading';
import { readXml } from '../xml';
import { ItemCollector, type MenuFormat, type MenuReading } from './found-item';
import { writtenItems, type WrittenItem } from './written-item';

/** Reads the outlines of an OPML file (OPML 2.0): the text of each, and its `url` or `htmlUrl`. */
function readOpml(text: string): MenuReading {
  const items = new ItemCollector();
  const above: (number | null)[] = [];
  let root = '';
  const broken = readXml(text, {
    opened(name, said, line) {
      root ||= name;
      if (name !== 'outline') return;
      const [label, parent] = [said.text ?? said.title ?? '', above.at(-1)];
      if (parent === null) {
        items.refuse(line, `“${label}” stands below an outline that was left out.`);
        above.push(null);
        return;
      }
      const href = said.url ?? said.htmlUrl ?? '';
      const description = said.description || null;
      above.push(items.add({ line, label, href, parent: parent ?? null, description }));
    },
    closed(name) {
      if (name === 'outline') above.pop();
    },
  });
  if (broken) return unreadable(`This is not XML: ${broken.reason}.`, broken.line);
  if (root !== 'opml') return unreadable('This is XML, but not OPML: it does not begin with <opml>.');
  return items.reading;
}

function outline({ label, href, description, children }: WrittenItem): Element {
  return el(
    'outline',
    { text: label, ...(href ? { type: 'link', url: href } : {}), description: description || null },
    ...children.map(outline),
  );
}

export const opml: MenuFormat = {
  id: 'opml',
  name: 'OPML',
  ending: 'opml',
  mediaType: 'text/x-opml',
  looksLike: (text) => /^\s*(<\?xml|<opml)/i.test(text),
  read: readOpml,
  write: (site, menu) =>
    `<?xml version="1.0" encoding="UTF-8"?>\n${writeHtml(
      el(
        'opml',
        { version: '2.0' },
        el('head', {}, el('title', {}, menu.name)),
        el('body', {}, ...writtenItems(site, menu).map(outline)),
      ),
    )}`,
};
