/** Something in a row: how wide it wants to be and has to be, and how it shares what is left; in CSS px. */
export interface FlexItem {
  preferred: number;
  least: number;
  /** The most that it takes. */
  most: number;
  /** What it gives way by: the size of its inside, without padding and lines; nothing where it does not. */
  gives: number;
  /** How much it takes of what is free. */
  grows: number;
  /** Whether it is one of equal cells (`flex: 1 1 0`), which begin with nothing. */
  cell: boolean;
}

const sum = (of: readonly number[]) => of.reduce((all, each) => all + each, 0);

/** The widths of what stands in a row, gaps left out, where it grows or gives way (CSS Flexbox 1, 9.7); in CSS px. */
export function flexed(items: readonly FlexItem[], room: number): number[] {
  const base = items.map(({ cell, preferred }) => (cell ? 0 : preferred));
  const sizes = items.map(({ cell, preferred, least }) => (cell ? least : preferred));
  const grows = sum(sizes) < room;
  const factors = items.map(({ cell, grows: growth, gives }) => {
    if (grows) return cell ? 1 : growth;
    return cell ? 0 : gives;
  });
  const open = new Set(items.map((_, index) => index).filter((index) => factors[index]! > 0));
  for (const index of open) sizes[index] = base[index]!;
  while (open.size > 0) {
    const all = sum([...open].map((index) => factors[index]!));
    const free = room - sum(sizes.map((each, index) => (open.has(index) ? base[index]! : each)));
    const wanted = [...open].map((index) => ({
      index,
      width: base[index]! + (free * factors[index]!) / all,
    }));
    const short = wanted.filter(({ index, width }) => width < items[index]!.least - 1e-6);
    for (const { index, width } of wanted) sizes[index] = Math.max(width, items[index]!.least);
    if (short.length === 0) break;
    for (const { index } of short) open.delete(index);
  }
  return sizes.map((each, index) => Math.min(each, items[index]!.most));
}
