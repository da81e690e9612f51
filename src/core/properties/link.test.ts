import { expect, test } from '@jest/globals';
import * as v from 'valibot';
import { addressProblem, linkSchema } from './link';

test.each([
  'https://example.com/a?b#c',
  'http://example.com',
  'mailto:crew@example.com',
  'tel:+441632960117',
])('%s may be linked to', (address) => {
  expect(addressProblem(address)).toBeNull();
});

test.each([
  'javascript:alert(1)',
  'JaVaScRiPt:alert(1)',
  ' java\nscript:alert(1)',
  'data:text/html,x',
  'vbscript:x',
  'file:///etc/passwd',
  'blob:https://example.com/1',
])('%j is refused by its scheme', (address) => {
  expect(addressProblem(address)).toContain('may not use');
});

test.each(['', 'example.com', '/fares', '//example.com'])('%j is no full address', (address) => {
  expect(addressProblem(address)).toContain('not a full address');
});

test('the schema gives the same reason', () => {
  const parsed = v.safeParse(linkSchema, { to: 'address', address: 'javascript:alert(1)' });
  expect(parsed.success).toBe(false);
  expect(parsed.issues?.[0].message).toContain('javascript:');
});
