import { readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { noFolder, readFolder, type FolderFile, type WebsiteFolder } from '@/core/formats/website/folder';
import { CouldNot, type Surroundings } from './command';
import { textOnDisk } from './text-on-disk';

/** The most files of a folder that are read. */
const MOST_FILES = 5000;

/** The page that is read of a file, or the home page of a folder with what else that tells; throws with the reason where there is none. */
export function pagesOnDisk(
  around: Surroundings,
  typed: string,
): { home: FolderFile; folder: WebsiteFolder } {
  const at = around.pathOf(typed);
  if (!statSync(at, { throwIfNoEntry: false })?.isDirectory())
    return { home: { path: typed, text: textOnDisk(around, typed) }, folder: noFolder };
  const names = readdirSync(at, { recursive: true, encoding: 'utf8' }).filter((name) =>
    /\.(html?|css)$/i.test(name),
  );
  if (names.length > MOST_FILES)
    throw new CouldNot(
      `${typed} holds ${names.length} pages and stylesheets; at most ${MOST_FILES} are read.`,
    );
  around.tell(`Reading ${names.length} files …`);
  const found = readFolder(
    names.map((name) => ({
      path: name.split(path.sep).join('/'),
      text: textOnDisk(around, path.join(typed, name)),
    })),
  );
  if (!found) throw new CouldNot(`${typed} holds no page: there is no file that ends in .html.`);
  return found;
}
