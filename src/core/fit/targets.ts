import { everyBox, type Place, type PlacedBox } from '../boxes/placed';
import type { Id } from '../ids/id';
import { pieceKind } from '../pieces';
import type { SettledPiece } from '../pieces/piece';
import { settledPieces, type SettledAssembly } from '../resolve/assembly';
import type { Site } from '../site/site';
import { placedAssembly } from './placed-assembly';
import { dropDownsIn } from './drop-downs';
import type { Circumstances } from './circumstances';

/** Something that can be followed or pressed, where it stands; in CSS px. */
export interface PlacedTarget extends Place {
  piece: Id;
  /** The item that it shows; null for anything else. */
  item: Id | null;
  /** The selector of its box below its piece. */
  at: string;
}

/** Whether an item only names what stands below it, and leads nowhere itself. */
function leadsNowhere(site: Site, { values }: SettledPiece, item: Id | undefined): boolean {
  const menu = typeof values.menu === 'string' ? site.menus[values.menu] : undefined;
  return item !== undefined && menu?.items[item]?.link.to === 'nothing';
}

/** The targets among the boxes of a piece, or of what hangs out of it. */
function targetsOf(site: Site, piece: SettledPiece, own: PlacedBox, x = 0, y = 0): PlacedTarget[] {
  const { targets = [] } = pieceKind(piece.kind);
  return everyBox(own, x, y)
    .filter(({ box, place }) => box.at !== null && targets.includes(box.at) && place.width > 0)
    .filter(({ box }) => box.at === '' || !leadsNowhere(site, piece, box.id))
    .map(({ box, place }) => ({ ...place, piece: piece.id, item: (box.at && box.id) || null, at: box.at! }));
}

/** What can be followed or pressed in a placed assembly, from its own top left corner: links in running text are left out. */
export function targetsIn(site: Site, settled: SettledAssembly, placed: PlacedBox): PlacedTarget[] {
  const pieces = new Map(settledPieces(settled).map((piece) => [piece.id, piece]));
  const walk = (box: PlacedBox, x: number, y: number): PlacedTarget[] => {
    const piece = box.id === undefined ? undefined : pieces.get(box.id);
    return piece
      ? targetsOf(site, piece, box, x, y)
      : box.of.flatMap((each) => walk(each, x + box.x, y + box.y));
  };
  return walk(placed, 0, 0);
}

/**
 * Groups of what can be followed or pressed in a settled assembly at a width of the viewport, in CSS px, in that band: what stands in its
 * bars, and what each drop-down holds, as wide as it wants to be, from the corner of that.
 */
export function targetGroups(
  circumstances: Circumstances,
  settled: SettledAssembly,
  band: Id,
  at: number,
): PlacedTarget[][] {
  const { site } = circumstances;
  const placed = placedAssembly(circumstances, settled, band, at);
  const pieces = new Map(settledPieces(settled).map((piece) => [piece.id, piece]));
  const hanging = dropDownsIn(circumstances, settled, placed, at).map((dropDown) =>
    targetsOf(site, pieces.get(dropDown.piece)!, dropDown.placedAt(dropDown.width)),
  );
  return [targetsIn(site, settled, placed), ...hanging];
}

/** The least size of a target, or the least distance from the middle of a smaller one to others, in CSS px (WCAG 2.2, 2.5.8 Target Size (Minimum)). */
export const LEAST_TARGET = 24;

/** How near the middle of a target another thing is, in CSS px: nothing where it lies on it. */
function distanceTo({ x, y }: { x: number; y: number }, { width, height, ...corner }: Place): number {
  const off = (at: number, from: number, to: number) => Math.max(from - at, 0, at - to);
  return Math.hypot(off(x, corner.x, corner.x + width), off(y, corner.y, corner.y + height));
}

const middle = ({ x, y, width, height }: Place) => ({ x: x + width / 2, y: y + height / 2 });

/** What a browser draws the same, in CSS px. */
const SAME = 0.5;

const isSmall = ({ width, height }: Place) => Math.min(width, height) < LEAST_TARGET - SAME;

/** The targets that are too small, and too near to others: a circle of the least size in the middle of such a one meets another target, or the circle of another small one (WCAG 2.2, 2.5.8). */
export function crowded(targets: readonly PlacedTarget[]): PlacedTarget[] {
  const half = LEAST_TARGET / 2;
  return targets.filter((own) => {
    if (!isSmall(own)) return false;
    const at = middle(own);
    return targets.some((other) => {
      if (other === own) return false;
      const { x, y } = middle(other);
      const circles = Math.hypot(at.x - x, at.y - y) < LEAST_TARGET - SAME;
      return distanceTo(at, other) < half - SAME || (isSmall(other) && circles);
    });
  });
}
