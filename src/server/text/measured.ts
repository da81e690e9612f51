import { shippedFileNamed } from '@/core/brand/fonts';
import { textKey, type Advances } from '@/core/text/advances';
import type { FontSource } from '@/core/text/font-source';
import { shapeWith, type Shape } from '@/core/text/shaper';
import { blobBytes } from '../bytes/blobs';
import { asSfnt } from '../bytes/sfnt';
import type { Db } from '../db/open';
import { shippedFontBytes } from '../handover/sources';

/** The bytes of a font as plain OpenType or TrueType. */
export function sourceBytes(db: Db, { from, name }: FontSource): Promise<Buffer> {
  return asSfnt(from === 'upload' ? blobBytes(db, name) : shippedFontBytes(shippedFileNamed(name)!));
}

/** Fonts that were opened, by source, and what they were asked for; both stay as long as the server runs. */
const shapes = new Map<string, Shape>();
const known = new Map<string, number>();

/** Does some work with texts measured: where one was missing, its font is opened and the work done again. */
export async function measured<T>(db: Db, work: (advances: Advances) => T): Promise<T> {
  const missing = new Map<string, FontSource>();
  const advances: Advances = {
    of(source, text) {
      const key = textKey(source, text);
      const shape = shapes.get(textKey(source, ''));
      if (!known.has(key) && shape) known.set(key, shape(text));
      if (!known.has(key)) missing.set(textKey(source, ''), source);
      return known.get(key) ?? null;
    },
  };
  for (;;) {
    const done = work(advances);
    if (missing.size === 0) return done;
    const hb = await import('harfbuzzjs');
    for (const [key, source] of missing)
      shapes.set(key, shapeWith(hb, await sourceBytes(db, source), source.weight));
    missing.clear();
  }
}
