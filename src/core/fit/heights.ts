import { bandRange, NARROWEST, WIDEST } from '../bands/band';
import { lengthAt, type Length } from '../lengths/formula';
import { ROOT_TEXT_PX } from '../lengths/length';
import type { Id } from '../ids/id';
import type { SettledAssembly, SettledBar } from '../resolve/assembly';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { ownBarLayouts } from '../resolve/bar-layouts';
import { placedAssembly, placedBar } from './assembly-boxes';
import { keptOfBar } from './kept-of-bar';
import { lineWidth } from './frame';
import type { Circumstances } from './circumstances';

/** Circumstances as most visitors have them: the first language, the usual text size, on no page in particular. */
export function usually(site: Site, advances: Advances): Circumstances {
  return { site, advances, page: null, language: site.languages[0]!, root: ROOT_TEXT_PX };
}

/** What of a bar decides how high it is, besides how wide things in it are and its least height, as one text. */
function heightSaid(site: Site, { values }: SettledBar): string {
  const { '': own, ...inside } = ownBarLayouts(values);
  const lines = [values.lineAbove, values.lineBelow].map((line) => lineWidth(site, line as Id | null));
  return JSON.stringify([own.paddingBlock, inside, values.across, lines]);
}

/** How high a bar is that stands in a row of its own: as high as what is in it, and at least as it says. */
function heightAlone(
  circumstances: Circumstances,
  assembly: SettledAssembly,
  bar: SettledBar,
  band: Id,
  at: number,
): number {
  if (bar.values.shown === 'hidden') return 0;
  const within = { band, span: { from: at, to: at }, tally: { complete: true } };
  const looked = { circumstances, phases: [assembly], bar: bar.id, within };
  const content = keptOfBar(
    looked,
    `height ${assembly.phase} ${heightSaid(circumstances.site, bar)}`,
    (own) => {
      const low = { ...bar, values: { ...bar.values, leastHeight: 0 } };
      return placedBar(circumstances, assembly, low, own).height;
    },
  );
  return Math.max(content, lengthAt(bar.values.leastHeight as Length, at));
}

/** The heights of the bars of a settled assembly in CSS px at a width of the viewport in a band; those that are hidden have none. */
export function barHeights(
  circumstances: Circumstances,
  assembly: SettledAssembly,
  band: Id,
  at: number,
): ReadonlyMap<Id, number> {
  const { kind, values, bars } = assembly;
  // In a row and at a side, bars are as high as what is beside them makes them.
  if (kind === 'drawers' || (kind === 'headers' && values.stands !== 'top')) {
    const { of } = placedAssembly(circumstances, assembly, band, at);
    return new Map(of.map(({ id, height }) => [id!, height]));
  }
  return new Map(bars.map((bar) => [bar.id, heightAlone(circumstances, assembly, bar, band, at)]));
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
