import * as v from 'valibot';
import { WIDEST } from '../../bands/band';
import { extremes, lengthText, type Length } from '../../lengths/formula';
import { plainNumber } from '../../lengths/length';
import type { Kind } from './kind';

/** The widths of the viewport over which a length that is put together is looked at, in CSS px: those of the ruler. */
const RULER = { from: 320, to: WIDEST };

const width = v.pipe(
  v.number(),
  v.integer('A width is a whole number of px.'),
  v.minValue(200, 'A width is 200 to 4000 px.'),
  v.maxValue(4000, 'A width is 200 to 4000 px.'),
);
const finite = v.pipe(v.number(), v.finite());
const end = v.strictObject({ at: width, px: finite });
const fluid = v.pipe(
  v.strictObject({ from: end, to: end }),
  v.check(({ from, to }) => from.at < to.at, 'The first of the two widths has to be the narrower one.'),
);
const parts = v.pipe(
  v.array(v.lazy(() => lengthSchema)),
  v.minLength(1, 'At least one length.'),
  v.maxLength(6, 'At most 6 lengths.'),
);

/** Lengths of every form; they are what the document holds for one that is not the same at every width too. */
export const lengthSchema: v.GenericSchema<unknown, Length> = v.union([
  finite,
  fluid,
  v.strictObject({ px: finite, share: finite }),
  v.strictObject({ least: parts }),
  v.strictObject({ greatest: parts }),
  v.strictObject({ sum: parts }),
]) as v.GenericSchema<unknown, Length>;

/** How many others a length may hold inside each other. */
const MOST_DEEP = 4;

function depth(length: Length): number {
  if (typeof length === 'number' || 'from' in length || 'share' in length) return 0;
  const [of] = Object.values(length) as Length[][];
  return 1 + Math.max(...of!.map(depth));
}

/** Why a length goes beyond its limits; null where it does not. A share of the window may be less than the least in narrow ones. */
function beyond(length: Length, least: number, most: number): string | null {
  const limits = `from ${least} to ${most} px`;
  if (typeof length === 'number') return length >= least && length <= most ? null : `A length ${limits}.`;
  if ('from' in length) {
    const ends = [length.from.px, length.to.px];
    return ends.every((each) => each >= least && each <= most)
      ? null
      : `A length ${limits}, or two of them such as 13 px at 900, 18 px at 1440.`;
  }
  if (depth(length) > MOST_DEEP) return `A length of at most ${MOST_DEEP} levels.`;
  const found = extremes(length, RULER);
  const narrow = Math.min(least, 0);
  if (found.least >= narrow && found.most <= most) return null;
  const worst = found.most > most ? found.most : found.least;
  return `A length ${limits}; this one comes to ${plainNumber(Math.round(worst))} px within the widths of the ruler.`;
}

/** A length in CSS px between two limits, both included: the same at every width, growing between two widths, or put together of shares of the window, the least or greatest of several, and sums. */
export function lengthKind(least: number, most: number): Kind<Length> {
  const said = `A length from ${least} to ${most} px, or two of them such as 13 px at 900, 18 px at 1440.`;
  return {
    editor: { as: 'length', least, most },
    schema: v.pipe(
      v.union([lengthSchema], said),
      v.rawCheck(({ dataset, addIssue }) => {
        const sound = dataset.typed && dataset.issues === undefined;
        const message = sound ? beyond(dataset.value, least, most) : null;
        if (message !== null) addIssue({ message });
      }),
    ),
    text: lengthText,
  };
}
