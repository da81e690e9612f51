import { strFromU8, unzipSync, type UnzipFileInfo } from 'fflate';
import { megabytes } from '../../site/file-limits';
import { readFolder } from './folder';
import { readWebsite, type WebsiteReading } from './read-website';

/** The most bytes that the pages and stylesheets of an archive have when they are unpacked, and the most of them that are read. */
const MOST_UNPACKED = 64 * 1024 * 1024;
const MOST_FILES = 5000;

/** The files of an archive that are wanted; a reason in words where they are too many. */
function unpacked(
  archive: Uint8Array,
  isWanted: (name: string) => boolean,
): Record<string, Uint8Array> | string {
  let bytes = 0;
  let count = 0;
  const filter = ({ name, originalSize }: UnzipFileInfo) => {
    if (!isWanted(name)) return false;
    bytes += originalSize;
    count += 1;
    // What is too much is counted, and not unpacked.
    return bytes <= MOST_UNPACKED && count <= MOST_FILES;
  };
  try {
    const files = unzipSync(archive, { filter });
    if (bytes > MOST_UNPACKED)
      return `Its pages and stylesheets have ${megabytes(bytes)} MB; at most ${megabytes(MOST_UNPACKED)} MB are read.`;
    return count > MOST_FILES
      ? `It holds ${count} pages and stylesheets; at most ${MOST_FILES} are read.`
      : files;
  } catch (error) {
    return `It is no zip that can be read: ${(error as Error).message}.`;
  }
}

/** The path of a file that is named from another; null for an address elsewhere, or one that is none. */
function pathFrom(home: string, source: string): string | null {
  if (/^([a-z]+:|\/\/)/i.test(source)) return null;
  // Only the path is looked at, and nothing is fetched.
  try {
    const { pathname } = new URL(source, new URL(home, 'http://folder.example/'));
    return decodeURIComponent(pathname.slice(1));
  } catch {
    return null;
  }
}

/** Reads the website of an archive: its home page, the titles of its other pages, its stylesheets, and the file of its logo. */
export function readArchive(archive: Uint8Array): WebsiteReading {
  const files = unpacked(archive, (name) => /\.(html?|css)$/i.test(name));
  if (typeof files === 'string') return { ok: false, reason: files };
  const found = readFolder(Object.entries(files).map(([path, bytes]) => ({ path, text: strFromU8(bytes) })));
  if (!found) return { ok: false, reason: 'It holds no page: there is no file that ends in .html.' };
  const reading = readWebsite(found.home.text, found.folder);
  if (!reading.ok) return reading;
  const parts = reading.parts.map((part) => {
    const { logo } = part.gives;
    const path = logo ? pathFrom(found.home.path, logo.source) : null;
    const picture = path === null ? {} : unpacked(archive, (name) => name === path);
    const bytes = typeof picture === 'string' ? undefined : picture[path!];
    return logo && bytes ? { ...part, gives: { logo: { ...logo, bytes } } } : part;
  });
  return { ...reading, parts };
}
