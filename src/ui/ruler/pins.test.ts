import { expect, test } from '@jest/globals';
import type { RulerStretch } from './model';
import { figuredPins, pinsOf, stopsOf } from './pins';

const stretch = (from: number, to: number, status: RulerStretch['status']): RulerStretch => ({
  from,
  to,
  status,
  text: `${status} from ${from}`,
});

test('there is a pin wherever the status changes, at the first whole width above', () => {
  const fit = [stretch(320, 400.2, 'overflows'), stretch(400.2, 500, 'tight'), stretch(500, 1920, 'fits')];
  expect(pinsOf(fit).map(({ width }) => width)).toEqual([401, 500]);
  expect(stopsOf(fit)).toEqual([400, 401, 499, 500]);
});

test('what changes twice between two whole widths is one pin, and none where it then stands as before', () => {
  const twice = [
    stretch(320, 451.2, 'overflows'),
    stretch(451.2, 451.9, 'tight'),
    stretch(451.9, 1920, 'fits'),
  ];
  const [pin, ...others] = pinsOf(twice);
  expect(others).toEqual([]);
  expect([pin!.width, pin!.below.status, pin!.above.status]).toEqual([452, 'overflows', 'fits']);
  const back = [stretch(320, 451.2, 'fits'), stretch(451.2, 451.9, 'tight'), stretch(451.9, 1920, 'fits')];
  expect(pinsOf(back)).toEqual([]);
});

test('a figure stands where there is room beside the last one that is shown', () => {
  const fit = [
    stretch(320, 400, 'overflows'),
    stretch(400, 430, 'tight'),
    stretch(430, 460, 'fits'),
    stretch(460, 1920, 'tight'),
  ];
  const pins = pinsOf(fit);
  expect([...figuredPins(pins, 52)].map(({ width }) => width)).toEqual([400, 460]);
});
