import * as v from 'valibot';
import { plainNumber, px, readLength } from '../../lengths/length';
import { tokenKind } from './token-kind';

const message = 'A corner radius is 0 to 200 px, or 999 for fully round ends.';

export const radii = tokenKind<number>({
  family: 'radii',
  noun: 'corner radius',
  prefix: 'radius-',
  schema: v.pipe(
    v.number(message),
    v.check((value) => (value >= 0 && value <= 200) || value === 999, message),
  ),
  standard: [
    { id: 'radius-square', name: 'Square', value: 0 },
    { id: 'radius-small', name: 'Small', value: 4 },
    { id: 'radius-round', name: 'Round', value: 999 },
  ],
  css: px,
  text: (value) => `${plainNumber(value)} px`,
  read(text) {
    // A radius is no space: steps of the spacing mean nothing here.
    const reading = readLength(text, NaN);
    return reading.ok && Number.isFinite(reading.px)
      ? { ok: true, value: reading.px }
      : { ok: false, reason: message };
  },
});
