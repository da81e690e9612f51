import * as v from 'valibot';
import { idSchema } from '../properties/id';
import { nameSchema } from './name';

/** The picture formats that artwork may have, with the ending of its file. */
export const artworkTypes = {
  'image/svg+xml': 'svg',
  'image/png': 'png',
  'image/webp': 'webp',
  'image/jpeg': 'jpg',
} as const;
export type ArtworkType = keyof typeof artworkTypes;

/** A piece of artwork. Its bytes are kept beside the document, under their hash (SHA-256, hex). */
export const artworkSchema = v.strictObject({
  id: idSchema,
  name: nameSchema,
  type: v.picklist(Object.keys(artworkTypes) as ArtworkType[], 'Artwork is SVG, PNG, WebP or JPEG.'),
  /** Natural size in CSS px. */
  width: v.pipe(v.number(), v.minValue(1), v.maxValue(20000)),
  height: v.pipe(v.number(), v.minValue(1), v.maxValue(20000)),
  /** Alternative text; empty stands for the site's name. */
  alt: v.pipe(v.string(), v.maxLength(200, 'An alternative text has at most 200 characters.')),
  hash: v.pipe(v.string(), v.regex(/^[0-9a-f]{64}$/, 'A hash is 64 hexadecimal digits.')),
});
export type Artwork = v.InferOutput<typeof artworkSchema>;
