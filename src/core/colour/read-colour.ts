import { formatHex, parse } from 'culori';
import { keptByText } from '../ids/kept-by-text';

export type ColourReading = { ok: true; css: string } | { ok: false; reason: string };

/** The most characters that a colour may be typed with. */
const MOST = 80;

/** Reads a colour in any syntax of CSS Color 4, as it will stand in the stylesheet; a bare hexadecimal gets its `#`. */
export function readColour(text: string): ColourReading {
  const typed = text.trim();
  if (typed.length <= MOST && parse(typed) !== undefined)
    return { ok: true, css: /^[0-9a-f]+$/i.test(typed) ? `#${typed}` : typed };
  return {
    ok: false,
    reason: `“${typed.slice(0, MOST)}” is not a CSS colour. Type one such as #1c5a7a, rgb(28 90 122 / 80%), oklch(45% 0.09 240) or teal.`,
  };
}

/** A CSS colour as `#rrggbb`, the value of a colour field (HTML, 4.10.5.1.14); its alpha is left out, and what is no colour is black. */
export const hexOf = keptByText((css) => formatHex(parse(css)) ?? '#000000');
