import { bandRange, NARROWEST, WIDEST } from '../bands/band';
import { ROOT_TEXT_PX } from '../lengths/length';
import type { Id } from '../ids/id';
import type { SettledAssembly, SettledBar } from '../resolve/assembly';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import type { Circumstances } from './circumstances';
import { placedAssembly } from './placed-assembly';

/** Circumstances as most visitors have them: the first language, the usual text size, on no page in particular. */
export function usually(site: Site, advances: Advances): Circumstances {
  return { site, advances, page: null, language: site.languages[0]!, root: ROOT_TEXT_PX };
}

/** The heights of the bars of a settled assembly in CSS px at a width of the viewport in a band; those that are hidden have none. */
export function barHeights(
  circumstances: Circumstances,
  assembly: SettledAssembly,
  band: Id,
  at: number,
): ReadonlyMap<Id, number> {
  const { of } = placedAssembly(circumstances, assembly, band, at);
  return new Map(of.map(({ id, height }) => [id!, height]));
}

/** How high all bars of a settled assembly are together, in CSS px at a width of the viewport in a band: below each other, or in one row. */
function wholeHeight(circumstances: Circumstances, assembly: SettledAssembly, band: Id, at: number): number {
  const heights = [...barHeights(circumstances, assembly, band, at).values()];
  return assembly.values.stands === 'row'
    ? Math.max(0, ...heights)
    : heights.reduce((sum, each) => sum + each, 0);
}

/**
 * How much of the window is above what hangs out of a header in a stage that holds down to a width, in CSS px at the usual text size: all
 * of the header, where it is highest.
 */
export function roomTaken(
  site: Site,
  advances: Advances,
  settled: SettledAssembly,
  { band, from }: { band: Id; from: number },
): number {
  return wholeHeight(usually(site, advances), settled, band, Math.max(from, NARROWEST));
}

/** The bars of a header that stay in sight with it: all from the first that stays to the last. */
export function heldBars(bars: readonly SettledBar[]): readonly SettledBar[] {
  const stays = bars.map(({ values }) => values.stays === 'stays');
  const first = stays.indexOf(true);
  return first < 0 ? [] : bars.slice(first, stays.lastIndexOf(true) + 1);
}

/** The widest viewport of a band, in CSS px; that of the ruler where the band has no end. */
export function bandEnd(site: Site, band: Id): number {
  return bandRange(site.bands, band).to ?? WIDEST;
}

/**
 * How much of the top of the window a settled header covers while the page is scrolled, in CSS px at a width of the viewport in a
 * band: nothing where it scrolls away or stands at the side.
 */
export function coveredHeight(
  circumstances: Circumstances,
  header: SettledAssembly,
  band: Id,
  at: number,
): number {
  const { scrolling, stands } = header.values;
  if (scrolling === 'leaves' || (stands !== 'row' && stands !== 'top')) return 0;
  const heights = barHeights(circumstances, header, band, at);
  if (stands === 'row') return Math.max(0, ...heights.values());
  return heldBars(header.bars).reduce((sum, { id }) => sum + (heights.get(id) ?? 0), 0);
}
