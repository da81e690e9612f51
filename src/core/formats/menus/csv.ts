import { readCsv, writeCsv } from '../csv';
import { unreadable } from '../reading';
import { ItemCollector, type MenuFormat, type MenuReading } from './found-item';
import { flattened, writtenItems } from './written-item';

const columns = ['level', 'label', 'target', 'title', 'description', 'badge', 'new window'];

/** Reads CSV with the columns label and, where there are some, level (1 to 3), target, title, description, badge, new window. */
function readMenuCsv(text: string): MenuReading {
  const csv = readCsv(text);
  if (!csv.ok) return unreadable(csv.reason);
  if (!csv.columns.includes('label'))
    return unreadable(`The first row has to name the columns, “label” among them: ${columns.join(', ')}.`);
  const items = new ItemCollector();
  const above: (number | null)[] = [];
  for (const { line, cells } of csv.rows) {
    const level = cells.level ? Number(cells.level) : 1;
    if (!Number.isInteger(level) || level < 1 || level > above.length + 1) {
      items.refuse(line, `The level “${cells.level}” does not follow on the row above it.`);
      continue;
    }
    above.length = level - 1;
    const parent = above.at(-1);
    if (parent === null) {
      items.refuse(line, `“${cells.label}” stands below a row that was left out.`);
      above.push(null);
      continue;
    }
    const said = (name: string) => cells[name] || null;
    above.push(
      items.add({
        line,
        label: cells.label!,
        href: cells.target ?? '',
        parent: parent ?? null,
        title: said('title'),
        description: said('description'),
        badge: said('badge'),
        newWindow: /^(yes|true|1)$/i.test(cells['new window'] ?? ''),
      }),
    );
  }
  const { found, problems } = items.reading;
  return { found, problems: [...csv.problems, ...problems].sort((a, b) => a.line - b.line) };
}

export const menuCsv: MenuFormat = {
  id: 'csv',
  name: 'CSV',
  ending: 'csv',
  mediaType: 'text/csv',
  looksLike: (text) => /^\s*"?(level|label)"?\s*[,;\t]/i.test(text.replace(/^\uFEFF/, '')),
  read: readMenuCsv,
  write: (site, menu) =>
    writeCsv(
      columns,
      flattened(writtenItems(site, menu)).map(({ item, level }) => [
        String(level),
        item.label,
        item.href,
        item.title,
        item.description,
        item.badge,
        item.newWindow ? 'yes' : '',
      ]),
    ),
};
