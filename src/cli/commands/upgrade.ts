import { writeSiteFile } from '@/core/formats/site-file';
import { megabytes, MOST_SITE_FILE } from '@/core/site/file-limits';
import { CouldNot, FOUND_NOTHING, type CommandKind } from '../command';
import { siteOnDisk } from '../site-on-disk';
import { writeWhole } from '../written';

/** Writes a site file in the form of this version: in its place, or beside it. */
export const upgrade: CommandKind = (program, does) =>
  program
    .command('upgrade')
    .description('Brings a site file to the form of this version.')
    .argument('<site>', 'a site file (*.gable.json)')
    .option('--to <file>', 'where it is written, where that is not in its place')
    .action((file: string, { to = file }: { to?: string }) =>
      does(async (around) => {
        const { site, bytesOf } = siteOnDisk(around, file);
        const text = writeSiteFile(site, (hash) => bytesOf(hash).toString('base64'));
        if (Buffer.byteLength(text) > MOST_SITE_FILE)
          throw new CouldNot(
            `It would have more than ${megabytes(MOST_SITE_FILE)} MB, and could not be opened. Nothing was written.`,
          );
        writeWhole(around.pathOf(to), to, text);
        around.say(`${to} has the form of version ${site.version}.\n`);
        return FOUND_NOTHING;
      }),
    );
