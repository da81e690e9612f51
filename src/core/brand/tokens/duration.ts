import * as v from 'valibot';
import { plainNumber } from '../../lengths/length';
import { tokenKind } from './token-kind';

const message = 'A duration is 0 to 5000 ms, such as 120, 120ms or 0.25s.';

/** Durations of motion, in ms. */
export const durations = tokenKind<number>({
  family: 'durations',
  noun: 'duration',
  prefix: 'duration-',
  schema: v.pipe(v.number(message), v.minValue(0, message), v.maxValue(5000, message)),
  standard: [
    { id: 'duration-quick', name: 'Quick', value: 120 },
    { id: 'duration-calm', name: 'Calm', value: 250 },
  ],
  css: (value) => `${plainNumber(value)}ms`,
  text: (value) => `${plainNumber(value)} ms`,
  read(text) {
    const match = /^(\d+(?:\.\d+)?|\.\d+)\s*(ms|s)?$/.exec(text.trim());
    return match
      ? { ok: true, value: Number(match[1]) * (match[2] === 's' ? 1000 : 1) }
      : { ok: false, reason: message };
  },
});
