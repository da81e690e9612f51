import * as v from 'valibot';
import { mediaEm } from '../lengths/length';
import { idSchema } from '../ids/id';

/** A named range of viewport widths, from `from` CSS px up to the next wider band. The narrowest starts at 0. */
export const bandSchema = v.strictObject({
  id: idSchema,
  name: v.pipe(
    v.string(),
    v.trim(),
    v.minLength(1, 'A band needs a name.'),
    v.maxLength(40, 'A band’s name has at most 40 characters.'),
  ),
  from: v.pipe(
    v.number(),
    v.integer('A breakpoint is a whole number of px.'),
    v.minValue(0),
    v.maxValue(4000),
  ),
});
export type Band = v.InferOutput<typeof bandSchema>;

/** The narrowest viewport that is designed for, in CSS px (WCAG 2.2, 1.4.10 Reflow). */
export const NARROWEST = 320;
/**
 * How narrow a viewport is in `em` where the narrowest one is read at 200 % (WCAG 2.2, 1.4.4 Resize Text), in CSS px of the usual
 * text size: media queries follow the reader's own. What begins below the narrowest viewport begins for larger text only.
 */
export const NARROWEST_LARGER = NARROWEST / 2;
/** The widest viewport on the ruler, in CSS px. */
export const WIDEST = 1920;
/** The least extent of a band, in CSS px, so that each can be seen and taken hold of. */
const LEAST_BAND = 40;

/** Bands widest first; the narrowest starts at 0 and each is at least `LEAST_BAND` px. */
export const bandsSchema = v.pipe(
  v.array(bandSchema),
  v.minLength(1, 'A site needs at least one band.'),
  v.check((bands) => bands.at(-1)?.from === 0, 'The narrowest band has to start at 0 px.'),
  v.check(
    (bands) => new Set(bands.map((band) => band.id)).size === bands.length,
    'Two bands have the same id.',
  ),
  v.check(
    (bands) =>
      bands.every(
        (band, index) => index === 0 || bands[index - 1]!.from - Math.max(band.from, NARROWEST) >= LEAST_BAND,
      ),
    `Bands stand widest first, each at least ${LEAST_BAND} px wide, and the first breakpoint above ${NARROWEST} px.`,
  ),
);

/** The axis of bands for following: ids, widest first. */
export function bandChain(bands: readonly Band[]): string[] {
  return bands.map((band) => band.id);
}

/** The widths of a band in CSS px, both ends included; `to` is null for the widest band, which has no end. */
export function bandRange(bands: readonly Band[], id: string): { from: number; to: number | null } {
  const index = bands.findIndex((band) => band.id === id);
  if (index < 0) throw new Error(`No band ${id}`);
  return { from: bands[index]!.from, to: index === 0 ? null : bands[index - 1]!.from - 1 };
}

/** A band's widths in words, such as `≥ 1024`, `640–1023` or `< 640` (CSS px). */
export function bandRangeText(bands: readonly Band[], id: string): string {
  const { from, to } = bandRange(bands, id);
  if (to === null) return from === 0 ? 'every width' : `≥ ${from}`;
  return from === 0 ? `< ${to + 1}` : `${from}–${to}`;
}

/** The band that a viewport of this width (CSS px) is in. */
export function bandAt(bands: readonly Band[], width: number): Band {
  return bands.find((band) => width >= band.from) ?? bands.at(-1)!;
}

/** The limits between which the lower edge of a band may be moved, in CSS px; null for the narrowest band, which has none. */
export function breakpointLimits(bands: readonly Band[], id: string): { least: number; most: number } | null {
  const index = bands.findIndex((band) => band.id === id);
  const below = bands[index + 1];
  if (index < 0 || !below) return null;
  const above = bands[index - 1];
  return {
    least: Math.max(below.from, NARROWEST) + LEAST_BAND,
    most: (above ? above.from : WIDEST) - LEAST_BAND,
  };
}

/** The condition that the viewport is narrower than a width in CSS px: `(width < 64em)` (Media Queries 4, 2.4.3 range form). */
export function widthBelow(width: number): string {
  return `(width < ${mediaEm(width)})`;
}

/** The media query for viewports of these widths, and of at least a height, in CSS px at the usual text size; with no limit where that is null. */
export function withinWindow(from: number, below: number | null, height: number): string {
  const limits = [
    from > 0 ? `(width >= ${mediaEm(from)})` : null,
    below === null ? null : widthBelow(below),
    `(height >= ${mediaEm(height)})`,
  ];
  return `@media ${limits.filter((each) => each !== null).join(' and ')}`;
}

/** The media query for a band and all narrower ones: `@media (width < 64em)`. */
export function narrowerThan(width: number): string {
  return `@media ${widthBelow(width)}`;
}
