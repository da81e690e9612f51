import { differences, type Difference } from '@/core/comparing/differences';
import { FOUND_NOTHING, FOUND_SOMETHING, type CommandKind } from '../command';
import { siteOnDisk } from '../site-on-disk';

const lineOf = ({ area, thing, change, detail, was, is }: Difference): string => {
  const what = detail === null ? change : `${detail}: ${was ?? 'nothing'} → ${is ?? 'nothing'}`;
  return `${area}: ${thing}: ${what}`;
};

/** Tells what differs between two site files, in the words of saved points; something is found where anything does. */
export const diff: CommandKind = (program, does) =>
  program
    .command('diff')
    .description('Tells what differs between two site files.')
    .argument('<before>', 'a site file (*.gable.json)')
    .argument('<after>', 'a later one')
    .option('--json', 'as data')
    .action((before: string, after: string, { json }: { json?: boolean }) =>
      does(async (around) => {
        const [was, is] = [siteOnDisk(around, before).site, siteOnDisk(around, after).site];
        const found = differences(was, is);
        around.say(
          json
            ? `${JSON.stringify(found, null, 2)}\n`
            : found.length === 0
              ? 'Nothing differs.\n'
              : `${found.map(lineOf).join('\n')}\n`,
        );
        return found.length === 0 ? FOUND_NOTHING : FOUND_SOMETHING;
      }),
    );
