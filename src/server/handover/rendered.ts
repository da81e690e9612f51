import { renderFiles, type SiteFile } from '@/core/render/files';
import type { Db } from '../db/open';
import { loadSite, type StoredSite } from '../sites/store';
import { runtimeScript } from './sources';

type FilesByPath = ReadonlyMap<string, SiteFile>;

/** Rendered files by the state that they were rendered from, which is a new object with every revision. */
const rendered = new WeakMap<StoredSite, FilesByPath>();

/** Every file of a site by its path; null when there is no such site. */
export function renderedSite(db: Db, id: string): FilesByPath | null {
  const stored = loadSite(db, id);
  if (!stored) return null;
  const known = rendered.get(stored);
  if (known) return known;
  const files = new Map(renderFiles(stored.site, runtimeScript()).map((file) => [file.path, file]));
  rendered.set(stored, files);
  return files;
}
