/** Tells the lines (counted from 1) of offsets in a text, given in UTF-16 units; made once for a text. */
export function lineIndex(text: string): (offset: number) => number {
  const starts = [0];
  for (let at = text.indexOf('\n'); at >= 0; at = text.indexOf('\n', at + 1)) starts.push(at + 1);
  return (offset) => {
    let [low, high] = [0, starts.length];
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (starts[middle]! <= offset) low = middle;
      else high = middle;
    }
    return low + 1;
  };
}
