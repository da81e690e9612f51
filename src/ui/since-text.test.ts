import { expect, test } from '@jest/globals';
import { sinceText } from './since-text';

const now = Date.UTC(2031, 4, 20, 12);
const ago = (seconds: number) => sinceText(now - 1000 * seconds, now);

test('how long ago something was is said in the largest unit that is whole', () => {
  expect([0, 59, 60, 119, 3599].map(ago)).toEqual([
    'just now',
    'just now',
    '1 minute ago',
    '1 minute ago',
    '59 minutes ago',
  ]);
  expect([3600, 7200, 86_400, 3 * 86_400, 8 * 86_400].map(ago)).toEqual([
    '1 hour ago',
    '2 hours ago',
    'yesterday',
    '3 days ago',
    'last week',
  ]);
  expect([60 * 86_400, 800 * 86_400].map(ago)).toEqual(['2 months ago', '2 years ago']);
});

test('a clock that is behind says of no moment that it is still to come', () => {
  expect(ago(-500)).toBe('just now');
});
