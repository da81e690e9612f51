import { expect, test } from '@jest/globals';
import { ofPair } from './of-pair';

test('something is made once for a pair, and anew when either is another', () => {
  const [one, other] = [{ name: 'one' }, { name: 'other' }];
  let made = 0;
  const join = ofPair(
    (a: { name: string }, b: { name: string }, more: string) => `${(made += 1)} ${a.name} ${b.name} ${more}`,
    (a, b) => [a, b],
  );
  expect(join(one, other, 'first')).toBe('1 one other first');
  expect(join(one, other, 'second')).toBe('1 one other first');
  expect(join(other, one, 'third')).toBe('2 other one third');
  expect(join(one, { name: 'other' }, 'fourth')).toBe('3 one other fourth');
  expect(join(one, other, 'fifth')).toBe('1 one other first');
});
