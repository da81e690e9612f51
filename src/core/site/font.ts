import * as v from 'valibot';
import { weightNames, type Weight } from '../brand/weights';
import { idSchema } from '../ids/id';
import { hashSchema } from './hash';
import { nameSchema } from './name';

/** The font formats that can be uploaded: the ending of a file, and its name in CSS `format()` (CSS Fonts 4, 11.1). */
export const fontFormats = {
  woff2: 'woff2',
  woff: 'woff',
  ttf: 'truetype',
  otf: 'opentype',
} as const;
export type FontFormat = keyof typeof fontFormats;

const weightSchema = v.picklist(Object.keys(weightNames) as Weight[], 'A weight from 100 to 900.');

/** An uploaded file of a family. Weight and slant were read from it; a variable one serves a range of weights. */
export const fontFileSchema = v.strictObject({
  hash: hashSchema,
  format: v.picklist(Object.keys(fontFormats) as FontFormat[], 'A font is WOFF2, WOFF, TTF or OTF.'),
  weights: v.strictTuple([weightSchema, weightSchema]),
  slant: v.picklist(['normal', 'italic'] as const),
  bytes: v.pipe(v.number(), v.integer(), v.minValue(1)),
});
export type FontFile = v.InferOutput<typeof fontFileSchema>;

/** A font family that was uploaded to the site, with its files. */
export const fontSchema = v.strictObject({
  id: idSchema,
  name: nameSchema,
  files: v.pipe(v.array(fontFileSchema), v.minLength(1, 'A family has at least one file.')),
});
export type UploadedFont = v.InferOutput<typeof fontSchema>;
