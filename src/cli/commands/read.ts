import { readSiteFile, writeSiteFile } from '@/core/formats/site-file';
import { problemText } from '@/core/site/problem';
import type { Site } from '@/core/site/site';
import { composeWebsite } from '@/core/formats/website/compose-website';
import { readWebsite } from '@/core/formats/website/read-website';
import { newId } from '@/server/sites/new-id';
import { CouldNot, FOUND_NOTHING, FOUND_SOMETHING, type CommandKind } from '../command';
import { textOnDisk } from '../text-on-disk';
import { writeWhole } from '../written';

/** The file of a composed site, which has no bytes; what is written can be read. */
function fileOf(site: Site): string {
  const text = writeSiteFile(site, () => '');
  const again = readSiteFile(text);
  if (!again.ok)
    throw new CouldNot(
      `No site can be made of it: ${again.problems.map(problemText).join('; ')}. Nothing was written.`,
    );
  return text;
}

/** Reads the header, menus and footer of a page that exists; something is found where not all of it was understood. */
export const read: CommandKind = (program, does) =>
  program
    .command('read')
    .description('Reads the header, menus and footer of an existing page, and writes a site of them.')
    .argument('<page>', 'an HTML file')
    .option('--to <file>', 'the site file that is written')
    .option('--json', 'what was understood and what was not, as data')
    .action((file: string, { to, json }: { to?: string; json?: boolean }) =>
      does(async (around) => {
        const reading = readWebsite(textOnDisk(around, file));
        if (!reading.ok) throw new CouldNot(`${file} cannot be read: ${reading.reason}`);
        const { found } = reading;
        const { site, problems: left } = composeWebsite(found, newId);
        const problems = [...found.problems, ...left];
        const lines = [
          ...found.understood.map(({ line, words }) => `line ${line}: ${words}`),
          ...problems.map(({ line, reason }) => `line ${line}: not understood: ${reason}`),
        ];
        if (to !== undefined) writeWhole(around.pathOf(to), to, fileOf(site));
        const { understood } = found;
        around.say(json ? `${JSON.stringify({ understood, problems }, null, 2)}\n` : `${lines.join('\n')}\n`);
        return problems.length === 0 ? FOUND_NOTHING : FOUND_SOMETHING;
      }),
    );
