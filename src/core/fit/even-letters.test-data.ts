import type { Advances } from '../text/advances';

/** Advances as if every letter were half as wide as the text is high. */
export const evenLetters: Advances = { of: (_, text) => [...text].length / 2 };
