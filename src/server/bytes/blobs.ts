import { eq } from 'drizzle-orm';
import type { Db } from '../db/open';
import { blobs } from '../db/schema';

/** Keeps bytes under their hash; those that are there already stay. */
export function keepBlob(db: Db, hash: string, bytes: Buffer): void {
  db.insert(blobs).values({ hash, bytes }).onConflictDoNothing().run();
}

/** The bytes under a hash; throws when there are none, since the document says that there are. */
export function blobBytes(db: Db, hash: string): Buffer {
  const row = db.select().from(blobs).where(eq(blobs.hash, hash)).get();
  if (!row) throw new Error(`No bytes are kept under ${hash}`);
  return row.bytes;
}

/** Whether bytes are kept under a hash. */
export function hasBlob(db: Db, hash: string): boolean {
  return db.select({ hash: blobs.hash }).from(blobs).where(eq(blobs.hash, hash)).get() !== undefined;
}
