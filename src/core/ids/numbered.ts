import { keptByText } from './kept-by-text';

/** Gives each text a number of its own, so that long ones are told apart quickly: the same for the same text, for as long as it is remembered. */
export function numberedTexts(): (text: string) => number {
  let next = 0;
  return keptByText(() => {
    next += 1;
    return next;
  });
}
