import { handoverForms, type HandoverFormId } from '@/core/render/forms';
import type { SiteFile } from '@/core/render/files';
import { fileBytes, runtimeScripts } from '@/server/handover/sources';
import { FOUND_NOTHING, type CommandKind } from '../command';
import { siteOnDisk, type SiteOnDisk } from '../site-on-disk';
import { writeFolder } from '../written';

function* bytesOfAll(files: readonly SiteFile[], { bytesOf }: SiteOnDisk): Generator<[string, Uint8Array]> {
  for (const file of files) yield [file.path, fileBytes(bytesOf, file)];
}

/** A command that writes a site into a folder in a form. */
const writes =
  (command: string, form: HandoverFormId, about: string): CommandKind =>
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
            handoverForms[form].filesOf(own.site, runtimeScripts(own.site), advances),
          );
          const to = {
            at: around.pathOf(folder),
            typed: folder,
            mark: handoverForms[form].mark,
            replace: replace === true,
          };
          const count = writeFolder(to, bytesOfAll(files, own));
          around.say(`${count} files are in ${folder}.\n`);
          return FOUND_NOTHING;
        }),
      );

export const render = writes(
  'render',
  'website',
  'Writes the files of a site into a folder, as they are handed over.',
);

export const parts = writes(
  'parts',
  'parts',
  'Writes head, headers, drawers and footers into a folder as HTML, each once, with places for what differs by page.',
);

export const react = writes(
  'react',
  'react',
  'Writes headers, drawers and footers into a folder as components of React.',
);
