import { createHash, webcrypto } from 'node:crypto';
import { promisify } from 'node:util';
import {
  brotliCompress,
  brotliCompressSync,
  brotliDecompressSync,
  constants,
  type BrotliOptions,
} from 'node:zlib';
import { eq, sql } from 'drizzle-orm';
import type { Db } from '../db/open';
import { objects } from '../db/schema';

/** Bytes as they are kept: packed with Brotli (RFC 7932) or as they are, under the hash of what they are unpacked. */
export type KeptObject = typeof objects.$inferSelect;

/** Pages are packed to a tenth; the next levels make them 5 % smaller in three times the time. */
const LEVEL = 5;

const compressed = promisify<Buffer, BrotliOptions, Buffer>(brotliCompress);

/** The SHA-256 of bytes (hex), worked out on a thread of its own. */
export const hashOf = async (bytes: Buffer): Promise<string> =>
  Buffer.from(await webcrypto.subtle.digest('SHA-256', bytes)).toString('hex');

/** Bytes under their hash as an object; what is not text is packed already in its own way. */
export async function packedObject(hash: string, bytes: Buffer, isText: boolean): Promise<KeptObject> {
  const object = { hash, size: bytes.length };
  if (!isText) return { ...object, packing: 'none', bytes };
  const params = {
    [constants.BROTLI_PARAM_QUALITY]: LEVEL,
    [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
  };
  return { ...object, packing: 'br', bytes: await compressed(bytes, { params }) };
}

/** The level for a document, which is packed while its site is written to. */
const DOCUMENT_LEVEL = 3;

/** A document as an object. */
export function documentObject(document: unknown): KeptObject {
  const bytes = Buffer.from(JSON.stringify(document));
  const params = { [constants.BROTLI_PARAM_QUALITY]: DOCUMENT_LEVEL };
  return {
    hash: createHash('sha256').update(bytes).digest('hex'),
    size: bytes.length,
    packing: 'br',
    bytes: brotliCompressSync(bytes, { params }),
  };
}

/** Keeps objects in one transaction; those that are there already stay. */
export function keepObjects(db: Pick<Db, 'insert'>, list: readonly KeptObject[]): void {
  for (const object of list) db.insert(objects).values(object).onConflictDoNothing().run();
}

/** Whether there is an object under a hash. */
export const hasObject = (db: Db, hash: string): boolean =>
  db.select({ hash: objects.hash }).from(objects).where(eq(objects.hash, hash)).get() !== undefined;

/** An object as it is kept; throws when there is none, since something points to it. */
export function objectAt(db: Db, hash: string): KeptObject {
  const object = db.select().from(objects).where(eq(objects.hash, hash)).get();
  if (!object) throw new Error(`No object is kept under ${hash}`);
  return object;
}

/** The bytes of an object, unpacked. */
export const unpacked = ({ packing, bytes }: KeptObject): Buffer =>
  packing === 'br' ? brotliDecompressSync(bytes) : bytes;

/** Removes objects to which nothing points: those of a release that was stopped or removed, and documents of saved points that are gone. */
export function sweepObjects(db: Db): void {
  db.run(
    sql`delete from objects where hash not in (select hash from "releaseFiles" union select document from "savedPoints")`,
  );
}
