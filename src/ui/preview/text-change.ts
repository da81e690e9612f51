/** What makes one text of another: `text` in place of the characters from `start` up to the last `rest` ones. */
export interface TextChange {
  start: number;
  rest: number;
  text: string;
}

/**
 * The one stretch in which two texts differ. A frame of another origin is sent this instead of the whole, since the browser
 * takes some milliseconds to hand a long text over.
 */
export function textChange(before: string, after: string): TextChange {
  const most = Math.min(before.length, after.length);
  let start = before === after ? most : 0;
  while (start < most && before[start] === after[start]) start += 1;
  let rest = 0;
  while (rest < most - start && before[before.length - 1 - rest] === after[after.length - 1 - rest])
    rest += 1;
  return { start, rest, text: after.slice(start, after.length - rest) };
}
