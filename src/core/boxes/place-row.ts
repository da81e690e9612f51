import {
  across,
  inOrder,
  isStretched,
  lineHeight,
  margins,
  number,
  size,
  spread,
  widths,
  type Content,
  type Inside,
} from './at-width';
import type { Box } from './box';
import { flexed } from './flex';
import { baselineOf, moved, type PlacedBox } from './placed';
import { itemAt, rowItem } from './row-items';
import { shownIn, type Setting } from './setting';

/** The widths of what stands in a row of so much room, of which `free` is left by the gaps. */
function rowSizes(boxes: readonly Box[], free: number, room: number, setting: Setting): number[] {
  return flexed(
    boxes.map((each) => itemAt(rowItem(each, setting), room, number)),
    free,
  );
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
      const own = stretches && item.placed.height !== high ? place(item.each, item.width, high) : item.placed;
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
