import { expect, test } from '@jest/globals';
import { dayNames, daysText, readHours, spansText } from './hours';

const read = (text: string) => {
  const reading = readHours(text);
  return reading.ok ? reading.hours : reading.reason;
};

test('hours are read as they are typed, with any dash, and written for people', () => {
  expect(read('Mon–Fri 9:00-12:00, 14-17:30; sat 10-14; Sun closed')).toEqual([
    {
      days: [0, 1, 2, 3, 4],
      spans: [
        { from: 540, to: 720 },
        { from: 840, to: 1050 },
      ],
    },
    { days: [5], spans: [{ from: 600, to: 840 }] },
    { days: [6], spans: [] },
  ]);
  expect(read('Fri-Mon 20-24')).toEqual([{ days: [4, 5, 6, 0], spans: [{ from: 1200, to: 1440 }] }]);
  expect(read('Mon, Wed-Fri 8-9')).toEqual([{ days: [0, 2, 3, 4], spans: [{ from: 480, to: 540 }] }]);
  expect(
    spansText([
      { from: 545, to: 720 },
      { from: 840, to: 1050 },
    ]),
  ).toBe('9:05–12:00, 14:00–17:30');
  expect(daysText([0, 2, 3, 4, 6], dayNames)).toBe('Mon, Wed–Fri, Sun');
  expect(daysText([0, 1], dayNames)).toBe('Mon, Tue');
});

test.each([
  ['9-17', 'begins with no day'],
  ['Monday 9-17', 'begins with no day'],
  ['Mon', 'begins with no day'],
  ['Mon 17-9', '“17-9” ends before it begins'],
  ['Mon 9-25', 'no span of time'],
  ['Mon 9:75-10', 'no span of time'],
  ['Mon 9', 'no span of time'],
  ['Mon 9-12, 11-14', 'The hours of Mon overlap'],
  ['Mon-Wed 9-12; Tue 11-14', 'The hours of Tue overlap'],
  ['Mon 9-12; Mon closed', 'The hours of Mon overlap'],
])('“%s” is refused with its reason', (text, reason) => {
  expect(read(text)).toContain(reason);
});
