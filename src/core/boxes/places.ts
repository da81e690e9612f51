import type { Piecewise } from '../lengths/piecewise';
import type { Id } from '../ids/id';
import type { Box, Measures } from './box';
import { inGrid, tracksOf } from './grid';
import type { Layout, Size } from './layout';
import {
  edgesOf,
  isGrid,
  isRow,
  marginsOf,
  ownSetting,
  paddingOf,
  settingIn,
  shownIn,
  sizeOver,
  type Setting,
} from './setting';
import { sizedTracks } from './tracks';
import { widthsIn } from './widths';

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
  /** Whether its lines run from top to bottom. */
  turned?: boolean;
}

/** What is measured at one width of the viewport. */
const number = (width: Piecewise) => width.values[0]!;

const size = (of: Size, setting: Setting) => number(sizeOver(of, setting));

function widths(box: Box, around: Setting): { preferred: number; least: number } {
  const { preferred, least } = widthsIn(box, around);
  return { preferred: number(preferred), least: number(least) };
}

/** What is around the inside of a box: at its start, above it, and on both sides together; in CSS px. */
function around(box: Box, setting: Setting) {
  const padding = paddingOf(box.layout);
  const [start, end, block] = [padding.start, padding.end, padding.block].map((each) =>
    size(each, setting),
  ) as [number, number, number];
  const lines = edgesOf(box);
  return {
    start: start + lines.start,
    above: block + lines.above,
    inline: start + end + lines.start + lines.end,
    block: 2 * block + lines.above + lines.below,
  };
}

/** The margins of a box at its start and its end, in CSS px. */
function margins(box: Box, around: Setting): { start: number; end: number } {
  const of = marginsOf(box);
  if (of === null) return { start: 0, end: 0 };
  const setting = settingIn(around, box);
  return { start: size(of.start, setting), end: size(of.end, setting) };
}

const moved = (box: PlacedBox, x: number, y: number): PlacedBox => ({ ...box, x, y });

/** How far the baseline of a box lies below its top; of one that has no text, its bottom edge (CSS Align 3, 9.1). */
const baselineOf = ({ baseline, height }: PlacedBox) => baseline ?? height;

