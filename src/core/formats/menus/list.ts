import { depthOf } from '../pages/page-list';
import { lineProblem, MOST_LINES, unreadable } from '../reading';
import { ItemCollector, type MenuFormat, type MenuReading } from './found-item';
import { flattened, writtenItems } from './written-item';

/** The last word of a line when it can be a target: a path, a section, or an address with its scheme. */
const target = /^(.*?\S)\s+((?:\/|#|[a-z][a-z0-9+.-]*:)\S*)$/i;

/** Reads one item a line: its label, then where it leads, if anywhere. Indented lines stand below. */
function readItemList(text: string): MenuReading {
  const items = new ItemCollector();
  const above: { depth: number; index: number | null }[] = [];
  const lines = text.split(/\r\n|\r|\n/);
  if (lines.length > MOST_LINES)
    return unreadable(
      `A list has at most ${MOST_LINES} lines; this one has ${lines.length}.`,
      MOST_LINES + 1,
    );
  lines.forEach((raw, at) => {
    if (raw.trim() === '') return;
    const wrong = lineProblem(raw);
    if (wrong !== null) return items.refuse(at + 1, wrong);
    const depth = depthOf(raw);
    while (above.length > 0 && above.at(-1)!.depth >= depth) above.pop();
    const parent = above.at(-1);
    const match = target.exec(raw.trim());
    const [label, href] = match ? [match[1]!, match[2]!] : [raw.trim(), ''];
    if (parent?.index === null) {
      items.refuse(at + 1, `“${label}” stands below a line that was left out.`);
      above.push({ depth, index: null });
      return;
    }
    above.push({ depth, index: items.add({ line: at + 1, label, href, parent: parent?.index ?? null }) });
  });
  return items.reading;
}

export const itemList: MenuFormat = {
  id: 'list',
  name: 'Indented list',
  ending: 'txt',
  mediaType: 'text/plain',
  looksLike: () => true,
  read: readItemList,
  write: (site, menu) =>
    flattened(writtenItems(site, menu))
      .map(({ item, level }) => `${'  '.repeat(level - 1)}${item.label}${item.href && `  ${item.href}`}\n`)
      .join(''),
};
