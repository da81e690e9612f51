import type { Piecewise } from '../lengths/piecewise';
import type { Box } from './box';
import type { Layout, Size } from './layout';
import { baselineOf, type Place, type PlacedBox } from './placed';
import { edgesOf, marginsOf, paddingOf, settingIn, sizeOver, type Setting } from './setting';
import { widthsIn } from './widths';

/** The inside of a box that is filled: how wide it is, and how high, where it has a height of its own; in CSS px. */
export interface Inside {
  box: Box;
  room: number;
  height: number | null;
  setting: Setting;
  /** Places a box in it, as wide as is said, and as high where it is stretched. */
  place(box: Box, width: number, height?: number): PlacedBox;
}

/** What stands in a box, from the corner of its inside. */
export interface Content {
  of: PlacedBox[];
  height: number;
  baseline: number | null;
  lines?: readonly Place[];
  letters?: number;
}

/** What is measured at one width of the viewport. */
export const number = (width: Piecewise) => width.values[0]!;

export const size = (of: Size, setting: Setting) => (of === 0 ? 0 : number(sizeOver(of, setting)));

export function widths(box: Box, around: Setting): { preferred: number; least: number } {
  const { preferred, least } = widthsIn(box, around);
  return { preferred: number(preferred), least: number(least) };
}

/** What is around the inside of a box: at its start, above it, and on both sides together; in CSS px. */
export function around(box: Box, setting: Setting) {
  const padding = paddingOf(box.layout);
  const start = size(padding.start, setting);
  const end = size(padding.end, setting);
  const block = size(padding.block, setting);
  const lines = edgesOf(box);
  return {
    start: start + lines.start,
    above: block + lines.above,
    inline: start + end + lines.start + lines.end,
    block: 2 * block + lines.above + lines.below,
  };
}

/** The margins of a box at its start and its end, in CSS px. */
export function margins(box: Box, around: Setting): { start: number; end: number } {
  const of = marginsOf(box);
  if (of === null) return { start: 0, end: 0 };
  const setting = settingIn(around, box);
  return { start: size(of.start, setting), end: size(of.end, setting) };
}

/** Where things along a line begin, and how much more than the gap lies between them, for what is left free. */
export function spread(
  free: number,
  count: number,
  justify: Layout['justifyContent'],
): { start: number; between: number } {
  if (justify === 'center') return { start: free / 2, between: 0 };
  if (justify === 'end' || justify === 'flex-end') return { start: free, between: 0 };
  if (justify === 'space-between' && free > 0 && count > 1) return { start: 0, between: free / (count - 1) };
  return { start: 0, between: 0 };
}

/** Where a box stands across a line of some height. */
export function across(
  box: PlacedBox,
  align: Layout['alignItems'],
  line: { height: number; baseline: number },
): number {
  if (align === 'center') return (line.height - box.height) / 2;
  if (align === 'end') return line.height - box.height;
  return align === 'baseline' ? line.baseline - baselineOf(box) : 0;
}

/** The most that a box takes with its margins: without them no more than all of the room, where its layout says so, or than its padding and its line. */
function mostOf(box: Box, room: number, outside: Setting): number {
  if (box.layout.maxInlineSize !== '100%') return Infinity;
  const { start, end } = margins(box, outside);
  return Math.max(room, around(box, settingIn(outside, box)).inline) + start + end;
}

/** How wide a box is that need not be as wide as there is room: as it prefers, as far as that fits (CSS Sizing 3, 5.1, "fit-content"). */
export function fitted(box: Box, room: number, setting: Setting): number {
  const { preferred, least } = widths(box, setting);
  const width = Math.max(least, Math.min(preferred, room));
  return Math.min(width, mostOf(box, room, setting));
}

/** All the width that there is, up to the most that a box may take. */
export function limited(box: Box, room: number, setting: Setting): number {
  const { maxInlineSize: most } = box.layout;
  return most === undefined || typeof most === 'string'
    ? room
    : Math.min(room, size(most, settingIn(setting, box)));
}

/** Boxes as their layouts order them. */
export function inOrder(boxes: readonly Box[]): readonly Box[] {
  const order = ({ layout }: Box) => layout.order ?? 0;
  return boxes.some((each) => order(each) !== 0)
    ? [...boxes].sort((one, other) => order(one) - order(other))
    : boxes;
}

/** Whether a box has a width of its own, whatever room there is. */
export const hasOwnWidth = ({ layout, ratio }: Box) =>
  ratio !== undefined ||
  (layout.inlineSize !== undefined && layout.inlineSize !== '100%' && layout.inlineSize !== 'auto');

/** Whether a box is as high as the line that it stands in, where nothing else is said. */
export const isStretched = ({ layout, ratio }: Box) =>
  ratio === undefined && layout.aspectRatio === undefined && (layout.blockSize ?? 'auto') === 'auto';

/** How high a line of placed boxes has to be, and how far below its top their common baseline lies, in CSS px. */
export function lineHeight(items: readonly { align: Layout['alignItems']; placed: PlacedBox }[]): {
  needed: number;
  above: number;
} {
  const based = items.filter(({ align }) => align === 'baseline').map(({ placed }) => placed);
  const tallest = Math.max(0, ...items.map(({ placed }) => placed.height));
  if (based.length === 0) return { above: 0, needed: tallest };
  // A baseline may lie outside of its box, where what is in that sticks out of it (CSS Flexbox 1, 9.4).
  const above = Math.max(...based.map(baselineOf));
  const below = Math.max(...based.map((each) => each.height - baselineOf(each)));
  return { above, needed: Math.max(above + below, tallest) };
}
