import { allBends, constant, type Piecewise } from './piecewise';

/** Values of several functions at a width. */
interface Sample {
  width: number;
  values: readonly number[];
}

/** How far from a straight line a value may be, and how near to each other two bends are looked for, in CSS px. */
const STRAIGHT = 1 / 256;
const NARROW = 1 / 2;

/** Where between two samples it is looked whether what lies between them is straight: not all of them at even parts. */
const LOOKED_AT = [0.23, 0.52, 0.81];

const between = (from: number, to: number, share: number) => from + (to - from) * share;

/** Which of the values between two samples are not on the straight line between these; null where all of them are. */
function bentBetween(from: Sample, to: Sample, at: (width: number) => Sample): number | null {
  for (const share of LOOKED_AT) {
    const { values } = at(between(from.width, to.width, share));
    const index = values.findIndex(
      (value, which) => Math.abs(value - between(from.values[which]!, to.values[which]!, share)) > STRAIGHT,
    );
    if (index >= 0) return index;
  }
  return null;
}

/** Where the lines that a value follows at two ends would meet; the middle where they do not between these. */
function meeting(from: Sample, to: Sample, which: number, at: (width: number) => Sample): number {
  const whole = to.width - from.width;
  const part = whole / 1000;
  const [start, end] = [from.values[which]!, to.values[which]!];
  const rise = (at(from.width + part).values[which]! - start) / part;
  const fall = (end - at(to.width - part).values[which]!) / part;
  const met = (end - start - fall * whole) / (rise - fall);
  return met > part && met < whole - part ? from.width + met : from.width + whole / 2;
}

function bendsBetween(from: Sample, to: Sample, at: (width: number) => Sample): Sample[] {
  if (to.width - from.width < NARROW) return [];
  const which = bentBetween(from, to, at);
  if (which === null) return [];
  const bend = at(meeting(from, to, which, at));
  return [...bendsBetween(from, bend, at), bend, ...bendsBetween(bend, to, at)];
}

/**
 * Functions of the viewport width that are worked out at one width at a time, from others that bend at known widths: how columns and rows
 * share what is there is said once, for one width, and so holds for all of them. Where they are straight they are exact, else followed to
 * 1/256 px.
 */
export function pointwise(
  from: readonly [Piecewise, ...Piecewise[]],
  valuesAt: (width: number) => readonly number[],
): Piecewise[] {
  const at = (width: number): Sample => ({ width, values: valuesAt(width) });
  const known = allBends(from).map(at);
  const [first] = known;
  if (known.length === 1)
    return first!.values.map((value) => constant(value, { from: first!.width, to: first!.width }));
  const samples = known.flatMap((sample, index) =>
    index === 0 ? [sample] : [...bendsBetween(known[index - 1]!, sample, at), sample],
  );
  return first!.values.map((_, which) => ({
    at: samples.map(({ width }) => width),
    values: samples.map(({ values }) => values[which]!),
  }));
}
