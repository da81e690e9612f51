import * as v from 'valibot';
import { plainNumber } from '../../lengths/length';
import type { Kind } from './kind';

/** A number without a unit between two limits, both included; `unit` says in words what it counts. */
export function numberKind(least: number, most: number, unit: string): Kind<number> {
  const message = `A number from ${least} to ${most}.`;
  return {
    editor: { as: 'number', least, most },
    schema: v.pipe(v.number(message), v.minValue(least, message), v.maxValue(most, message)),
    text: (value) => `${plainNumber(value)} ${unit}`,
  };
}
