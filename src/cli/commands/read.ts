import { readSiteFile, writeSiteFile } from '@/core/formats/site-file';
import { problemText } from '@/core/site/problem';
import type { Site } from '@/core/site/site';
import { composeWebsite } from '@/core/formats/website/compose-website';
import { foundIn } from '@/core/formats/website/found-website';
import { newId } from '@/server/sites/new-id';
import { CouldNot, FOUND_NOTHING, FOUND_SOMETHING, type CommandKind } from '../command';
import { websiteOnDisk } from '../website-on-disk';
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
    .description('Reads the header, menus and footer of an existing website, and writes a site of them.')
    .argument('<page>', 'an HTML file, or a folder of pages with their stylesheets, as it is or as a zip')
    .option('--to <file>', 'the site file that is written')
    .option('--json', 'what was understood and what was not, as data')
    .action((file: string, { to, json }: { to?: string; json?: boolean }) =>
      does(async (around) => {
        const reading = websiteOnDisk(around, file);
        if (!reading.ok) throw new CouldNot(`${file} cannot be read: ${reading.reason}`);
        const { site, problems: left } = composeWebsite(foundIn(reading.parts), newId);
        const understood = reading.parts.map(({ line, words }) => ({ line, words }));
        const problems = [...reading.problems, ...left];
        const lines = [
          ...understood.map(({ line, words }) => `line ${line}: ${words}`),
          ...problems.map(({ line, reason }) => `line ${line}: not understood: ${reason}`),
        ];
        if (to !== undefined) writeWhole(around.pathOf(to), to, fileOf(site));
        around.say(json ? `${JSON.stringify({ understood, problems }, null, 2)}\n` : `${lines.join('\n')}\n`);
        return problems.length === 0 ? FOUND_NOTHING : FOUND_SOMETHING;
      }),
    );
