import { addressedPoint } from '@/core/comparing/saved-point';
import type { Site } from '@/core/site/site';
import type { Db } from '../db/open';
import { objectAt, unpacked } from '../objects/objects';
import { pointAt } from './points';
import { loadSite, readStored } from './store';
import { UnreadableSite } from './unreadable';

/** The most documents that are kept at hand; what is rendered of one is remembered with it. */
const MOST_KNOWN = 8;

const known = new Map<string, Site>();

/** A site as it was at a saved point, in the form of this version; null when there is no such point. Throws `UnreadableSite` when it cannot be read. */
export function siteAtPoint(db: Db, site: string, point: string): Site | null {
  const found = pointAt(db, site, point);
  if (!found) return null;
  const key = found.document;
  let document = known.get(key);
  if (!document) {
    const stored = JSON.parse(unpacked(objectAt(db, key)).toString('utf8')) as Record<string, unknown>;
    const reading = readStored(stored);
    if (!reading.ok) throw new UnreadableSite({ id: site, name: found.name }, reading.problems);
    document = reading.site;
  }
  // The one that was asked for last is the last to go.
  known.delete(key);
  known.set(key, document);
  if (known.size > MOST_KNOWN) known.delete(known.keys().next().value!);
  return document;
}

/** The site that an address of files names: as it stands, or as it was at a saved point; null when there is none. */
export function addressedSite(db: Db, address: string): Site | null {
  const { site, point } = addressedPoint(address);
  return point === null ? (loadSite(db, site)?.site ?? null) : siteAtPoint(db, site, point);
}
