import type { Spot } from '../edit/pieces';
import type { Id } from '../ids/id';

/** Where something stands in a view, in CSS px of its page. */
export interface SeenBox {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** A bay in a view, with the pieces in it that are seen, in their order in the document. */
export interface SeenBay {
  bar: Id;
  bay: Id;
  box: SeenBox;
  pieces: readonly { id: Id; index: number; box: SeenBox }[];
  /** How many pieces the bay has, seen or not. */
  count: number;
}

/** Where a piece goes that is let go of, and the line that shows it: from the top to the bottom, or from the start to the end, of what it goes beside. */
export interface Drop {
  spot: Spot;
  line: SeenBox;
}

/**
 * The bays of a bar where they are in a view. Those in which nothing is are not on the page: each has its share of the gap between its
 * neighbours, or between one and the edge of the bar. In the order of the document, from the start to the end.
 */
export function placedBays(
  bar: SeenBox,
  bays: readonly (Omit<SeenBay, 'box'> & { box: SeenBox | null })[],
  rightToLeft: boolean,
): SeenBay[] {
  const left = rightToLeft ? [...bays].reverse() : bays;
  return left
    .map((bay, index): SeenBay => {
      if (bay.box) return { ...bay, box: bay.box };
      const before = left.slice(0, index).findLast(({ box }) => box !== null)?.box;
      const behind = left.slice(index).find(({ box }) => box !== null)?.box;
      const from = before ? before.x + before.width : bar.x;
      const to = behind ? behind.x : bar.x + bar.width;
      const first = left.slice(0, index).findLastIndex(({ box }) => box !== null) + 1;
      const last = left.findIndex(({ box }, at) => at > index && box !== null);
      const share = Math.max(0, to - from) / ((last === -1 ? left.length : last) - first);
      return {
        ...bay,
        box: { x: from + share * (index - first), y: bar.y, width: share, height: bar.height },
      };
    })
    .sort(
      (one, other) =>
        bays.findIndex(({ bay }) => bay === one.bay) - bays.findIndex(({ bay }) => bay === other.bay),
    );
}

const gap = (at: number, from: number, size: number) => Math.max(from - at, 0, at - from - size);
/** How far a point is from a box; 0 inside. */
const distance = (x: number, y: number, box: SeenBox) =>
  Math.hypot(gap(x, box.x, box.width), gap(y, box.y, box.height));

/** Whether two boxes stand below each other rather than side by side. */
const isBelow = (one: SeenBox, other: SeenBox) =>
  one.y + one.height <= other.y + 0.5 || other.y + other.height <= one.y + 0.5;

/** How wide and high an empty bay is at least to the hand, in CSS px. */
const EMPTY = 48;

/** Where a bay is reached: an empty one, which may have no extent at all, in some room around it. */
function reach({ box, pieces }: SeenBay): SeenBox {
  if (pieces.length > 0) return box;
  const [across, down] = [Math.max(EMPTY, box.width), Math.max(EMPTY, box.height)];
  return {
    x: box.x + (box.width - across) / 2,
    y: box.y + (box.height - down) / 2,
    width: across,
    height: down,
  };
}

const area = ({ width, height }: SeenBox) => width * height;

/** A box with one side of it as a line. */
function sideOf(box: SeenBox, side: 'left' | 'right' | 'top' | 'bottom'): SeenBox {
  const { x, y, width, height } = box;
  if (side === 'left' || side === 'right') return { x: side === 'left' ? x : x + width, y, width: 0, height };
  return { x, y: side === 'top' ? y : y + height, width, height: 0 };
}

/**
 * Where a piece goes, a new one where none is named, that is let go of at a point of a view: into the bay that is there or the nearest one, before or behind the
 * piece that is nearest in it, along the way in which they stand. The place is counted as if the moved piece were out already.
 * Null where there are no bays.
 */
export function dropAt(
  bays: readonly SeenBay[],
  moved: Id | null,
  { x, y, rightToLeft }: { x: number; y: number; rightToLeft: boolean },
): Drop | null {
  // Where several are as near, the smaller one is meant: the others are reached elsewhere too.
  const [nearest] = bays
    .map((each) => ({ each, far: distance(x, y, reach(each)), area: area(reach(each)) }))
    .sort((one, other) => one.far - other.far || one.area - other.area);
  if (!nearest) return null;
  const { bar, bay, box, pieces, count } = nearest.each;
  const own = pieces.find(({ id }) => id === moved);
  const others = pieces.filter(({ id }) => id !== moved);
  const beside = others.reduce<(typeof others)[number] | null>(
    (best, each) => (best === null || distance(x, y, each.box) < distance(x, y, best.box) ? each : best),
    null,
  );
  if (!beside)
    return { spot: { bar, bay, index: own ? 0 : count }, line: sideOf(box, rightToLeft ? 'right' : 'left') };
  const stacked = others.some((each) => each !== beside && isBelow(each.box, beside.box));
  const middle = stacked ? beside.box.y + beside.box.height / 2 : beside.box.x + beside.box.width / 2;
  const before = stacked ? y < middle : x < middle !== rightToLeft;
  const gone = own && own.index < beside.index ? 1 : 0;
  const side = stacked ? (before ? 'top' : 'bottom') : before !== rightToLeft ? 'left' : 'right';
  return {
    spot: { bar, bay, index: beside.index - gone + (before ? 0 : 1) },
    line: sideOf(beside.box, side),
  };
}
