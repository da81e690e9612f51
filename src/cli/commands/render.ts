import { renderFiles, type SiteFile } from '@/core/render/files';
import { fileBytes, runtimeScripts } from '@/server/handover/sources';
import { FOUND_NOTHING, type CommandKind } from '../command';
import { siteOnDisk, type SiteOnDisk } from '../site-on-disk';
import { writeFolder } from '../written';

function* bytesOfAll(files: readonly SiteFile[], { bytesOf }: SiteOnDisk): Generator<[string, Uint8Array]> {
  for (const file of files) yield [file.path, fileBytes(bytesOf, file)];
}

/** Writes the files of a site into a folder, as they are handed over. */
export const render: CommandKind = (program, does) =>
  program
    .command('render')
    .description('Writes the files of a site into a folder, as they are handed over.')
    .argument('<site>', 'a site file (*.gable.json)')
    .argument('<folder>', 'a folder that is not there yet, or is empty')
    .option('--replace', 'a folder that is there goes, with all that is in it')
    .action((file: string, folder: string, { replace }: { replace?: boolean }) =>
      does(async (around) => {
        const own = siteOnDisk(around, file);
        around.tell('Measuring texts, and rendering pages …');
        const files = await own.measured((advances) =>
          renderFiles(own.site, runtimeScripts(own.site), advances),
        );
        const count = writeFolder(around.pathOf(folder), folder, bytesOfAll(files, own), replace === true);
        around.say(`${count} files are in ${folder}.\n`);
        return FOUND_NOTHING;
      }),
    );
