import * as v from 'valibot';
import { idSchema } from '../ids/id';
import { hashSchema } from './hash';
import { nameSchema } from './name';

/** The least and the most that a side of artwork measures, in CSS px. */
export const ARTWORK_SIDES = { least: 1, most: 20000 };

/** The picture formats that artwork may have, with the ending of its file. */
export const artworkTypes = {
  'image/svg+xml': 'svg',
  'image/png': 'png',
  'image/webp': 'webp',
  'image/jpeg': 'jpg',
} as const;
export type ArtworkType = keyof typeof artworkTypes;

export const altSchema = v.pipe(
  v.string(),
  v.trim(),
  v.maxLength(200, 'An alternative text has at most 200 characters.'),
);

/** A piece of artwork. Its bytes are kept beside the document. */
export const artworkSchema = v.strictObject({
  id: idSchema,
  name: nameSchema,
  type: v.picklist(Object.keys(artworkTypes) as ArtworkType[], 'Artwork is SVG, PNG, WebP or JPEG.'),
  /** Natural size in CSS px. */
  width: v.pipe(v.number(), v.minValue(ARTWORK_SIDES.least), v.maxValue(ARTWORK_SIDES.most)),
  height: v.pipe(v.number(), v.minValue(ARTWORK_SIDES.least), v.maxValue(ARTWORK_SIDES.most)),
  bytes: v.pipe(v.number(), v.integer(), v.minValue(1)),
  /** Alternative text; empty stands for the site’s name. */
  alt: altSchema,
  hash: hashSchema,
});
export type Artwork = v.InferOutput<typeof artworkSchema>;
