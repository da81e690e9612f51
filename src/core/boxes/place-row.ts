import {
  across,
  around,
  inOrder,
  isStretched,
  lineHeight,
  margins,
  mostOf,
  size,
  spread,
  widths,
  type Content,
  type Inside,
} from './at-width';
import type { Box } from './box';
import { baselineOf, moved, type PlacedBox } from './placed';
import { settingIn, shownIn, type Setting } from './setting';

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

/** Boxes in lines: all in one, or where they wrap, each line as long as there is room. */
function linesOf({ box, room, setting }: Inside, gap: number): Box[][] {
  const wraps = box.layout.flexWrap === 'wrap';
  const lines: Box[][] = [];
  let filled = 0;
  for (const each of inOrder(shownIn(box))) {
    const { preferred } = widths(each, setting);
    const fits = lines.length > 0 && (!wraps || filled + gap + preferred <= room + 1e-6);
    if (fits) lines.at(-1)!.push(each);
    else lines.push([each]);
    filled = fits ? filled + gap + preferred : preferred;
  }
  return lines;
}

/** A line of boxes with how wide each is, and how high the line has to be. */
function lineIn({ box: { layout }, room, setting, place }: Inside, line: readonly Box[], gap: number) {
  const free = room - gap * (line.length - 1);
  const sizes = rowSizes(line, free, room, setting);
  const items = line.map((each, index) => {
    const { start, end } = margins(each, setting);
    const width = sizes[index]! - start - end;
    const align = each.layout.alignSelf ?? layout.alignItems ?? 'stretch';
    return { each, start, width, taken: sizes[index]!, align, placed: place(each, width) };
  });
  const { above, needed } = lineHeight(items);
  return { items, above, needed, left: free - sizes.reduce((sum, each) => sum + each, 0) };
}

/** Boxes beside each other, in one row or in several where they wrap (CSS Flexbox 1, 9). */
export function placeRow(inside: Inside): Content {
  const { box, height, setting, place } = inside;
  const gap = size(box.layout.columnGap ?? box.layout.gap ?? 0, setting);
  const rows = linesOf(inside, gap).map((line) => lineIn(inside, line, gap));
  const used = rows.reduce((sum, { needed }) => sum + needed, 0) + gap * Math.max(0, rows.length - 1);
  // Lines share what is left of a height (CSS Flexbox 1, 9.4, `align-content: stretch`).
  const more = height === null ? 0 : Math.max(0, height - used) / Math.max(1, rows.length);
  const of: PlacedBox[] = [];
  let y = 0;
  for (const { items, above, needed, left } of rows) {
    const high = rows.length === 1 && height !== null ? height : needed + more;
    const { start, between } = spread(left, items.length, box.layout.justifyContent);
    let x = start;
    for (const item of items) {
      const stretches = item.align === 'stretch' && isStretched(item.each);
      const own = stretches ? place(item.each, item.width, high) : item.placed;
      const top = y + across(own, item.align, { height: high, baseline: above });
      of.push(moved(own, x + item.start, top));
      x += item.taken + gap + between;
    }
    y += high + gap;
  }
  const firsts = rows[0]?.items ?? [];
  const based = Math.max(
    0,
    firsts.findIndex(({ align }) => align === 'baseline'),
  );
  const first = of[based];
  return { of, height: Math.max(0, y - gap), baseline: first ? first.y + baselineOf(first) : null };
}
