import { boxCss, lengthAt, type Length } from '../lengths/formula';
import { lengthKind } from './kinds/length';
import { optionalKind } from './kinds/optional';
import { AS_IT_COMES, property } from './property';

/** The size of the icons of a piece; where nothing is said, that of the text beside them. */
export const iconSize = property<Length | null>({
  name: 'iconSize',
  label: 'Size of icons',
  group: 'Space',
  kind: optionalKind(lengthKind(8, 96), 'with the text'),
  by: 'width',
  initial: null,
  css: (value) => {
    const size = value === null ? AS_IT_COMES : boxCss(value);
    return { '& .icon': { 'inline-size': size, 'block-size': size } };
  },
});

/** How high a line with an icon in it is, in CSS px: at least as its text. */
export function iconLine(
  { iconSize: size }: Record<string, unknown>,
  { line, at }: { line: number; at: number },
): number {
  return Math.max(line, lengthAt((size as Length | null | undefined) ?? 0, at));
}
