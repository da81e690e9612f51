import { expect, test } from '@jest/globals';
import { mediaEm, px, readLength, rem } from './length';

test.each([
  ['14', 14],
  [' 14px ', 14],
  ['0.875rem', 14],
  ['.5px', 0.5],
  ['-3', -3],
  ['2REM', 32],
  ['2 steps', 16],
  ['1step', 8],
  ['8 + 6', 14],
  ['2 steps+4', 20],
  ['1rem - 2px', 14],
  ['2 steps - 1 step', 8],
])('%p is read as %p px', (text, expected) => {
  expect(readLength(text, 8)).toEqual({ ok: true, px: expected });
});

test.each(['', 'px', '14em', '1 4', '8 +', '8 ++ 2', '8 * 2', '14px;', '1e3', '٣'])(
  '%p is not a length, and the reason quotes it',
  (text) => {
    const reading = readLength(text, 8);
    expect(reading.ok).toBe(false);
    expect(!reading.ok && reading.reason).toContain(`“${text}”`);
  },
);

test('lengths are written short', () => {
  expect([px(0), px(14), px(1 / 3), rem(18), mediaEm(1024)]).toEqual([
    '0',
    '14px',
    '0.3333px',
    '1.125rem',
    '64em',
  ]);
});
