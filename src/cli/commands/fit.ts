import { changeRows, type ChangeRow } from '@/core/fit/changes-text';
import { breaks } from '@/core/fit/fit-status';
import { usually } from '@/core/fit/heights';
import { surveyFit } from '@/core/fit/survey';
import { FOUND_NOTHING, FOUND_SOMETHING, type CommandKind } from '../command';
import { siteOnDisk } from '../site-on-disk';

/** The form of the report as data; a change of it raises this. */
const REPORT_VERSION = 1;

/** How a bar stands at every width, in a language. */
interface BarRows {
  assembly: string;
  bar: string;
  language: string;
  breaks: boolean;
  rows: ChangeRow[];
}

const barText = ({ assembly, bar, language, rows }: BarRows): string =>
  [
    `${assembly}, ${bar} (${language})`,
    ...rows.map(
      ({ from, to, status, why }) => `  ${from}–${to} px: ${status}${why === '' ? '' : `, ${why}`}`,
    ),
  ].join('\n');

/** Tells how every bar of headers and footers stands at every width; something is found where one breaks. */
export const fit: CommandKind = (program, does) =>
  program
    .command('fit')
    .description('Tells from which width to which each bar fits, is tight, wraps or overflows.')
    .argument('<site>', 'a site file (*.gable.json)')
    .option('--json', 'as data')
    .action((file: string, { json }: { json?: boolean }) =>
      does(async (around) => {
        const { site, measured } = siteOnDisk(around, file);
        around.tell('Measuring texts …');
        const bars = await measured((advances) =>
          (['headers', 'footers'] as const).flatMap((kind) =>
            Object.values(site[kind]).flatMap((assembly) =>
              site.languages.flatMap((language) =>
                surveyFit({ ...usually(site, advances), language }, kind, assembly).bars.map(
                  (survey): BarRows => ({
                    assembly: assembly.name,
                    bar: assembly.bars[survey.bar]!.name,
                    language,
                    // In footers, texts run on in lines as they do on the page.
                    breaks: survey.stretches.some((each) =>
                      kind === 'footers' ? each.status === 'overflows' : breaks(each),
                    ),
                    rows: changeRows(site, assembly, survey),
                  }),
                ),
              ),
            ),
          ),
        );
        around.say(
          json
            ? `${JSON.stringify({ version: REPORT_VERSION, site: site.name, bars }, null, 2)}\n`
            : `${bars.map(barText).join('\n')}\n`,
        );
        return bars.some((each) => each.breaks) ? FOUND_SOMETHING : FOUND_NOTHING;
      }),
    );
