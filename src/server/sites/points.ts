import { and, desc, eq } from 'drizzle-orm';
import type { PointMade, SavedPoint } from '@/core/comparing/saved-point';
import type { Db } from '../db/open';
import { savedPoints } from '../db/schema';
import { documentObject, keepObjects } from '../objects/objects';
import { newId } from './new-id';

const { id, name, made, revision, at } = savedPoints;

const asPoint = (row: {
  id: string;
  name: string;
  made: PointMade;
  revision: number;
  at: Date;
}): SavedPoint => ({
  ...row,
  at: row.at.getTime(),
});

/** The saved points of a site, the last first. */
export function listPoints(db: Db, site: string): SavedPoint[] {
  return db
    .select({ id, name, made, revision, at })
    .from(savedPoints)
    .where(eq(savedPoints.site, site))
    .orderBy(desc(at), desc(revision))
    .all()
    .map(asPoint);
}

/** A saved point with the hash of its document; null when there is none. */
export function pointAt(db: Db, site: string, point: string): (SavedPoint & { document: string }) | null {
  const row = db
    .select({ id, name, made, revision, at, document: savedPoints.document })
    .from(savedPoints)
    .where(and(eq(savedPoints.site, site), eq(savedPoints.id, point)))
    .get();
  return row ? { ...row, at: row.at.getTime() } : null;
}

/** Keeps the document of a site, in whichever version it is, under a name. */
export function keepPoint(
  db: Pick<Db, 'insert'>,
  {
    site,
    document,
    ...said
  }: { site: string; document: unknown; name: string; made: PointMade; revision: number },
  now: Date,
): SavedPoint {
  const object = documentObject(document);
  const row = { ...said, id: newId(), at: now };
  keepObjects(db, [object]);
  db.insert(savedPoints)
    .values({ ...row, site, document: object.hash })
    .run();
  return asPoint(row);
}

/** Removes a saved point; its document goes when nothing else points to it. */
export function removePoint(db: Db, site: string, point: string): boolean {
  return (
    db
      .delete(savedPoints)
      .where(and(eq(savedPoints.site, site), eq(savedPoints.id, point)))
      .run().changes > 0
  );
}
