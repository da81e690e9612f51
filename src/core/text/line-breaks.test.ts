import { expect, test } from '@jest/globals';
import { lineWidths } from './line-breaks';

/** Lines of letters that are 10 px wide each, with spaces that hang, soft hyphens that are not seen, and a hyphen of 6 px. */
const lettersIn = (line: string) => [...line.trimEnd().replaceAll('\u00ad', '')].length * 10;
const lines = (text: string, room: number) =>
  lineWidths(text, room, {
    widthOf: lettersIn,
    drawnAs: lettersIn,
    hyphen: () => 6,
  });

test.each([
  ['ab cd', 50, [50]],
  ['ab cd', 49, [20, 20]],
  ['abcdef', 20, [60]],
  // A hyphen is seen where a line ends behind it, and has to fit there.
  ['abcd\u00adefgh', 80, [80]],
  ['abcd\u00adefgh', 79, [46, 40]],
  ['x abcd\u00adefgh', 66, [66, 40]],
  ['x abcd\u00adefgh', 65, [10, 46, 40]],
  // What is narrower than the hyphen follows all the same.
  ['ab cd\u00ade', 60, [60]],
  ['abcd\u00ad', 40, [40]],
  ['', 40, []],
])('“%s” in %d px is broken into lines of %j px', (text, room, widths) => {
  expect(lines(text, room)).toEqual(widths);
});
