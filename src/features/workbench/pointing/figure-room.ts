import type { FrameLine } from '@/frame/messages';
import { overlap, type Area } from './area';
import { runOf } from './run-of-line';

/** A point, or how far one is from another, in px of the screen. */
export interface Point {
  x: number;
  y: number;
}

/** A line with what is written at it. */
export interface Figured {
  line: FrameLine;
  figure: string;
}

/** How large a figure is, in px of the screen: so much for each of its characters and beside them. */
const CHARACTER = 6.3;
const BESIDE = 6;
const HEIGHT = 14;

/** Between a line and a figure beside it, in px of the screen. */
const APART = 2;

/** How much farther it is moved to make room, in px of the screen. */
const NEAR = 8;

const areaAround = ({ x, y }: Point, width: number): Area => ({
  left: x - width / 2,
  top: y - HEIGHT / 2,
  right: x + width / 2,
  bottom: y + HEIGHT / 2,
});

/** Where the middle of a figure may stand from the middle of its line, the likeliest first: at it, farther along it, beside it, and beyond its ends. */
function shiftsOf(line: FrameLine, width: number, scale: number): Point[] {
  const { upright, ...run } = runOf(line);
  const length = run.length * scale;
  const [along, across] = upright ? [HEIGHT, width] : [width, HEIGHT];
  const beside = across / 2 + APART;
  const beyond = (length + along) / 2 + APART;
  const end = (length - along) / 2;
  const slides = end > along ? [0, end / 2, -end / 2, end, -end] : [0, NEAR, -NEAR];
  // Across a line its figure stands on it; down a line beside it, so that it is not cut where that stands at an edge.
  const sides = upright ? [beside, -beside, 0] : [0, -beside, beside, -beside - NEAR, beside + NEAR];
  return sides.flatMap((side) =>
    [...slides, -beyond, beyond].map((slide) => (upright ? { x: side, y: slide } : { x: slide, y: side })),
  );
}

/** How far the ends of a line reach aside of it, in px of the screen. */
const ASIDE = 3;

/** What a line with its ends takes. */
function markOf([x1, y1, x2, y2]: FrameLine, scale: number): Area {
  return {
    left: Math.min(x1, x2) * scale - ASIDE,
    top: Math.min(y1, y2) * scale - ASIDE,
    right: Math.max(x1, x2) * scale + ASIDE,
    bottom: Math.max(y1, y2) * scale + ASIDE,
  };
}

/**
 * Where the figures of lines stand: the middle of each from the middle of its line, in px of the screen; null for one that finds no
 * room. They lie over nothing that is taken, no other line and no other figure; those before choose first.
 */
export function figurePlaces(
  figured: readonly Figured[],
  { scale, width, taken }: { scale: number; width: number; taken: readonly Area[] },
): (Point | null)[] {
  const marks = figured.map(({ line }) => markOf(line, scale));
  const others = [...taken];
  return figured.map(({ line, figure }, index) => {
    const wide = figure.length * CHARACTER + BESIDE;
    const { middle } = runOf(line);
    const areaAt = ({ x, y }: Point) =>
      areaAround({ x: middle.x * scale + x, y: middle.y * scale + y }, wide);
    const hasRoom = (area: Area) =>
      area.top >= 0 &&
      area.left >= 0 &&
      area.right <= width * scale &&
      !others.some((other) => overlap(area, other)) &&
      !marks.some((mark, nth) => nth !== index && overlap(area, mark));
    const place = shiftsOf(line, wide, scale).find((shift) => hasRoom(areaAt(shift)));
    if (place) others.push(areaAt(place));
    return place ?? null;
  });
}
