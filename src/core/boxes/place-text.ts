import { number, type Content } from './at-width';
import type { Box } from './box';
import type { Setting } from './setting';

/** A text in lines, each as high as the style says, with its letters in the middle of it (CSS Inline 3, 5.1). */
export function placeText(
  { text = '', ground }: Pick<Box, 'text' | 'ground'>,
  room: number,
  { measures, type, lineHeight, breaks, textAlign }: Setting,
): Content {
  const line = number(measures.line(type, lineHeight));
  const { ascent, descent } = measures.font(type);
  // Chromium halves what is left of the line in 64ths of a px, towards none, and takes the whole px below.
  const above = Math.floor(Math.trunc((line - ascent - descent) * 32) / 64);
  // Chromium tells where a line ends only where that is seen.
  const endsExactly = ground === true || textAlign === 'center';
  const lines = breaks
    ? measures.lines(text, room, { type, endsExactly })
    : [number(measures.text(text, type))];
  return {
    of: [],
    height: line * lines.length,
    baseline: above + ascent,
    letters: text.length,
    lines: lines.map((width, index) => {
      const x = textAlign === 'center' ? Math.max(0, room - width) / 2 : 0;
      return { x, y: index * line + above, width, height: ascent + descent };
    }),
  };
}
