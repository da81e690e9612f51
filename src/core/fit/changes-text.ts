import { fitLabels, type FitStatus } from './fit-status';
import type { BarSurvey } from './survey';
import { firstWidth } from './whole-fit';
import type { Assembly } from '../site/assembly';
import type { Site } from '../site/site';
import { causeText } from './cause-text';

/** One stretch of widths of a bar in words. */
export interface ChangeRow {
  from: number;
  to: number;
  status: FitStatus;
  why: string;
}

/** How a bar stands, stretch by stretch from the narrowest, in words; each ends where the next begins. */
export function changeRows(site: Site, assembly: Assembly, { stretches }: BarSurvey): ChangeRow[] {
  const last = stretches.at(-1)?.to;
  return stretches.map(({ from, to, status, causes }) => ({
    from: firstWidth({ from }),
    to: to === last ? to : firstWidth({ from: to }) - 1,
    status,
    why: causes.map((cause) => causeText(site, assembly, cause)).join('; '),
  }));
}

/** The rows as a table that a spreadsheet reads: columns parted by tabs. */
export function changesAsText(rows: readonly ChangeRow[]): string {
  const lines = rows.map(({ from, to, status, why }) => [from, to, fitLabels[status], why].join('\t'));
  return [['From, px', 'To, px', 'Stands', 'Why'].join('\t'), ...lines].join('\n');
}
