import { and, asc, desc, eq, sql } from 'drizzle-orm';
import type { ListedFile } from '@/core/render/handover-news';
import type { Release } from '@/core/render/release-news';
import type { Db } from '../db/open';
import { hosting, objects, releaseFiles, releases, savedPoints } from '../db/schema';
import { sweepObjects } from '../objects/objects';

const ofRelease = (site: string, number: number) => and(eq(releases.site, site), eq(releases.number, number));

/** The releases of a site, the last first. */
export function listReleases(db: Db, site: string): Release[] {
  return db
    .select({
      number: releases.number,
      note: releases.note,
      revision: releases.revision,
      point: releases.point,
      at: releases.at,
      files: sql<number>`count(${releaseFiles.path})`,
      bytes: sql<number>`coalesce(sum(${objects.size}), 0)`,
    })
    .from(releases)
    .leftJoin(
      releaseFiles,
      and(eq(releaseFiles.site, releases.site), eq(releaseFiles.release, releases.number)),
    )
    .leftJoin(objects, eq(objects.hash, releaseFiles.hash))
    .where(eq(releases.site, site))
    .groupBy(releases.number)
    .orderBy(desc(releases.number))
    .all()
    .map((row) => ({ ...row, at: row.at.getTime() }));
}

/** Whether a site has a release of this number. */
export const hasRelease = (db: Db, site: string, number: number): boolean =>
  db.select({ number: releases.number }).from(releases).where(ofRelease(site, number)).get() !== undefined;

/** The saved point that was made before a release; null when there is no such release. */
export function pointOfRelease(db: Db, site: string, number: number): string | null {
  const row = db.select({ point: releases.point }).from(releases).where(ofRelease(site, number)).get();
  return row?.point ?? null;
}

/** The files of a release in their order, with their sizes. */
export function filesOf(db: Db, site: string, number: number): ListedFile[] {
  return db
    .select({
      path: releaseFiles.path,
      hash: releaseFiles.hash,
      bytes: objects.size,
      compressed: sql<number>`length(${objects.bytes})`,
      readable: releaseFiles.readable,
    })
    .from(releaseFiles)
    .innerJoin(objects, eq(objects.hash, releaseFiles.hash))
    .where(and(eq(releaseFiles.site, site), eq(releaseFiles.release, number)))
    .orderBy(asc(sql`"releaseFiles".rowid`))
    .all();
}

/** The hash of a file of a release; null when it has no such file. */
export function hashInRelease(db: Db, site: string, number: number, path: string): string | null {
  const row = db
    .select({ hash: releaseFiles.hash })
    .from(releaseFiles)
    .where(and(eq(releaseFiles.site, site), eq(releaseFiles.release, number), eq(releaseFiles.path, path)))
    .get();
  return row?.hash ?? null;
}

/** Removes a release with its files and its saved point; gives why that cannot be. */
export function removeRelease(db: Db, site: string, number: number): string | null {
  const row = db.select().from(releases).where(ofRelease(site, number)).get();
  if (!row) return 'This release is no longer there.';
  const live = db.select().from(hosting).where(eq(hosting.site, site)).get();
  if (live?.release === number)
    return `Release ${number} is live. Take it down, or publish another one, first.`;
  db.transaction((tx) => {
    tx.delete(releases).where(ofRelease(site, number)).run();
    tx.delete(savedPoints)
      .where(and(eq(savedPoints.site, site), eq(savedPoints.id, row.point)))
      .run();
  });
  sweepObjects(db);
  return null;
}
