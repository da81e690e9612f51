import { SaxesParser } from 'saxes';
import { el, writeHtml, type Element } from '../../markup/html';
import { unreadable } from '../reading';
import { ItemCollector, type MenuFormat, type MenuReading } from './found-item';
import { writtenItems, type WrittenItem } from './written-item';

/** Reads the outlines of an OPML file (OPML 2.0): the text of each, and its `url` or `htmlUrl`. */
export function readOpml(text: string): MenuReading {
  const items = new ItemCollector();
  const above: (number | null)[] = [];
  const parser = new SaxesParser({ position: true });
  let broken: { line: number; reason: string } | null = null;
  let root = '';
  parser.on('opentag', ({ name, attributes }) => {
    root ||= name;
    if (name !== 'outline') return;
    const said = attributes as Record<string, string | undefined>;
    const [line, label, parent] = [parser.line, said.text ?? said.title ?? '', above.at(-1)];
    if (parent === null) {
      items.refuse(line, `“${label}” stands below an outline that was left out.`);
      above.push(null);
      return;
    }
    const href = said.url ?? said.htmlUrl ?? '';
    const description = said.description || null;
    above.push(items.add({ line, label, href, parent: parent ?? null, description }));
  });
  parser.on('closetag', ({ name }) => void (name === 'outline' && above.pop()));
  parser.on(
    'error',
    (error) => (broken ??= { line: parser.line, reason: error.message.replace(/^\d+:\d+: /, '') }),
  );
  parser.write(text).close();
  const wrong = broken as { line: number; reason: string } | null;
  if (wrong) return unreadable(`This is not XML: ${wrong.reason}.`, wrong.line);
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
