import * as v from 'valibot';
import { plainNumber } from '../../lengths/length';
import type { Kind } from './kind';

const inWords = (unit: string) => (value: number) => `${plainNumber(value)} ${unit}`;

/** A number without a unit between two limits, both included; `unit` says in words what it counts. */
export function numberKind(least: number, most: number, unit: string): Kind<number> {
  const message = `A number from ${least} to ${most}.`;
  return {
    editor: { as: 'number', least, most },
    schema: v.pipe(v.number(message), v.minValue(least, message), v.maxValue(most, message)),
    text: inWords(unit),
  };
}

/** The same of what there are no parts of: items, columns, places in an order. */
export function countKind(least: number, most: number, unit: string): Kind<number> {
  const message = `A whole number from ${least} to ${most}.`;
  return {
    editor: { as: 'number', least, most, whole: true },
    schema: v.pipe(
      v.number(message),
      v.integer(message),
      v.minValue(least, message),
      v.maxValue(most, message),
    ),
    text: inWords(unit),
  };
}
