import { fitReport, fitText } from '@/core/formats/fit-report';
import { FOUND_NOTHING, FOUND_SOMETHING, type CommandKind } from '../command';
import { siteOnDisk } from '../site-on-disk';

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
        const report = await measured((advances) => fitReport(site, advances));
        around.say(`${json ? JSON.stringify(report, null, 2) : fitText(report)}\n`);
        return report.bars.some((each) => each.breaks) ? FOUND_SOMETHING : FOUND_NOTHING;
      }),
    );
