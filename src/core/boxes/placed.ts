import type { Id } from '../ids/id';

/** A rectangle in CSS px, from the top left corner of what it stands in. */
export interface Place {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** A box where it stands, from the corner of the box around it, with all that is in it. */
export interface PlacedBox extends Place {
  at: string | null;
  id?: Id;
  /** How far its first line’s baseline lies below its top; null where it has none. */
  baseline: number | null;
  of: readonly PlacedBox[];
  /** The lines of a text, each as high as its font. */
  lines?: readonly Place[];
  /** How many letters its lines have together. */
  letters?: number;
  /** Whether its lines run from top to bottom. */
  turned?: boolean;
}

/** A box where it stands in what is around it; name by name, since engines copy things of several shapes slowly. */
export function moved(box: PlacedBox, x: number, y: number): PlacedBox {
  const { at, id, width, height, baseline, of, lines, letters, turned } = box;
  return { at, id, x, y, width, height, baseline, of, lines, letters, turned };
}

/** How far the baseline of a box lies below its top; of one that has no text, its bottom edge (CSS Align 3, 9.1). */
export const baselineOf = ({ baseline, height }: PlacedBox) => baseline ?? height;

/** A box whose lines run from top to bottom, the first of them at the right (CSS Writing Modes 4, `vertical-rl`). */
export function turned(placed: PlacedBox): PlacedBox {
  const inside = <T extends Place>(each: T): T => ({
    ...each,
    x: placed.height - each.y - each.height,
    y: each.x,
    width: each.height,
    height: each.width,
  });
  return {
    ...placed,
    width: placed.height,
    height: placed.width,
    baseline: null,
    of: placed.of.map((each) => ({ ...turned(each), ...position(inside(each)) })),
    ...(placed.lines ? { lines: placed.lines.map(inside) } : {}),
  };
}

const position = ({ x, y }: Place) => ({ x, y });

/** What is in a box as it stands once the box is rotated by 180 degrees. */
export function rotated(placed: PlacedBox): PlacedBox {
  const around = <T extends Place>(each: T): T => ({
    ...each,
    x: placed.width - each.x - each.width,
    y: placed.height - each.y - each.height,
  });
  return {
    ...placed,
    of: placed.of.map((each) => around(rotated(each))),
    ...(placed.lines ? { lines: placed.lines.map(around) } : {}),
  };
}

/** A placed box, and all that is in it, as they stand where lines run from right to left. */
export function mirrored(placed: PlacedBox, upright = placed.turned ?? false): PlacedBox {
  // Lines that run from top to bottom begin at the bottom then.
  const other = <T extends Place>(each: T): T =>
    upright
      ? { ...each, y: placed.height - each.y - each.height }
      : { ...each, x: placed.width - each.x - each.width };
  return {
    ...placed,
    of: placed.of.map((each) => other(mirrored(each, upright || each.turned))),
    ...(placed.lines ? { lines: placed.lines.map(other) } : {}),
  };
}

/** A placed box, and where it stands. */
export interface StandingBox {
  box: PlacedBox;
  place: Place;
}

/** A placed box and all that is in it, each with where it stands in what the outermost stands in. */
export function everyBox(outermost: PlacedBox, x = 0, y = 0): StandingBox[] {
  const all: StandingBox[] = [];
  const walk = (box: PlacedBox, left: number, above: number): void => {
    const place = { x: left + box.x, y: above + box.y, width: box.width, height: box.height };
    all.push({ box, place });
    for (const each of box.of) walk(each, place.x, place.y);
  };
  walk(outermost, x, y);
  return all;
}
