/** The length that was typed, in CSS px, with or without its unit; a sentence where it is none. */
export function typedPx(text: string): number | string {
  const number = /^\s*(\d+(?:[.,]\d+)?)\s*(?:px)?\s*$/.exec(text)?.[1];
  return number === undefined
    ? `“${text.trim()}” is no length. Type a number of px, such as 12.`
    : Number(number.replace(',', '.'));
}

/** How far a drag goes at a time, in CSS px; 1 where it is to be exact. */
const STEP = 4;

/** The length after its end was moved by so many px of the page from `px`: in steps or to the px, and within its limits. */
export function draggedPx(
  px: number,
  moved: number,
  { least, most, exact }: { least: number; most: number; exact: boolean },
): number {
  const wanted = px + moved;
  const stepped = exact ? Math.round(wanted) : Math.round(wanted / STEP) * STEP;
  return Math.min(most, Math.max(least, stepped));
}
