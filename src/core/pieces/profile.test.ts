import { expect, test } from '@jest/globals';
import { initialsOf } from './profile';

test.each([
  ['Robin Tern', 'RT'],
  ['  robin   de  tern ', 'RD'],
  ['Ærø', 'Æ'],
  ['𝒜lma', '𝒜'],
  ['', ''],
])('the initials of “%s” are “%s”', (name, initials) => {
  expect(initialsOf(name)).toBe(initials);
});
