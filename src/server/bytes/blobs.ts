import { and, eq, sql } from 'drizzle-orm';
import type { FileUse } from '@/core/site/file-limits';
import type { Db } from '../db/open';
import { blobKinds, blobs } from '../db/schema';

/** As what bytes are kept; each was looked at as that before it was. */
export type BlobKind = FileUse;

/** Keeps bytes under their hash, as what they were looked at; those that are there already stay. */
export function keepBlob(db: Db, kind: BlobKind, hash: string, bytes: Buffer): void {
  db.transaction((tx) => {
    tx.insert(blobs).values({ hash, bytes }).onConflictDoNothing().run();
    tx.insert(blobKinds).values({ hash, kind }).onConflictDoNothing().run();
  });
}

/** The bytes under a hash; null when there are none. */
export function foundBytes(db: Db, hash: string): Buffer | null {
  return db.select().from(blobs).where(eq(blobs.hash, hash)).get()?.bytes ?? null;
}

/** How many bytes are kept under a hash; 0 when none are. */
export function blobSize(db: Db, hash: string): number {
  const row = db
    .select({ size: sql<number>`length(${blobs.bytes})` })
    .from(blobs)
    .where(eq(blobs.hash, hash))
    .get();
  return row?.size ?? 0;
}

/** The bytes under a hash; throws when there are none, since the document says that there are. */
export function blobBytes(db: Db, hash: string): Buffer {
  const bytes = foundBytes(db, hash);
  if (!bytes) throw new Error(`No bytes are kept under ${hash}`);
  return bytes;
}

/** Where uploaded bytes are had, by their hash; throws when there are none, since the document says that there are. */
export type BytesOf = (hash: string) => Buffer;

export const bytesIn =
  (db: Db): BytesOf =>
  (hash) =>
    blobBytes(db, hash);

/** Why bytes cannot become part of a site as what is said; null when they can. */
export function blobProblem(db: Db, hash: string, kind: BlobKind): string | null {
  const known = db
    .select({ kind: blobKinds.kind })
    .from(blobKinds)
    .where(and(eq(blobKinds.hash, hash), eq(blobKinds.kind, kind)))
    .get();
  if (known) return null;
  return foundBytes(db, hash)
    ? 'The bytes of this file are kept, but were never looked at as what they are to be now. Upload the file again in this place.'
    : 'The bytes of this file are not kept here. Upload it again.';
}
