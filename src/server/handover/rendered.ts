import { renderFiles, type SiteFile } from '@/core/render/files';
import type { Db } from '../db/open';
import { loadSite, type StoredSite } from '../sites/store';
import { measured } from '../text/measured';
import { runtimeScript } from './sources';

type FilesByPath = ReadonlyMap<string, SiteFile>;

/** Rendered files by the state that they were rendered from, which is a new object with every revision. */
const rendered = new WeakMap<StoredSite, FilesByPath>();

/** Every file of a site by its path; null when there is no such site. */
export async function renderedSite(db: Db, id: string): Promise<FilesByPath | null> {
  const stored = loadSite(db, id);
  if (!stored) return null;
  const known = rendered.get(stored);
  if (known) return known;
  const list = await measured(db, (advances) =>
    renderFiles(stored.site, runtimeScript(stored.site), advances),
  );
  const files = new Map(list.map((file) => [file.path, file]));
  rendered.set(stored, files);
  return files;
}
