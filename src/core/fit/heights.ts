import { bandRange, WIDEST } from '../bands/band';
import type { LogoVersion } from '../brand/logo-versions';
import { pieceKind } from '../pieces';
import type { SettledPiece } from '../pieces/piece';
import { lengthAt, type Length } from '../lengths/formula';
import type { Division } from '../properties/kinds/division';
import type { Id } from '../ids/id';
import type { SettledAssembly, SettledBar, SettledBay } from '../resolve/assembly';
import { goesBelow } from '../resolve/places';
import type { Site } from '../site/site';
import { pieceSetting } from '../text/text-width';

/** The height of a piece that shows, in CSS px at a width of the viewport, with its texts on one line each; 0 for one that is hidden. */
function pieceHeight(site: Site, piece: SettledPiece, at: number): number {
  if (piece.values.shown !== 'shown') return 0;
  const kind = pieceKind(piece.kind);
  const typed = 'typeStyle' in piece.values;
  const { size, lineHeight } = typed ? pieceSetting(site, piece, { at }) : { size: 0, lineHeight: 0 };
  const artwork = ({ artwork: own, version }: Record<string, unknown>) =>
    site.artwork[
      (own as Id | null) ?? site.brand.logo[version as LogoVersion] ?? site.brand.logo.full ?? ''
    ] ?? null;
  const text = { size, line: size * lineHeight, at, artwork };
  return kind.height?.(piece.values, text) ?? text.line;
}

function lineWidth(site: Site, border: unknown): number {
  return border === null ? 0 : site.brand.borders[border as Id]!.value.width;
}

/** The height of what stands in a bar, in CSS px: the highest of its pieces, or in a stack all of them below each other. */
function contentHeight(site: Site, bar: SettledBar, at: number): number {
  const { bays, values } = bar;
  const inBay = ({ pieces }: SettledBay) =>
    pieces.map((piece) => pieceHeight(site, piece, at)).filter((height) => height > 0);
  const heights = bays.map(inBay).filter((held) => held.length > 0);
  const stacked = (parts: readonly number[], gap: unknown) =>
    parts.reduce((sum, part) => sum + part, 0) + Math.max(0, parts.length - 1) * lengthAt(gap as Length, at);
  if ((values.division as Division).by !== 'stack') {
    const beside = bays.filter((bay) => !goesBelow(bar, bay)).flatMap(inBay);
    const below = bays.filter((bay) => goesBelow(bar, bay)).map(inBay);
    return stacked(
      [beside, ...below].map((row) => Math.max(0, ...row)),
      values.bayGap,
    );
  }
  return stacked(
    heights.map((held) => stacked(held, values.pieceGap)),
    values.bayGap,
  );
}

/** The height of a bar in CSS px at a width of the viewport, as long as none of its texts wraps; 0 for one that is hidden. */
export function barHeight(site: Site, bar: SettledBar, at: number): number {
  const { shown, padding, leastHeight, lineAbove, lineBelow } = bar.values;
  if (shown === 'hidden') return 0;
  const around =
    2 * lengthAt(padding as Length, at) + lineWidth(site, lineAbove) + lineWidth(site, lineBelow);
  return Math.max(lengthAt(leastHeight as Length, at), around + contentHeight(site, bar, at));
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
 * How much of the top of the window a settled header covers while the page is scrolled, in CSS px at a width of the viewport:
 * nothing where it scrolls away or stands at the side.
 */
export function coveredHeight(site: Site, header: SettledAssembly, at: number): number {
  const { scrolling, stands } = header.values;
  if (scrolling === 'leaves') return 0;
  const heights = (bars: readonly SettledBar[]) => bars.map((bar) => barHeight(site, bar, at));
  if (stands === 'row') return Math.max(0, ...heights(header.bars));
  return stands === 'top' ? heights(heldBars(header.bars)).reduce((sum, height) => sum + height, 0) : 0;
}
