import * as v from 'valibot';
import { changeRows } from '../fit/changes-text';
import { breaks, fitLabels, type FitStatus } from '../fit/fit-status';
import { usually } from '../fit/heights';
import { surveyFit } from '../fit/survey';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';

const px = v.pipe(v.number(), v.integer());

/** How every bar of headers and footers stands at every width, as data; a change of its form raises `version`. */
export const fitReportSchema = v.strictObject({
  version: v.literal(1),
  site: v.string(),
  bars: v.array(
    v.strictObject({
      /** The name of its header or footer, and its own. */
      assembly: v.string(),
      bar: v.string(),
      language: v.string(),
      /** Whether it does not fit at some width. */
      breaks: v.boolean(),
      /** Stretches of widths from the narrowest, both ends of the viewport in CSS px and of the stretch. */
      rows: v.array(
        v.strictObject({
          from: px,
          to: px,
          status: v.picklist(Object.keys(fitLabels) as FitStatus[]),
          /** What makes it stand so; empty where it fits. */
          why: v.string(),
        }),
      ),
    }),
  ),
});
export type FitReport = v.InferOutput<typeof fitReportSchema>;

/** Surveys every bar of headers and footers in every language. */
export function fitReport(site: Site, advances: Advances): FitReport {
  const bars = (['headers', 'footers'] as const).flatMap((kind) =>
    Object.values(site[kind]).flatMap((assembly) =>
      site.languages.flatMap((language) =>
        surveyFit({ ...usually(site, advances), language }, kind, assembly).bars.map((survey) => ({
          assembly: assembly.name,
          bar: assembly.bars[survey.bar]!.name,
          language,
          // In footers, texts run on in lines as they do on the page.
          breaks: survey.stretches.some((each) =>
            kind === 'footers' ? each.status === 'overflows' : breaks(each),
          ),
          rows: changeRows(site, assembly, survey),
        })),
      ),
    ),
  );
  return { version: 1, site: site.name, bars };
}

/** The report as text to read, a bar and its stretches below each other. */
export const fitText = ({ bars }: FitReport): string =>
  bars
    .flatMap(({ assembly, bar, language, rows }) => [
      `${assembly}, ${bar} (${language})`,
      ...rows.map(
        ({ from, to, status, why }) => `  ${from}–${to} px: ${status}${why === '' ? '' : `, ${why}`}`,
      ),
    ])
    .join('\n');
