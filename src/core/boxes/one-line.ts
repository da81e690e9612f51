import { times, total, widest, type Piecewise } from '../lengths/piecewise';
import type { Box } from './box';
import { edgesOf, isGrid, isRow, paddingOf, settingIn, shownIn, sizeOver, type Setting } from './setting';

function inside(box: Box, setting: Setting): Piecewise {
  const { measures, type, lineHeight } = setting;
  if (box.text !== undefined) return measures.line(type, lineHeight);
  const heights = shownIn(box).map((each) => heightOver(each, setting));
  const none = measures.px(0);
  return isRow(box.layout) || isGrid(box.layout) ? widest(none, ...heights) : total(none, ...heights);
}

/** How high a box is with everything in it on one line, in CSS px over the viewport width. */
export function heightOver(box: Box, around: Setting): Piecewise {
  const setting = settingIn(around, box);
  const { blockSize, minBlockSize = 0 } = box.layout;
  const { above, below } = edgesOf(box);
  const least = sizeOver(minBlockSize, setting);
  if (blockSize !== undefined && typeof blockSize !== 'string')
    return widest(least, sizeOver(blockSize, setting));
  const padding = times(sizeOver(paddingOf(box.layout).block, setting), 2);
  return widest(least, total(inside(box, setting), padding, setting.measures.px(above + below)));
}
