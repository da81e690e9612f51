import { renderFiles, type SiteFile } from '@/core/render/files';
import { STYLESHEET } from '@/core/render/page/page';
import { partFiles, PLACES } from '@/core/render/places/part-files';
import { COMPONENTS_INDEX, reactFiles } from '@/core/render/react/react-files';
import { fileBytes, runtimeScripts } from '@/server/handover/sources';
import { FOUND_NOTHING, type CommandKind } from '../command';
import { siteOnDisk, type SiteOnDisk } from '../site-on-disk';
import { writeFolder } from '../written';

function* bytesOfAll(files: readonly SiteFile[], { bytesOf }: SiteOnDisk): Generator<[string, Uint8Array]> {
  for (const file of files) yield [file.path, fileBytes(bytesOf, file)];
}

/** A form in which a site is handed over as a folder. */
interface Form {
  command: string;
  about: string;
  filesOf: typeof renderFiles;
  /** A file that each such folder holds: one that has it was written by this, and may be written anew. */
  mark: string;
}

/** A command that writes a site into a folder in one form. */
const writes =
  ({ command, about, filesOf, mark }: Form): CommandKind =>
  (program, does) =>
    program
      .command(command)
      .description(about)
      .argument('<site>', 'a site file (*.gable.json)')
      .argument('<folder>', 'a folder that is not there yet, or is empty')
      .option('--replace', 'a folder that is there goes, with all that is in it')
      .action((file: string, folder: string, { replace }: { replace?: boolean }) =>
        does(async (around) => {
          const own = siteOnDisk(around, file);
          around.tell('Measuring texts, and rendering pages …');
          const files = await own.measured((advances) =>
            filesOf(own.site, runtimeScripts(own.site), advances),
          );
          const to = { at: around.pathOf(folder), typed: folder, mark, replace: replace === true };
          const count = writeFolder(to, bytesOfAll(files, own));
          around.say(`${count} files are in ${folder}.\n`);
          return FOUND_NOTHING;
        }),
      );

/** Writes the files of a site into a folder, as they are handed over. */
export const render = writes({
  command: 'render',
  about: 'Writes the files of a site into a folder, as they are handed over.',
  filesOf: renderFiles,
  mark: STYLESHEET,
});

/** Writes what is designed of a site as components of React. */
export const react = writes({
  command: 'react',
  about: 'Writes headers, drawers and footers as components of React into a folder.',
  filesOf: reactFiles,
  mark: COMPONENTS_INDEX,
});

/** Writes what is designed of a site as HTML in parts, with places for what differs from page to page. */
export const parts = writes({
  command: 'parts',
  about: 'Writes head, headers, drawers and footers as HTML in parts into a folder.',
  filesOf: partFiles,
  mark: PLACES,
});
