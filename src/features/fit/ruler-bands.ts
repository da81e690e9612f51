import { breakpointLimits, NARROWEST, WIDEST, type Band } from '@/core/bands/band';
import type { RulerBand } from '@/ui/ruler/model';

/** The widths of the viewport that a ruler shows, in CSS px. */
export const RULER_SCALE = { from: NARROWEST, to: WIDEST };

/** The bands of a site on a ruler, with how far their lower edges may be moved. */
export function rulerBands(bands: readonly Band[]): RulerBand[] {
  return bands.map((band, index) => {
    const limits = breakpointLimits(bands, band.id);
    return {
      id: band.id,
      name: band.name,
      from: Math.max(band.from, NARROWEST),
      to: bands[index - 1]?.from ?? WIDEST,
      edge: limits && { ...limits, below: bands[index + 1]!.name },
    };
  });
}
