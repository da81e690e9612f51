import * as v from 'valibot';
import { lengthText, type Length } from '../../lengths/fluid';
import type { Kind } from './kind';

/** A length in CSS px between two limits, the same at every width or growing between two widths. */
export function fluidKind(least: number, most: number): Kind<Length> {
  const message = `A length from ${least} to ${most} px, or two of them such as 13 px at 900, 18 px at 1440.`;
  const size = v.pipe(v.number(message), v.minValue(least, message), v.maxValue(most, message));
  const width = v.pipe(
    v.number(),
    v.integer('A width is a whole number of px.'),
    v.minValue(200, 'A width is 200 to 4000 px.'),
    v.maxValue(4000, 'A width is 200 to 4000 px.'),
  );
  const end = v.strictObject({ at: width, px: size });
  const fluid = v.pipe(
    v.strictObject({ from: end, to: end }),
    v.check(({ from, to }) => from.at < to.at, 'The first of the two widths has to be the narrower one.'),
  );
  return {
    editor: { as: 'fluid', least, most },
    schema: v.union([size, fluid], message),
    text: lengthText,
  };
}
