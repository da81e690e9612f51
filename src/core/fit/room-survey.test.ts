import { expect, test } from '@jest/globals';
import { valueAt } from '../lengths/piecewise';
import { sampleSite } from '../site/sample.test-data';
import { evenLetters } from './even-letters.test-data';
import { surveyRoom } from './room-survey';
import { surveyFit } from './survey';

const site = sampleSite();
const today = { site, advances: evenLetters, page: null, language: 'en', root: 16 };
const place = { kind: 'headers', assembly: 'h', bar: 'b' } as const;

test('a bar overflows just where it has less than it needs at least, and fits just where it has what it needs as designed', () => {
  const span = { from: 200, to: 2600 };
  const rooms = surveyRoom(today, place, span);
  const { bars } = surveyFit(today, 'headers', site.headers.h!, { whole: span, only: ['b'] });
  for (let width = span.from + 0.5; width < span.to; width += 1) {
    const { status } = bars[0]!.stretches.find(({ to }) => width < to)!;
    const room = rooms.find((each) => each.span.from <= width && width <= each.span.to)!;
    const [has, least, designed] = [room.available, room.least, room.designed].map((each) =>
      valueAt(each, width),
    ) as [number, number, number];
    expect([width, status === 'overflows']).toEqual([width, has < least - 1 / 64]);
    expect([width, status === 'fits']).toEqual([width, has >= designed - 1 / 64]);
  }
});

test('stretches meet from the first width to the last, and each says the limits of its pieces', () => {
  const rooms = surveyRoom(today, place, { from: 320, to: 3840 });
  expect(rooms[0]!.span.from).toBe(320);
  expect(rooms.at(-1)!.span.to).toBe(3840);
  rooms.slice(1).forEach(({ span }, index) => expect(span.from).toBe(rooms[index]!.span.to));
  for (const { pieces, span } of rooms)
    for (const { least, preferred } of pieces)
      expect(valueAt(least, span.from)).toBeLessThanOrEqual(valueAt(preferred, span.from));
});
