import { readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { readArchive } from '@/core/formats/website/archive';
import { readFolder } from '@/core/formats/website/folder';
import { readWebsite, type WebsiteReading } from '@/core/formats/website/read-website';
import { CouldNot, type Surroundings } from './command';
import { checkedSize, textOnDisk } from './text-on-disk';

/** The most files of a folder that are read. */
const MOST_FILES = 5000;

function folderOnDisk(around: Surroundings, typed: string): WebsiteReading {
  const names = readdirSync(around.pathOf(typed), { recursive: true, encoding: 'utf8' }).filter((name) =>
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
  return readWebsite(found.home.text, found.folder);
}

/** Reads a website: of a page, or of a folder of pages as it is or as a zip; throws with why it cannot be had. */
export function websiteOnDisk(around: Surroundings, typed: string): WebsiteReading {
  const at = around.pathOf(typed);
  if (statSync(at, { throwIfNoEntry: false })?.isDirectory()) return folderOnDisk(around, typed);
  if (!/\.zip$/i.test(typed)) return readWebsite(textOnDisk(around, typed));
  return checkedSize(around, typed, (path) => readArchive(readFileSync(path)));
}
