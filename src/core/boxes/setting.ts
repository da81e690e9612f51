import { times, total, type Piecewise } from '../lengths/piecewise';
import type { Box, Edges, Measures, SetOtherwise } from './box';
import type { Layout, Size } from './layout';

/** What a box has from those around it: how its text is set, and whether lines break in it. */
export interface Setting {
  measures: Measures;
  type: SetOtherwise;
  lineHeight?: Layout['lineHeight'];
  breaks: boolean;
  textAlign?: Layout['textAlign'];
}

/** What a piece begins with. */
export const ownSetting = (measures: Measures): Setting => ({
  measures,
  type: {},
  lineHeight: undefined,
  textAlign: undefined,
  breaks: true,
});

/** What a layout says of the texts in a box. */
const saysOfTexts = ({ fontSize, fontWeight, whiteSpace, lineHeight, textAlign }: Layout) =>
  (fontSize ?? fontWeight ?? whiteSpace ?? lineHeight ?? textAlign) !== undefined;

/** The setting inside of a box. */
export function settingIn(outside: Setting, { layout, type, measures }: Box): Setting {
  const around = measures ? ownSetting(measures.all()) : outside;
  if (type === undefined && !saysOfTexts(layout)) return around;
  return changedSetting(around, layout, type ?? {});
}

function changedSetting(around: Setting, layout: Layout, own: SetOtherwise): Setting {
  const { fontSize, fontWeight, whiteSpace } = layout;
  const { lineHeight = around.lineHeight, textAlign = around.textAlign } = layout;
  const outside = around.type;
  const { style = outside.style, heading = outside.heading, tabular = outside.tabular } = own;
  const { scale = outside.scale } = own;
  return {
    measures: around.measures,
    type: {
      weight: own.weight ?? fontWeight ?? outside.weight,
      scale: fontSize ? (outside.scale ?? 1) * fontSize.em : scale,
      style,
      heading,
      tabular,
    },
    lineHeight,
    textAlign,
    breaks: whiteSpace === undefined ? around.breaks : whiteSpace === 'normal',
  };
}

/** A size of a box, with its text set so, in CSS px over the viewport width. */
export function sizeOver(size: Size, { type, measures }: Setting): Piecewise {
  if (typeof size === 'number') return measures.length(size);
  if ('em' in size) return measures.em(size.em, type);
  if ('ch' in size) return times(measures.text('0', type), size.ch);
  return 'rem' in size ? measures.rem(size.rem) : measures.length(size);
}

/** The padding of a box above and below it, at its start and at its end. */
export function paddingOf({ padding = 0, paddingBlock, paddingInline, paddingInlineStart }: Layout): {
  block: Size;
  start: Size;
  end: Size;
} {
  const [block, inline] = Array.isArray(padding) ? (padding as readonly [Size, Size]) : [padding, padding];
  const end = paddingInline ?? (inline as Size);
  return { block: paddingBlock ?? (block as Size), start: paddingInlineStart ?? end, end };
}

/** The widths of the lines at the sides of a box, in CSS px. */
export function edgesOf({ layout: { border }, edge }: Box): Edges & { end: number } {
  if (typeof edge === 'object' && edge !== null) {
    const { start, above, below } = edge;
    return { start, above, below, end: 0 };
  }
  const width = edge ?? border?.width ?? 0;
  return { start: width, above: width, below: width, end: width };
}

/** The margins of a box at its start and its end. */
export function marginsOf({ layout }: Box): { start: Size; end: Size } | null {
  const { marginInlineStart: start = 0, marginInlineEnd: end = 0 } = layout;
  return start === 0 && end === 0 ? null : { start, end };
}

/** The padding and the lines at both sides of a box together, with its text set so, in CSS px over the viewport width. */
export function besideOver(box: Box, setting: Setting): Piecewise {
  const { start, end } = paddingOf(box.layout);
  const lines = edgesOf(box);
  return total(
    sizeOver(start, setting),
    sizeOver(end, setting),
    setting.measures.px(lines.start + lines.end),
  );
}

/** Both margins of a box together, in CSS px over the viewport width. */
export function marginsOver(box: Box, outside: Setting): Piecewise {
  const of = marginsOf(box);
  if (of === null) return outside.measures.px(0);
  const setting = settingIn(outside, box);
  return total(sizeOver(of.start, setting), sizeOver(of.end, setting));
}

/** The boxes in a box that take room. */
export function shownIn({ of }: Box): readonly Box[] {
  return of.some(({ layout }) => layout.display === 'none')
    ? of.filter(({ layout }) => layout.display !== 'none')
    : of;
}

/** Whether what is in a box stands beside each other. */
export function isRow({ display, flexDirection }: Layout): boolean {
  return (display === 'flex' || display === 'inline-flex') && flexDirection !== 'column';
}

export const isGrid = ({ display }: Layout) => display === 'grid' || display === 'inline-grid';
