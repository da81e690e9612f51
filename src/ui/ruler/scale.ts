/** The ruler's axis: a viewport width (CSS px) as a share of the ruler's length, and back. */
export interface RulerScale {
  from: number;
  to: number;
}

/** The place of a width on the ruler, in percent of its length; widths beyond its ends lie on them. */
export function percentOf(width: number, { from, to }: RulerScale): number {
  return (100 * (Math.min(Math.max(width, from), to) - from)) / (to - from);
}

/** The whole width (CSS px) at a place on the ruler that is `offset` from its start, of `length` px on the screen. */
export function widthAt(offset: number, length: number, { from, to }: RulerScale): number {
  const share = Math.min(Math.max(offset / length, 0), 1);
  return Math.round(from + share * (to - from));
}

/** Where a stretch of widths lies on the ruler, as a style. */
export function stretchStyle({ from, to }: { from: number; to: number }, scale: RulerScale) {
  const start = percentOf(from, scale);
  return { insetInlineStart: `${start}%`, inlineSize: `${percentOf(to, scale) - start}%` };
}
