import { shippedFileNamed } from '@/core/brand/fonts';
import type { Advances } from '@/core/text/advances';
import type { FontSource } from '@/core/text/font-source';
import { measuring } from '@/core/text/measuring';
import { shapeWith } from '@/core/text/shaper';
import { bytesIn, type BytesOf } from '../bytes/blobs';
import { asSfnt } from '../bytes/sfnt';
import type { Db } from '../db/open';
import { shippedFontBytes } from '../handover/sources';

/** The bytes of a font as plain OpenType or TrueType. */
function sourceBytes(bytesOf: BytesOf, { from, name }: FontSource): Promise<Buffer> {
  return asSfnt(from === 'upload' ? bytesOf(name) : shippedFontBytes(shippedFileNamed(name)!));
}

/** What measures texts with the fonts that ship with the application, and with uploaded ones. */
export const measuringWith = (bytesOf: BytesOf) =>
  measuring(async (source) =>
    shapeWith(await import('harfbuzzjs'), await sourceBytes(bytesOf, source), source),
  );

/** What was measured with the fonts of a database; it stays as long as the server runs. */
const perDatabase = new WeakMap<Db, ReturnType<typeof measuring>>();

/** Does some work with texts measured: where one was missing, its font is opened and the work done again. */
export function measured<T>(db: Db, work: (advances: Advances) => T): Promise<T> {
  const kept = perDatabase.get(db) ?? measuringWith(bytesIn(db));
  perDatabase.set(db, kept);
  return kept(work);
}
