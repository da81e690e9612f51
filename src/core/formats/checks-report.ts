import * as v from 'valibot';
import { writeCsv } from './csv';
import { el, writeHtml, type Node } from '../markup/html';
import { phases } from '../properties/phases';
import { schemes } from '../properties/schemes';
import { states } from '../properties/states';
import type { Site } from '../site/site';
import { checkOf } from '../checks';
import { harms, type Finding, type Harm } from '../checks/finding';
import { leadSchema } from '../why/reason';

/** All that was found, as data; a change of its form raises `version`. */
export const checksReportSchema = v.strictObject({
  version: v.literal(1),
  site: v.string(),
  findings: v.array(
    v.strictObject({
      /** Which check found it, and what it harms. */
      check: v.string(),
      harm: v.picklist(Object.keys(harms) as Harm[]),
      /** What it is about, and what was found, in words. */
      at: v.string(),
      words: v.string(),
      /** What was measured, and what it has to be, with units; null where nothing is counted. */
      measure: v.nullable(v.string()),
      limit: v.nullable(v.string()),
      /** Where it can be seen: what is left out is the same wherever one looks. */
      seen: v.strictObject({
        width: v.optional(v.number()),
        phase: v.optional(v.picklist(phases)),
        page: v.optional(v.string()),
        language: v.optional(v.string()),
        state: v.optional(v.picklist(states)),
        band: v.optional(v.string()),
        scheme: v.optional(v.picklist(schemes)),
      }),
      /** What of the document it is about. */
      lead: leadSchema,
      /** Why it was left as it is; null where it was not. */
      accepted: v.nullable(v.string()),
    }),
  ),
});
export type ChecksReport = v.InferOutput<typeof checksReportSchema>;

const reasonOf = (site: Site, { key }: Finding) => site.accepted?.[key] ?? null;

/** What was found, as data. */
export function jsonReport(site: Site, all: readonly Finding[]): string {
  const findings = all.map((finding) => {
    const { check, harm, at, words, measure, limit, seen, lead } = finding;
    return { check, harm, at, words, measure, limit, seen, lead, accepted: reasonOf(site, finding) };
  });
  const report: ChecksReport = { version: 1, site: site.name, findings };
  return `${JSON.stringify(report, null, 2)}\n`;
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
