import { writeCsv } from './csv';
import { el, writeHtml, type Node } from '../markup/html';
import type { Site } from '../site/site';
import { checkOf } from '../checks';
import { harms, type Finding, type Harm } from '../checks/finding';

/** The form of the report as data; a change of it raises this. */
const REPORT_VERSION = 1;

const reasonOf = (site: Site, { key }: Finding) => site.accepted?.[key] ?? null;

/** All that was found, as data: `version`, `site`, and `findings` with `check`, `harm`, `at`, `words`, `measure`, `limit`, `seen` and `accepted`. */
export function jsonReport(site: Site, findings: readonly Finding[]): string {
  const rows = findings.map((finding) => ({
    check: finding.check,
    harm: finding.harm,
    at: finding.at,
    words: finding.words,
    measure: finding.measure,
    limit: finding.limit,
    seen: finding.seen,
    lead: finding.lead,
    accepted: reasonOf(site, finding),
  }));
  return `${JSON.stringify({ version: REPORT_VERSION, site: site.name, findings: rows }, null, 2)}\n`;
}

/** The same as a table (RFC 4180). Cells that a spreadsheet would take for a formula begin with an apostrophe. */
export function csvReport(site: Site, findings: readonly Finding[]): string {
  const rows = findings.map((finding) => [
    harms[finding.harm],
    checkOf(finding.check).label,
    finding.at,
    finding.words,
    finding.measure ?? '',
    finding.limit ?? '',
    reasonOf(site, finding) ?? '',
  ]);
  return writeCsv(['harm', 'check', 'at', 'found', 'measured', 'wanted', 'accepted'], rows);
}

/** The same as a page to read. */
export function htmlReport(site: Site, findings: readonly Finding[]): string {
  const group = (harm: Harm): Node[] => {
    const own = findings.filter((finding) => finding.harm === harm);
    if (own.length === 0) return [];
    const row = (finding: Finding) => {
      const reason = reasonOf(site, finding);
      return el(
        'li',
        {},
        el('strong', {}, finding.at),
        ` ${finding.words}`,
        reason !== null && ` Left as it is, since: ${reason}`,
        el('br'),
        el('small', {}, `${checkOf(finding.check).label}; ${checkOf(finding.check).from}`),
      );
    };
    return [el('h2', {}, `${harms[harm]} (${own.length})`), el('ul', {}, ...own.map(row))];
  };
  const title = `Checks of ${site.name}`;
  const page = el(
    'html',
    { lang: 'en' },
    el('head', {}, el('meta', { charset: 'utf-8' }), el('title', {}, title)),
    el('body', {}, el('main', {}, el('h1', {}, title), ...(Object.keys(harms) as Harm[]).flatMap(group))),
  );
  return `<!doctype html>\n${writeHtml(page)}`;
}
