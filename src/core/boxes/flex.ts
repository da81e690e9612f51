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

/** The widths of what stands in a row of so much room, gaps left out, where it grows or gives way (CSS Flexbox 1, 9.7); in CSS px. */
export function flexed(items: readonly FlexItem[], room: number): number[] {
  const sizes = items.map(({ cell, preferred, least }) => (cell ? least : preferred));
  const grows = sizes.reduce((sum, each) => sum + each, 0) < room;
  const factors = items.map(({ cell, grows: growth, gives }) => {
    if (grows) return cell ? 1 : growth;
    return cell ? 0 : gives;
  });
  const baseOf = ({ cell, preferred }: FlexItem) => (cell ? 0 : preferred);
  // Those that are not frozen yet.
  let open = items.map((_, index) => index).filter((index) => factors[index]! > 0);
  for (const index of open) sizes[index] = baseOf(items[index]!);
  while (open.length > 0) {
    let free = room;
    sizes.forEach((size, index) => {
      free -= open.includes(index) ? baseOf(items[index]!) : size;
    });
    const all = open.reduce((sum, index) => sum + factors[index]!, 0);
    const shared = open.map((index) => baseOf(items[index]!) + (free * factors[index]!) / all);
    open.forEach((index, nth) => {
      sizes[index] = Math.max(shared[nth]!, items[index]!.least);
    });
    const held = open.filter((index, nth) => shared[nth]! >= items[index]!.least - 1e-6);
    if (held.length === open.length) break;
    open = held;
  }
  return sizes.map((each, index) => Math.min(each, items[index]!.most));
}