/** Where things along a line begin, and how much more than the gap lies between them, for what is left free. */
function spread(
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
function across(
  box: PlacedBox,
  align: Layout['alignItems'],
  line: { height: number; baseline: number },
): number {
  if (align === 'center') return (line.height - box.height) / 2;
  if (align === 'end') return line.height - box.height;
  return align === 'baseline' ? line.baseline - baselineOf(box) : 0;
}

/** How narrow a box may get in a row: no narrower than what is in it, whatever width it was given (CSS Flexbox 1, 4.5). */
function leastInRow(box: Box, setting: Setting): number {
  const { least } = widths(box, setting);
  const { inlineSize, minInlineSize } = box.layout;
  // One that is said takes the place of what is in it.
  if (minInlineSize !== undefined) return size(minInlineSize, settingIn(setting, box));
  if (inlineSize === undefined || typeof inlineSize === 'string') return least;
  const content = { ...box, layout: { ...box.layout, inlineSize: undefined } };
  return Math.min(least, widths(content, setting).least);
}

/** What of a box's size it gives way by: that of its inside. */
function insideOf(box: Box, preferred: number, outside: Setting): number {
  const { start, end } = margins(box, outside);
  return Math.max(0, preferred - start - end - around(box, settingIn(outside, box)).inline);
}

/** The widths of what stands in a row, where it grows or gives way (CSS Flexbox 1, 9.7). */
function rowSizes(boxes: readonly Box[], room: number, whole: number, setting: Setting): number[] {
  const asked = boxes.map((each) => ({ ...widths(each, setting), least: leastInRow(each, setting) }));
  const cells = boxes.map(({ layout }) => layout.flex === '1 1 0');
  const base = asked.map(({ preferred }, index) => (cells[index] ? 0 : preferred));
  const hypothetical = asked.map(({ preferred, least }, index) => (cells[index] ? least : preferred));
  const grows = hypothetical.reduce((sum, each) => sum + each, 0) < room;
  const factor = boxes.map(({ layout }, index) => {
    if (grows) return cells[index] ? 1 : (layout.flexGrow ?? 0);
    return (layout.flexShrink ?? 1) * insideOf(boxes[index]!, base[index]!, setting);
  });
  const sizes = [...hypothetical];
  const open = new Set(boxes.map((_, index) => index).filter((index) => factor[index]! > 0));
  for (const index of open) sizes[index] = base[index]!;
  while (open.size > 0) {
    const sum = [...open].reduce((all, index) => all + factor[index]!, 0);
    const free = room - sizes.reduce((all, each, index) => all + (open.has(index) ? base[index]! : each), 0);
    const wanted = [...open].map((index) => ({ index, width: base[index]! + (free * factor[index]!) / sum }));
    const short = wanted.filter(({ index, width }) => width < asked[index]!.least - 1e-6);
    for (const { index, width } of wanted) sizes[index] = Math.max(width, asked[index]!.least);
    if (short.length === 0) break;
    for (const { index } of short) open.delete(index);
  }
  return sizes.map((each, index) => Math.min(each, mostOf(boxes[index]!, whole, setting)));
}

interface Content {
  of: PlacedBox[];
  width: number;
  height: number;
  baseline: number | null;
  lines?: readonly Place[];
}

/** A row of boxes, or several where it wraps; `height` is that of the room inside, where it has one. */
function placeRow(box: Box, room: number, height: number | null, setting: Setting): Content {
  const { layout } = box;
  const boxes = inOrder(shownIn(box));
  const gap = size(layout.columnGap ?? layout.gap ?? 0, setting);
  const lines: Box[][] = [];
  let filled = 0;
  for (const each of boxes) {
    const { preferred } = widths(each, setting);
    const fits = lines.length > 0 && (layout.flexWrap !== 'wrap' || filled + gap + preferred <= room + 1e-6);
    if (fits) lines.at(-1)!.push(each);
    else lines.push([each]);
    filled = fits ? filled + gap + preferred : preferred;
  }
  const of: PlacedBox[] = [];
  let y = 0;
  let baseline: number | null = null;
  const rows = lines.map((line) => {
    const sizes = rowSizes(line, room - gap * (line.length - 1), room, setting);
    const beside = line.map((each) => margins(each, setting));
    const widthOf = (index: number) => sizes[index]! - beside[index]!.start - beside[index]!.end;
    const placed = line.map((each, index) => placeIn(each, widthOf(index), setting));
    const alignOf = (each: Box) => each.layout.alignSelf ?? layout.alignItems ?? 'stretch';
    const onBaseline = placed.filter((_, index) => alignOf(line[index]!) === 'baseline');
    const above = Math.max(0, ...onBaseline.map(baselineOf));
    const below = Math.max(0, ...onBaseline.map((each) => each.height - baselineOf(each)));
    const needed = Math.max(above + below, ...placed.map((each) => each.height));
    return { line, sizes, beside, widthOf, placed, alignOf, onBaseline, above, needed };
  });
  const used = rows.reduce((sum, { needed }) => sum + needed, 0) + gap * Math.max(0, rows.length - 1);
  // Lines share what is left of a height (CSS Flexbox 1, 9.4, `align-content: stretch`).
  const more = height === null ? 0 : Math.max(0, height - used) / Math.max(1, rows.length);
  for (const { line, sizes, beside, widthOf, placed, alignOf, onBaseline, above, needed } of rows) {
    const high = rows.length === 1 && height !== null ? height : needed + more;
    const free = room - sizes.reduce((sum, each) => sum + each, 0) - gap * (line.length - 1);
    const { start, between } = spread(free, line.length, layout.justifyContent);
    let x = start;
    line.forEach((each, index) => {
      const align = alignOf(each);
      const own =
        align === 'stretch' && (each.layout.blockSize ?? 'auto') === 'auto'
          ? placeIn(each, widthOf(index), setting, high)
          : placed[index]!;
      const top = y + across(own, align, { height: high, baseline: above });
      of.push(moved(own, x + beside[index]!.start, top));
      if (baseline === null && (onBaseline.length === 0 ? index === 0 : align === 'baseline'))
        baseline = top + baselineOf(own);
      x += sizes[index]! + gap + between;
    });
    y += high + gap;
  }
  return { of, width: room, height: Math.max(0, y - gap), baseline };
}

/** The most that a box takes with its margins: without them no more than all of the room, where its layout says so. */
function mostOf(box: Box, room: number, outside: Setting): number {
  if (box.layout.maxInlineSize !== '100%') return Infinity;
  const { start, end } = margins(box, outside);
  return room + start + end;
}

/** How wide a box is that need not be as wide as there is room: as it prefers, as far as that fits (CSS Sizing 3, 5.1, "fit-content"). */
function fitted(box: Box, room: number, setting: Setting): number {
  const { preferred, least } = widths(box, setting);
  const width = Math.max(least, Math.min(preferred, room));
  return Math.min(width, mostOf(box, room, setting));
}

/** All the width that there is, up to the most that a box may take. */
function limited(box: Box, room: number, setting: Setting): number {
  const { maxInlineSize: most } = box.layout;
  return most === undefined || typeof most === 'string'
    ? room
    : Math.min(room, size(most, settingIn(setting, box)));
}

/** Boxes as their layouts order them. */
function inOrder(boxes: readonly Box[]): readonly Box[] {
  const order = ({ layout }: Box) => layout.order ?? 0;
  return boxes.some((each) => order(each) !== 0)
    ? [...boxes].sort((one, other) => order(one) - order(other))
    : boxes;
}

/** Whether a box has a width of its own, whatever room there is. */
const hasOwnWidth = ({ layout, ratio }: Box) =>
  ratio !== undefined ||
  (layout.inlineSize !== undefined && layout.inlineSize !== '100%' && layout.inlineSize !== 'auto');

/** Boxes below each other; `height` is that of the room inside, where it has one. */
function placeColumn(box: Box, room: number, height: number | null, setting: Setting): Content {
  const { layout } = box;
  const flexes = layout.display === 'flex' || layout.display === 'inline-flex';
  const gap = size(layout.gap ?? 0, setting);
  const boxes = inOrder(shownIn(box));
  const cells = boxes.map((each) => {
    const { alignSelf, marginInline } = each.layout;
    const align = marginInline === 'auto' ? 'center' : (alignSelf ?? layout.alignItems ?? 'stretch');
    const fits = flexes
      ? hasOwnWidth(each) || (align !== 'stretch' && marginInline !== 'auto')
      : hasOwnWidth(each) || each.layout.display?.startsWith('inline') === true;
    const beside = margins(each, setting);
    const width =
      (fits ? fitted(each, room, setting) : limited(each, room, setting)) - beside.start - beside.end;
    const free = room - width - beside.start - beside.end;
    const x = !flexes || align === 'stretch' || align === 'start' ? 0 : align === 'center' ? free / 2 : free;
    return { each, width, x: beside.start + (align === 'baseline' ? 0 : x) };
  });
  const placed = cells.map(({ each, width }) => placeIn(each, width, setting));
  const used = placed.reduce((sum, each) => sum + each.height, 0) + gap * Math.max(0, placed.length - 1);
  const growing = cells.filter(({ each }) => each.layout.flexGrow === 1).length;
  const more = flexes && height !== null && growing > 0 ? Math.max(0, height - used) / growing : 0;
  const of: PlacedBox[] = [];
  const centred = layout.alignContent === 'center' ? 'center' : 'normal';
  const free = height === null ? 0 : Math.max(0, height - used - more * growing);
  const { start, between } = spread(free, placed.length, flexes ? layout.justifyContent : centred);
  let y = start;
  cells.forEach(({ each, width, x }, index) => {
    const own = placed[index]!;
    const settled =
      more > 0 && each.layout.flexGrow === 1 ? placeIn(each, width, setting, own.height + more) : own;
    of.push(moved(settled, x, y));
    y += settled.height + gap + between;
  });
  const first = flexes ? of[0] : of.find(({ baseline }) => baseline !== null);
  return {
    of,
    width: room,
    height: used,
    baseline: first ? first.y + baselineOf(first) : null,
  };
}

/** Boxes in columns and rows. */
function placeGrid(box: Box, room: number, height: number | null, setting: Setting): Content {
  const { layout } = box;
  const tracks = tracksOf(layout);
  const placed = inGrid(shownIn(box), tracks.length);
  const gap = size(layout.columnGap ?? layout.gap ?? 0, setting);
  const rowGap = size(layout.gap ?? 0, setting);
  const asked = placed.map((each) => ({ ...each, ...widths(each.box, setting) }));
  const centred = layout.placeContent === 'center' || layout.alignContent === 'center';
  const packed = layout.placeContent === 'center' || (layout.justifyContent ?? 'normal') !== 'normal';
  const columns = sizedTracks(tracks, asked, room - gap * (tracks.length - 1), {
    size: (of) => size(of, setting),
    gap,
    stretches: !packed,
  });
  const used = columns.reduce((sum, each) => sum + each, 0) + gap * (tracks.length - 1);
  const { start } = spread(room - used, 1, layout.placeContent ?? layout.justifyContent);
  const left = (column: number) =>
    start + columns.slice(0, column).reduce((sum, each) => sum + each + gap, 0);
  const spanned = (first: number, last: number) =>
    columns.slice(first, last + 1).reduce((sum, each) => sum + each, 0) + gap * (last - first);
  const rows = Math.max(0, ...placed.map(({ row }) => row + 1));
  const cells = placed.map(({ box: each, first, last, row }) => {
    const cell = spanned(first, last);
    const justify = each.layout.justifySelf ?? layout.justifyItems ?? 'stretch';
    const stretches = justify === 'stretch' && !hasOwnWidth(each);
    const width = stretches ? cell : fitted(each, cell, setting);
    const x = left(first) + (justify === 'center' ? (cell - width) / 2 : 0);
    return { each, row, width, x, placed: placeIn(each, width, setting) };
  });
  const alignOf = ({ layout: own }: Box) => own.alignSelf ?? layout.alignItems ?? 'stretch';
  const lines = Array.from({ length: rows }, (_, row) => {
    const inRow = cells.filter((cell) => cell.row === row);
    const based = inRow.filter(({ each }) => alignOf(each) === 'baseline').map((cell) => cell.placed);
    const above = Math.max(0, ...based.map(baselineOf));
    const below = Math.max(0, ...based.map((each) => each.height - baselineOf(each)));
    return { above, needed: Math.max(above + below, ...inRow.map((cell) => cell.placed.height)) };
  });
  const heights = lines.map(({ needed }) => needed);
  const content = heights.reduce((sum, each) => sum + each, 0) + rowGap * Math.max(0, rows - 1);
  const over = height === null ? 0 : height - content;
  // Rows that are as their content share what is free, unless they are packed (CSS Grid 2, 12.8).
  if (over > 0 && !centred) heights.forEach((each, row) => (heights[row] = each + over / rows));
  const top = (row: number) =>
    (centred && over > 0 ? over / 2 : 0) +
    heights.slice(0, row).reduce((sum, each) => sum + each + rowGap, 0);
  const of = cells.map(({ each, row, width, x, placed: own }) => {
    const align = alignOf(each);
    const stretched =
      align === 'stretch' && (each.layout.blockSize ?? 'auto') === 'auto' && each.ratio === undefined
        ? placeIn(each, width, setting, heights[row]!)
        : own;
    const line = { height: heights[row]!, baseline: lines[row]!.above };
    return moved(stretched, x, top(row) + across(stretched, align, line));
  });
  const [first] = of;
  return {
    of,
    width: room,
    height: Math.max(content, height ?? 0),
    baseline: first ? first.y + baselineOf(first) : null,
  };
}

/** A text in lines, each as high as the style says, with its letters in the middle of it (CSS Inline 3, 5.1). */
function placeText(
  text: string,
  room: number,
  { measures, type, lineHeight, breaks, textAlign }: Setting,
): Content {
  const line = number(measures.line(type, lineHeight));
  const { ascent, descent } = measures.font(type);
  // Chromium halves what is left of the line in 64ths of a px, towards none, and takes the whole px below.
  const above = Math.floor(Math.trunc((line - ascent - descent) * 32) / 64);
  const lines = breaks ? measures.lines(text, room, type) : [number(measures.text(text, type))];
  return {
    of: [],
    width: room,
    height: line * lines.length,
    baseline: above + ascent,
    lines: lines.map((width, index) => {
      const x = textAlign === 'center' ? Math.max(0, room - width) / 2 : 0;
      return { x, y: index * line + above, width, height: ascent + descent };
    }),
  };
}

function contentOf(box: Box, room: number, height: number | null, setting: Setting): Content {
  const { layout } = box;
  if (box.text !== undefined) return placeText(box.text, room, setting);
  if (box.ratio !== undefined) return { of: [], width: room, height: room / box.ratio, baseline: null };
  if (isGrid(layout)) return placeGrid(box, room, height, setting);
  if (isRow(layout)) return placeRow(box, room, height, setting);
  return placeColumn(box, room, height, setting);
}

/** A box whose lines run from top to bottom, the first of them at the right (CSS Writing Modes 4, `vertical-rl`). */
function turned(placed: PlacedBox): PlacedBox {
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
function rotated(placed: PlacedBox): PlacedBox {
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

/** Places a box of a width, with its padding and line; and of a height, where it is stretched to one. */
function placeIn(box: Box, width: number, outside: Setting, stretched: number | null = null): PlacedBox {
  if (box.turned) {
    const plain = { ...box, turned: false };
    const placed = placeIn(plain, stretched ?? widths(plain, outside).preferred, outside, width);
    return { ...turned(placed), turned: true };
  }
  const setting = settingIn(outside, box);
  const { blockSize, minBlockSize = 0 } = box.layout;
  const edges = around(box, setting);
  const given =
    blockSize === undefined || typeof blockSize === 'string'
      ? stretched
      : Math.max(edges.block, size(blockSize, setting));
  const room = width - edges.inline;
  const content = (height: number | null) =>
    contentOf(box, room, height === null ? null : height - edges.block, setting);
  const asked = content(given);
  const least = size(minBlockSize, setting);
  const wanted = given ?? asked.height + edges.block;
  // What is at least so high has its content where a box of that height has it.
  const inside = least > wanted ? content(least) : asked;
  const shift = (each: Place) => ({ x: each.x + edges.start, y: each.y + edges.above });
  const placed = {
    at: box.at,
    ...(box.id === undefined ? {} : { id: box.id }),
    x: 0,
    y: 0,
    width,
    height: Math.max(least, wanted),
    baseline: inside.baseline === null ? null : inside.baseline + edges.above,
    of: inside.of.map((each) => ({ ...each, ...shift(each) })),
    ...(inside.lines ? { lines: inside.lines.map((line) => ({ ...line, ...shift(line) })) } : {}),
  };
  return box.rotated ? rotated(placed) : placed;
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

/** Places a piece at one width of the viewport, for which `measures` were made; as wide as is said, in CSS px. */
export function placeBox(
  box: Box,
  width: number,
  measures: Measures,
  height: number | null = null,
): PlacedBox {
  return placeIn(box, width, ownSetting(measures), height);
}
