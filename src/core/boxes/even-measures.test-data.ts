import type { Measures } from './box';

/** A length at the one width of the viewport that is looked at. */
export const at = (value: number) => ({ at: [0, 0], values: [value, value] });

/** Lengths at one width of the viewport, with letters of 10 px, lines of 20 px and a text size of 16 px. */
export const evenMeasures: Measures = {
  px: at,
  length: (length) => at(length as number),
  rem: at,
  em: (count, { scale = 1 } = {}) => at(16 * scale * count),
  text: (text) => at(10 * text.length),
  widestWord: (text) => at(10 * Math.max(...text.split(' ').map((word) => word.length))),
  line: (_, height) => at(typeof height === 'number' ? 16 * height : 20),
  font: () => ({ ascent: 12, descent: 4 }),
  lines: (text, room) => {
    const lines: string[] = [];
    for (const word of text.split(' ')) {
      const longer = lines.length === 0 ? word : `${lines.at(-1)} ${word}`;
      if (lines.length > 0 && longer.length * 10 <= room) lines[lines.length - 1] = longer;
      else lines.push(word);
    }
    return lines.map((line) => 10 * line.length);
  },
};
