import { around, size, widths, type Content, type Inside } from './at-width';
import { otherBox, type Box, type Measures } from './box';
import { placeColumn } from './place-column';
import { placeGrid } from './place-grid';
import { placeRow } from './place-row';
import { placeText } from './place-text';
import { moved, rotated, turned, type PlacedBox } from './placed';
import { isGrid, isRow, ownSetting, settingIn, type Setting } from './setting';

function contentOf(inside: Inside): Content {
  const { box, room, setting } = inside;
  const { layout } = box;
  if (box.text !== undefined) return placeText(box, room, setting);
  if (box.ratio !== undefined) return { of: [], height: room / box.ratio, baseline: null };
  if (isGrid(layout)) return placeGrid(inside);
  return isRow(layout) ? placeRow(inside) : placeColumn(inside);
}

/** A box as it was placed, with how wide it was asked to be, and how high where it is stretched. */
interface Sized {
  width: number;
  stretched: number | null;
  placed: PlacedBox;
}

/** What was placed with the same measures; of what is the same at all widths of the viewport, with what these are made of. */
const placed = new WeakMap<object, WeakMap<object, Sized[]>>();

/** The most sizes of a box that are kept. */
const MOST_KEPT = 8;

function keptOf(box: Box, under: object, width: number, stretched: number | null): PlacedBox | undefined {
  const sizes = placed.get(under)?.get(box.kept ?? box);
  return sizes?.find((each) => each.width === width && each.stretched === stretched)?.placed;
}

function keep(box: Box, under: object, made: Sized): void {
  const all = placed.get(under) ?? new WeakMap<object, Sized[]>();
  placed.set(under, all);
  const sizes = all.get(box.kept ?? box);
  if (!sizes) all.set(box.kept ?? box, [made]);
  else if (sizes.push(made) > MOST_KEPT) sizes.shift();
}

/** Places a box of a width, with its padding and line; and of a height, where it is stretched to one. */
function placeIn(box: Box, width: number, outside: Setting, stretched: number | null = null): PlacedBox {
  const measures = box.measures ?? outside.measures;
  const { steadiness } = measures;
  if (!steadiness) return placeAnew(box, width, outside, stretched);
  const steady = keptOf(box, steadiness.basis, width, stretched);
  if (steady) return steady;
  const before = keptOf(box, measures, width, stretched);
  if (before) {
    steadiness.moved += 1;
    return before;
  }
  const { moved } = steadiness;
  const made = placeAnew(box, width, outside, stretched);
  keep(box, steadiness.moved === moved ? steadiness.basis : measures, { width, stretched, placed: made });
  return made;
}

/** Where the baseline of what is in a box lies below its top; within it where what sticks out is cut off (CSS Align 3, 9.1). */
function baselineIn({ layout }: Box, inside: number | null, above: number, height: number): number | null {
  if (inside === null) return null;
  return layout.overflow === 'hidden' ? Math.min(height, Math.max(0, inside + above)) : inside + above;
}

function placeAnew(box: Box, asked: number, outside: Setting, stretched: number | null): PlacedBox {
  if (box.turned) {
    const plain = otherBox(box, { turned: false });
    const placed = placeIn(plain, stretched ?? widths(plain, outside).preferred, outside, asked);
    return { ...turned(placed), turned: true };
  }
  const setting = settingIn(outside, box);
  const { blockSize, minBlockSize = 0, aspectRatio } = box.layout;
  const edges = around(box, setting);
  // Nothing is narrower than its padding and its line (CSS Sizing 3, 3.3).
  const width = Math.max(asked, edges.inline);
  const unsaid = aspectRatio ? (width * aspectRatio[1]) / aspectRatio[0] : stretched;
  const given =
    blockSize === undefined || typeof blockSize === 'string'
      ? unsaid
      : Math.max(edges.block, size(blockSize, setting));
  const room = width - edges.inline;
  const place: Inside['place'] = (each, wide, high) => placeIn(each, wide, setting, high);
  const content = (height: number | null) =>
    contentOf({ box, room, height: height === null ? null : height - edges.block, setting, place });
  const wished = content(given);
  const least = size(minBlockSize, setting);
  const wanted = given ?? wished.height + edges.block;
  // What is at least so high has its content where a box of that height has it.
  const inside = least > wanted ? content(least) : wished;
  const height = Math.max(least, wanted);
  const { start, above } = edges;
  const bare = start === 0 && above === 0;
  const placed: PlacedBox = {
    at: box.at,
    id: box.id,
    x: 0,
    y: 0,
    width,
    height,
    baseline: baselineIn(box, inside.baseline, above, height),
    of: bare ? inside.of : inside.of.map((each) => moved(each, each.x + start, each.y + above)),
    lines: bare
      ? inside.lines
      : inside.lines?.map((each) => ({ ...each, x: each.x + start, y: each.y + above })),
    letters: inside.letters,
    turned: undefined,
  };
  return box.rotated ? rotated(placed) : placed;
}

/** Places a piece at one width of the viewport, for which `measures` were made; as wide as is said, in CSS px. */
export function placeBox(
  box: Box,
  width: number,
  measures: Measures,
  height: number | null = null,
): PlacedBox {
  return placeIn(box, width, ownSetting(measures), height);
}
