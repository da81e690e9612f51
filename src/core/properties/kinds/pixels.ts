import * as v from 'valibot';
import { plainNumber } from '../../lengths/length';
import type { Kind } from './kind';

/** A length in CSS px between two limits, both included, that is the same at every width of the viewport: a step, a line. */
export function pixelsKind(least: number, most: number): Kind<number> {
  const message = `A length from ${least} to ${most} px.`;
  return {
    editor: { as: 'pixels', least, most },
    schema: v.pipe(
      v.number(message),
      v.finite(message),
      v.minValue(least, message),
      v.maxValue(most, message),
    ),
    text: (value) => `${plainNumber(value)} px`,
  };
}
