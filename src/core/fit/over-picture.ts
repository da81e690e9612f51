import { lengthAt, type Length } from '../lengths/formula';
import { NARROWEST } from '../bands/band';
import type { ScrimForm } from '../colour/picture-contrast';
import type { Id } from '../ids/id';
import { resolveAssembly, type SettledBar } from '../resolve/assembly';
import type { Assembly } from '../site/assembly';
import { STAND_IN_PICTURE } from '../site/page-stand-in';
import { rgbCss } from '../colour/contrast';
import { barLayer, seenInBar } from '../resolve/ground-set';
import { inkOf } from '../resolve/state-look';
import { seenColour } from '../site/seen-colour';
import type { Site } from '../site/site';
import { bandEnd, barHeights, heldBars } from './heights';
import type { Circumstances } from './circumstances';

/** A bar of a header at the top of a page, with the part of the first section’s picture that is behind it. */
export interface OverPicture {
  band: Id;
  bar: Id;
  /** The viewport and the picture in it, in CSS px: the picture fills this, cut off where it does not have its form. */
  width: number;
  pictureHeight: number;
  /** The rows of the picture behind the bar, and among them those behind its content. */
  rows: readonly [from: number, to: number];
  textRows: readonly [from: number, to: number];
  /** The colour of the text, as CSS. */
  ink: string;
  /** What the bar itself lays over the picture, as CSS; null for nothing. */
  scrim: { form: ScrimForm; colour: string } | null;
}

function scrimOf(site: Site, { values }: SettledBar): OverPicture['scrim'] {
  if (values.tint !== 'none' && values.tintTowards === 'top')
    return { form: 'gradient', colour: seenColour(site, values.tint as Id) };
  const layer = barLayer(site, values);
  return layer === null ? null : { form: 'flat', colour: rgbCss(layer) };
}

/**
 * What of a header lies over the picture of a page’s first section before it is scrolled, band by band, at the widest viewport
 * of each (that of the ruler for the widest): bars with a picture of their own are left out.
 */
export function barsOverPicture(today: Circumstances, header: Assembly): OverPicture[] {
  const { site } = today;
  return site.bands.flatMap(({ id: band }) => {
    const settled = resolveAssembly(site, 'headers', header, band);
    if (settled.values.lies !== 'over' || settled.values.stands !== 'top') return [];
    const width = Math.max(NARROWEST, bandEnd(site, band));
    const heights = barHeights(today, settled, band, width);
    let from = 0;
    return heldBars(settled.bars).flatMap((bar): OverPicture[] => {
      const height = Math.round(heights.get(bar.id) ?? 0);
      const rows = [from, Math.min(from + height, STAND_IN_PICTURE)] as const;
      from += height;
      if (height === 0 || rows[0] >= rows[1] || bar.values.picture !== null) return [];
      const padding = Math.min(lengthAt(bar.values.padding as Length, width), Math.floor(height / 2) - 1);
      return [
        {
          band,
          bar: bar.id,
          width,
          pictureHeight: STAND_IN_PICTURE,
          rows,
          textRows: [padding, rows[1] - rows[0] - padding],
          ink: seenInBar(site, bar.values, inkOf(bar.values)),
          scrim: scrimOf(site, bar),
        },
      ];
    });
  });
}
