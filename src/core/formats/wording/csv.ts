import type { Edit } from '../../edit';
import { applyEdits } from '../../edit/apply';
import type { Site } from '../../site/site';
import { saidIn, wordingOf } from '../../wording/wording';
import { readCsv, writeCsv } from '../csv';
import { unreadable, type LineProblem, type Reading } from '../reading';

/** The columns before those of the languages: by the first a text is known again, the others are for who translates. */
const columns = ['key', 'of', 'text'] as const;

/** A text that a file says otherwise than the site. */
export interface FoundWording {
  line: number;
  /** What it is a text of, and which. */
  of: string;
  language: string;
  /** As it is typed; empty where it is taken back. */
  text: string;
  edit: Edit;
}

/** Every text of a site as CSV, with a column for each language. */
export function writeWordingCsv(site: Site): string {
  const rows = wordingOf(site).map((row) => [
    row.key,
    row.of,
    row.what,
    ...site.languages.map((language) => saidIn(site, row, language) || shownIn(site, row, language)),
  ]);
  return writeCsv([...columns, ...site.languages], rows);
}

/** In the first language also what stands there by itself, so that whoever translates knows what; in the others nothing where nothing was said. */
const shownIn = (site: Site, row: ReturnType<typeof wordingOf>[number], language: string) =>
  language !== site.languages[0] ? '' : row.source === 'words' ? row.instead(language) : row.given;

/** Reads CSV as it is written: gives what it says otherwise than the site. A language without a column stays as it is. */
export function readWordingCsv(text: string, site: Site): Reading<FoundWording> {
  const csv = readCsv(text);
  if (!csv.ok) return unreadable(csv.reason);
  const read = site.languages.filter((language) => csv.columns.includes(language.toLowerCase()));
  if (!csv.columns.includes('key') || read.length === 0)
    return unreadable(
      `The first row has to name the columns: ${[...columns, ...site.languages].join(', ')}. At least “key” and one language are needed.`,
    );
  const rows = new Map(wordingOf(site).map((row) => [row.key, row]));
  const problems: LineProblem[] = [...csv.problems];
  const changed = csv.rows.flatMap(({ line, cells }): FoundWording[] => {
    const row = rows.get(cells.key ?? '');
    if (!row) {
      problems.push({ line, reason: `The site has no text “${cells.key}”.` });
      return [];
    }
    return read.flatMap((language) => {
      const said = cells[language.toLowerCase()]!;
      const before = saidIn(site, row, language);
      if (said === before || (before === '' && said === shownIn(site, row, language))) return [];
      const of = `${row.of}: ${row.what}`;
      const edit = row.say(language, said);
      if (typeof edit !== 'string') return [{ line, of, language, text: said, edit }];
      problems.push({ line, reason: `${of}, ${language}: ${edit}` });
      return [];
    });
  });
  const whole = applyEdits(
    site,
    changed.map(({ edit }) => edit),
  );
  // Only where some are refused, it is looked for which.
  const found = changed.filter(({ line, of, language, edit }) => {
    const outcome = whole.ok ? whole : applyEdits(site, [edit]);
    if (!outcome.ok) problems.push({ line, reason: `${of}, ${language}: ${outcome.reason}` });
    return outcome.ok;
  });
  return { found, problems: problems.sort((one, other) => one.line - other.line) };
}
