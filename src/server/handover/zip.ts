import { zipSync, type Zippable } from 'fflate';
import type { Db } from '../db/open';
import { renderedSite } from './rendered';
import { fileBytes } from './sources';

/** Files bear no date of their own, so that the same site gives the same archive; this is the earliest that ZIP knows. */
const NO_DATE = new Date(1980, 0, 1);

/** The whole site as a ZIP archive; null when there is no such site. */
export async function siteZip(db: Db, id: string): Promise<Uint8Array | null> {
  const files = await renderedSite(db, id);
  if (!files) return null;
  const entries = [...files.values()].map((file): [string, Zippable[string]] => [
    file.path,
    [fileBytes(db, file), { mtime: NO_DATE }],
  ]);
  return zipSync(Object.fromEntries(entries));
}
