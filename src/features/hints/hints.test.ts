import { expect, test } from '@jest/globals';
import { hints } from './hints';

test('hints are few and short enough to be read', () => {
  expect(Object.keys(hints).length).toBeLessThanOrEqual(10);
  for (const words of Object.values(hints)) expect(words.length).toBeLessThan(130);
});
