/** A typed text after a step of a number in it. */
export interface SteppedText {
  text: string;
  /** Where the caret stands: behind the number. */
  caret: number;
}

/** Numbers as they stand in lengths, shares and the like. */
const numbers = /(?<![\w.])-?\d*\.?\d+/g;

/**
 * A text in which the number at the caret, or else the nearest one before it, is larger by so much; null where there is none. As
 * many decimals are kept as the number and the step have.
 */
export function steppedText(text: string, caret: number, by: number): SteppedText | null {
  const all = [...text.matchAll(numbers)];
  const found =
    all.find(({ index, 0: number }) => caret >= index && caret <= index + number.length) ??
    all.findLast(({ index }) => index < caret) ??
    all[0];
  if (!found) return null;
  const [number] = found;
  const decimals = Math.max(...[number, String(by)].map((each) => each.split('.')[1]?.length ?? 0));
  const next = (Number(number) + by).toFixed(decimals);
  const before = text.slice(0, found.index) + next;
  return { text: before + text.slice(found.index + number.length), caret: before.length };
}
