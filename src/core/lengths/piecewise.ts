/** A range of viewport widths in CSS px, both ends included. */
export interface Span {
  from: number;
  to: number;
}

/**
 * A continuous function of the viewport width made of straight stretches, in CSS px: the widths at which it bends, ascending,
 * the ends of its span among them, and its values there.
 */
export interface Piecewise {
  readonly at: readonly number[];
  readonly values: readonly number[];
}

/** A function that is straight between its ends and the widths at which it may bend; what lies outside of the span is left out. */
export function bent(span: Span, bends: readonly number[], valueAt: (width: number) => number): Piecewise {
  const inside = bends.filter((width) => width > span.from && width < span.to).sort((a, b) => a - b);
  const at = [span.from, ...inside, span.to];
  return { at, values: at.map(valueAt) };
}

/** The same value at every width. */
export function constant(value: number, { from, to }: Span): Piecewise {
  return { at: [from, to], values: [value, value] };
}

/** The value at a width; beyond its span, that of the nearer end. */
export function valueAt({ at, values }: Piecewise, width: number): number {
  let next = 0;
  while (next < at.length && at[next]! < width) next += 1;
  if (next === at.length) return values[next - 1]!;
  if (next === 0) return values[0]!;
  const before = at[next - 1]!;
  const share = (width - before) / (at[next]! - before);
  return values[next - 1]! + (values[next]! - values[next - 1]!) * share;
}

function sameBends({ at: one }: Piecewise, { at: other }: Piecewise): boolean {
  return one === other || (one.length === other.length && one.every((bend, index) => bend === other[index]));
}

/** The widths at which any of some functions bends, ascending. */
export function allBends(all: readonly [Piecewise, ...Piecewise[]]): readonly number[] {
  // Mostly all of them bend alike, or in one of a few ways.
  const ways: Piecewise[] = [];
  for (const each of all) if (!ways.some((way) => sameBends(way, each))) ways.push(each);
  if (ways.length === 1) return ways[0]!.at;
  return [...new Set(ways.flatMap(({ at }) => at))].sort((a, b) => a - b);
}

/** Both at the same bends. */
function aligned(
  one: Piecewise,
  other: Piecewise,
): { at: readonly number[]; a: readonly number[]; b: readonly number[] } {
  if (sameBends(one, other)) return { at: one.at, a: one.values, b: other.values };
  const at = allBends([one, other]);
  return { at, a: at.map((width) => valueAt(one, width)), b: at.map((width) => valueAt(other, width)) };
}

/** Whether a function is nothing at every width. */
const isNothing = ({ values }: Piecewise): boolean => values.every((value) => value === 0);

/** A function with others added to it, or taken from it. */
function withOthers(first: Piecewise, others: readonly Piecewise[], sign: 1 | -1): Piecewise {
  // Most paddings, gaps and margins are none.
  const all = others.filter((other) => !isNothing(other));
  if (all.length === 0) return first;
  const alike = all.every((other) => sameBends(first, other));
  const at = alike ? first.at : allBends([first, ...all]);
  const valuesOf = (of: Piecewise) => (alike ? of.values : at.map((width) => valueAt(of, width)));
  const values = [...valuesOf(first)];
  for (const other of all) {
    const more = valuesOf(other);
    for (let index = 0; index < values.length; index += 1) values[index]! += sign * more[index]!;
  }
  return { at, values };
}

/** The sum of one or more functions of the same span. */
export function total(first: Piecewise, ...others: readonly Piecewise[]): Piecewise {
  return withOthers(first, others, 1);
}

/** What is left of one when others are taken away. */
export function less(one: Piecewise, ...others: readonly Piecewise[]): Piecewise {
  return withOthers(one, others, -1);
}

/** A function as many times as large. */
export function times(of: Piecewise, factor: number): Piecewise {
  return factor === 1 ? of : { at: of.at, values: of.values.map((value) => value * factor) };
}

/** The widths at which two functions cross between their bends. */
function crossings(at: readonly number[], a: readonly number[], b: readonly number[]): number[] {
  return at.slice(1).flatMap((width, index) => {
    const [before, after] = [a[index]! - b[index]!, a[index + 1]! - b[index + 1]!];
    if (before * after >= 0) return [];
    return [at[index]! + ((width - at[index]!) * before) / (before - after)];
  });
}

function picked(one: Piecewise, other: Piecewise, pick: (a: number, b: number) => number): Piecewise {
  if (one === other) return one;
  const { at, a, b } = aligned(one, other);
  // Mostly one of them is picked everywhere.
  if (a.every((value, index) => pick(value, b[index]!) === value)) return one;
  if (b.every((value, index) => pick(value, a[index]!) === value)) return other;
  const crossed = crossings(at, a, b);
  const bends = [...at, ...crossed].sort((left, right) => left - right);
  return { at: bends, values: bends.map((width) => pick(valueAt(one, width), valueAt(other, width))) };
}

/** The larger of functions at each width. */
export function widest(first: Piecewise, ...others: readonly Piecewise[]): Piecewise {
  return others.reduce((most, other) => picked(most, other, Math.max), first);
}

/** The smaller of functions at each width. */
export function narrowest(first: Piecewise, ...others: readonly Piecewise[]): Piecewise {
  return others.reduce((least, other) => picked(least, other, Math.min), first);
}

/** Less than this is nothing but the rounding of sums. */
const NOTHING = 1e-9;

/** The widths inside its span at which a function passes through zero, or comes to it and stays. */
export function zeros({ at, values }: Piecewise): number[] {
  if (values.every((value) => value >= NOTHING) || values.every((value) => value <= -NOTHING)) return [];
  const cleared = values.map((value) => (Math.abs(value) < NOTHING ? 0 : value));
  const through = crossings(
    at,
    cleared,
    cleared.map(() => 0),
  );
  const touched = at.filter((_, index) => index > 0 && index < at.length - 1 && cleared[index] === 0);
  return [...through, ...touched].sort((a, b) => a - b);
}

/** Whether a function is the same at every width. */
export function isFlat({ values }: Piecewise): boolean {
  return values.every((value) => value === values[0]);
}
