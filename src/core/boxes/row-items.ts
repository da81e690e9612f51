import { less, narrowest, times, total, widest, type Piecewise } from '../lengths/piecewise';
import { otherBox, type Box, type Measures } from './box';
import type { FlexItem } from './flex';
import { keptOfBoxes } from './kept';
import { besideOver, marginsOver, settingIn, sizeOver, type Setting } from './setting';
import { widthsIn } from './widths';

/** What stands in a row, over the viewport width; `within` are its margins and what is around its inside where it is no wider than the row, null where nothing limits it. */
export interface RowItem extends Pick<FlexItem, 'grows' | 'cell'> {
  preferred: Piecewise;
  least: Piecewise;
  gives: Piecewise;
  within: { margins: Piecewise; around: Piecewise } | null;
}

/** How narrow a box may get in a row: no narrower than what is in it, whatever width it was given (CSS Flexbox 1, 4.5). */
export function leastInRow(box: Box, setting: Setting): Piecewise {
  const { preferred, least } = widthsIn(box, setting);
  const { inlineSize, minInlineSize, flexShrink } = box.layout;
  if (flexShrink === 0) return preferred;
  // One that is said takes the place of what is in it, but not of its padding and its line (CSS Sizing 3, 3.3).
  if (minInlineSize !== undefined) {
    const inside = settingIn(setting, box);
    return total(widest(sizeOver(minInlineSize, inside), besideOver(box, inside)), marginsOver(box, setting));
  }
  if (inlineSize === undefined || typeof inlineSize === 'string') return least;
  const content = otherBox(box, { layout: { ...box.layout, inlineSize: undefined } });
  return narrowest(least, widthsIn(content, setting).least);
}

function newItem(box: Box, setting: Setting): RowItem {
  const { flex, flexGrow, flexShrink, maxInlineSize } = box.layout;
  const { preferred } = widthsIn(box, setting);
  const margins = marginsOver(box, setting);
  const none = times(preferred, 0);
  const around = besideOver(box, settingIn(setting, box));
  return {
    preferred,
    least: leastInRow(box, setting),
    gives: flexShrink === 0 ? none : widest(none, less(preferred, total(margins, around))),
    grows: flexGrow ?? 0,
    cell: flex === '1 1 0',
    within: maxInlineSize === '100%' ? { margins, around } : null,
  };
}

/** What is the same everywhere, over another span. */
function spread(item: RowItem, px: Measures['px']): RowItem {
  const over = (width: Piecewise) => px(width.values[0]!);
  const { preferred, least, gives, within } = item;
  return {
    ...item,
    preferred: over(preferred),
    least: over(least),
    gives: over(gives),
    within: within && { margins: over(within.margins), around: over(within.around) },
  };
}

/** A box as it shares what is left in a row. */
export const rowItem = keptOfBoxes(newItem, spread);

/** What stands in a row at a width, where the row has so much room in all. */
export function itemAt(item: RowItem, whole: number, at: (of: Piecewise) => number): FlexItem {
  const { within } = item;
  return {
    preferred: at(item.preferred),
    least: at(item.least),
    gives: at(item.gives),
    grows: item.grows,
    cell: item.cell,
    most: within === null ? Infinity : Math.max(whole, at(within.around)) + at(within.margins),
  };
}
