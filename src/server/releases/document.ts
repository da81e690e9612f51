import type { Site } from '@/core/site/site';
import type { Db } from '../db/open';
import { siteAtPoint } from '../sites/point-documents';
import { loadSite } from '../sites/store';
import { pointOfRelease } from './releases';

/** The document of a site as it stands, or as a release froze it; null where there is none. */
export function documentOf(db: Db, id: string, release: number | null): Site | null {
  if (release === null) return loadSite(db, id)?.site ?? null;
  const point = pointOfRelease(db, id, release);
  return point === null ? null : siteAtPoint(db, id, point);
}
