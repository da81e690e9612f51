import { narrowest, times, total, widest, type Piecewise } from '../lengths/piecewise';
import { otherBox, type Box, type Measures, type Widths } from './box';
import { keptOfBoxes } from './kept';
import { heightOver } from './one-line';
import { inGrid, tracksOf } from './grid';
import { columnsOf, gridWidths, type Spanning } from './grid-widths';
import type { Size } from './layout';
import {
  besideOver,
  isGrid,
  isRow,
  marginsOf,
  marginsOver,
  ownSetting,
  settingIn,
  shownIn,
  sizeOver,
  type Setting,
} from './setting';

type Inner = Widths;

const same = (width: Piecewise): Inner => ({ preferred: width, least: width, ideal: width, wraps: false });

/** Each of the three widths made from those of others. */
function joined(parts: readonly Widths[], join: (widths: readonly Piecewise[]) => Piecewise): Inner {
  return {
    preferred: join(parts.map(({ preferred }) => preferred)),
    least: join(parts.map(({ least }) => least)),
    ideal: join(parts.map(({ ideal }) => ideal)),
    wraps: parts.some(({ wraps }) => wraps),
  };
}

function textWidths(box: Box, { type, breaks, measures }: Setting): Inner {
  const all = [type.weight, ...(box.reserves ?? [])].map((weight) => {
    const set = weight === undefined ? type : { ...type, weight };
    const preferred = measures.text(box.text!, set);
    return { preferred, least: breaks ? measures.widestWord(box.text!, set) : preferred };
  });
  const [first, ...others] = all;
  const preferred = widest(first!.preferred, ...others.map((each) => each.preferred));
  return {
    preferred,
    least: widest(first!.least, ...others.map((each) => each.least)),
    ideal: preferred,
    wraps: breaks,
  };
}

/** Beside each other, with the same gap between them. */
function rowWidths(box: Box, parts: readonly Widths[], setting: Setting): Inner {
  const { layout } = box;
  const none = setting.measures.px(0);
  const gap = sizeOver(layout.columnGap ?? layout.gap ?? 0, setting);
  const gaps = times(gap, Math.max(0, parts.length - 1));
  const sum = joined(parts, (widths) => total(gaps, ...widths));
  if (layout.flexWrap === 'wrap')
    return { ...sum, least: widest(none, ...parts.map(({ least }) => least)), wraps: true };
  const cells = parts.length > 0 && shownIn(box).every((each) => each.layout.flex === '1 1 0');
  if (!cells) return sum;
  const cell = widest(none, ...parts.map(({ preferred }) => preferred));
  return { ...sum, ideal: total(gaps, times(cell, parts.length)) };
}

/** What stands in a grid, with its widths. */
export function spanningIn(box: Box, setting: Setting): Spanning[] {
  const placed = inGrid(shownIn(box), tracksOf(box.layout).length);
  return placed.map(({ box: each, first, last, row }) => ({
    box: each,
    first,
    last,
    row,
    widths: widthsIn(each, setting),
  }));
}

/** What the columns of a grid need at least, up to one of them and with the gaps between them. */
export function leastUpTo(box: Box, last: number, setting: Setting): Piecewise {
  const { columns, gap } = columnsOf(box, spanningIn(box, setting), setting);
  return total(times(gap, last), ...columns.slice(0, last + 1).map(({ least }) => least));
}

function innerWidths(box: Box, setting: Setting): Inner {
  const { layout } = box;
  if (box.text !== undefined) return textWidths(box, setting);
  if (box.ratio !== undefined) {
    const height = layout.blockSize;
    const width = times(
      sizeOver(height === undefined || typeof height === 'string' ? 0 : height, setting),
      box.ratio,
    );
    return layout.maxInlineSize === '100%' ? { ...same(width), least: setting.measures.px(0) } : same(width);
  }
  const shown = shownIn(box);
  const of = (each: Box) => widthsIn(each, setting);
  if (isGrid(layout)) return gridWidths(box, spanningIn(box, setting), setting);
  const parts = shown.map(of);
  if (isRow(layout)) return rowWidths(box, parts, setting);
  const none = setting.measures.px(0);
  return joined(parts, (widths) => widest(none, ...widths));
}

/** Each of a box's widths changed alike. */
const each = (widths: Widths, change: (width: Piecewise) => Piecewise): Widths => ({
  ...joined([widths], ([width]) => change(width!)),
  wraps: widths.wraps,
});

/** Widths that are the same everywhere, over another span. */
function spread({ preferred, least, ideal, wraps }: Widths, px: Measures['px']): Widths {
  const over = (width: Piecewise) => px(width.values[0]!);
  const most = over(preferred);
  return {
    preferred: most,
    least: least === preferred ? most : over(least),
    ideal: ideal === preferred ? most : over(ideal),
    wraps,
  };
}

/** The widths of a box in others that set its text so, with its margins. */
export const widthsIn = keptOfBoxes(newWidths, spread);

function newWidths(box: Box, around: Setting): Widths {
  const setting = settingIn(around, box);
  if (box.turned) return same(heightOver(otherBox(box, { turned: false }), around));
  const over = (size: Size) => sizeOver(size, setting);
  const { inlineSize, minInlineSize, maxInlineSize } = box.layout;
  const beside = besideOver(box, setting);
  const sized = inlineSize !== undefined && typeof inlineSize !== 'string';
  let widths = sized
    ? same(widest(over(inlineSize), beside))
    : each(innerWidths(box, setting), (width) => total(width, beside));
  if (maxInlineSize !== undefined && typeof maxInlineSize !== 'string') {
    const most = over(maxInlineSize);
    widths = each(widths, (width) => narrowest(width, most));
  }
  if (minInlineSize !== undefined && minInlineSize !== 0) {
    const least = over(minInlineSize);
    widths = each(widths, (width) => widest(width, least));
  }
  if (marginsOf(box) === null) return widths;
  const room = marginsOver(box, around);
  return each(widths, (width) => total(width, room));
}

/** How wide a piece wants to be and has to be. */
export function widthsOf(box: Box, measures: Measures): Widths {
  return widthsIn(box, ownSetting(measures));
}
