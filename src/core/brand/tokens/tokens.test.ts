import { expect, test } from '@jest/globals';
import * as v from 'valibot';
import { newSite } from '../../site/defaults';
import { countedIds } from '../../site/sample.test-data';
import { tokenKindOf, tokenKinds } from './index';
import type { Token, TokenFamily } from './token-kind';

const { brand } = newSite('X', countedIds());
const nameOf = (family: TokenFamily, id: string) => brand[family][id]!.name;
const idOf = (family: TokenFamily, name: string) =>
  Object.values(brand[family]).find((token) => token.name.toLowerCase() === name.trim().toLowerCase())?.id ??
  null;

test.each(tokenKinds.map((kind) => [kind.family, kind] as const))(
  'what is said of a value of %s can be typed again',
  (_, kind) => {
    for (const { value } of kind.standard as Token[]) {
      expect(kind.read(kind.text(value, nameOf), idOf)).toEqual({ ok: true, value });
      expect(v.is(kind.schema, value)).toBe(true);
    }
  },
);

test.each<[TokenFamily, string, unknown]>([
  ['colours', 'Ink', { as: 'ink' }],
  ['colours', '#abc', { css: '#abc' }],
  ['radii', '0.5rem', 8],
  ['borders', '2px dashed Muted ink', { width: 2, style: 'dashed', colour: 'muted' }],
  ['shadows', '0 -2 8.5 0 shade', { x: 0, y: -2, blur: 8.5, spread: 0, colour: 'shade' }],
  ['durations', '0.25s', 250],
  ['easings', 'cubic-bezier(0.2, 0, 0, 1)', [0.2, 0, 0, 1]],
  ['easings', 'ease-out', [0, 0, 0.58, 1]],
])('%s: %j is read', (family, text, value) => {
  expect(tokenKindOf(family).read(text, idOf)).toEqual({ ok: true, value });
});

test.each<[TokenFamily, string]>([
  ['colours', 'Inkish'],
  ['radii', 'round'],
  ['radii', '2 steps'],
  ['borders', '1 wavy Line'],
  ['borders', '1 solid Nobody'],
  ['shadows', '0 2 Shade'],
  ['durations', 'soon'],
  ['easings', '0.2 0 0'],
])('%s: %j is refused with a reason', (family, text) => {
  const reading = tokenKindOf(family).read(text, idOf);
  expect(reading.ok || reading.reason.length > 10).toBe(true);
  expect(reading.ok).toBe(false);
});

test.each<[TokenFamily, unknown, string]>([
  ['colours', { css: 'bluish' }, 'not a CSS colour'],
  ['radii', 201, '0 to 200 px'],
  ['durations', -1, '0 to 5000 ms'],
  ['easings', [2, 0, 0, 1], 'x from 0 to 1'],
])('%s: the schema refuses %j', (family, value, reason) => {
  expect(v.safeParse(tokenKindOf(family).schema, value).issues?.[0].message).toContain(reason);
});
