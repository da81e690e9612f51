import { expect, test } from '@jest/globals';
import * as v from 'valibot';
import { familyKind } from '../../brand/family-kind';
import { choiceKind } from './choice';
import { colourKind } from './colour';
import { flagKind } from './flag';
import { iconKind } from './icon';
import type { Kind } from './kind';
import { lengthKind } from './length';
import { pixelsKind } from './pixels';
import { linkKind } from './link';
import { countKind, numberKind } from './number';
import { optionalKind } from './optional';
import { orderKind } from './order';
import { referenceKind } from './reference';
import { textKind } from './text';

/** Why a kind refuses a value; null when it takes it. */
function refusal(kind: Kind<never> | Kind<unknown>, value: unknown): string | null {
  const parsed = v.safeParse(kind.schema as v.GenericSchema, value);
  return parsed.success ? null : parsed.issues[0].message;
}

const growing = (from: [number, number], to: [number, number]) => ({
  from: { at: from[0], px: from[1] },
  to: { at: to[0], px: to[1] },
});

const length = pixelsKind(8, 40);
const fluid = lengthKind(8, 40);
const refused: [string, Kind<unknown>, unknown, RegExp][] = [
  ['a length below its limit', length as Kind<unknown>, 7.99, /^A length from 8 to 40 px\.$/],
  ['a length above its limit', length as Kind<unknown>, 41, /8 to 40 px/],
  ['no number', length as Kind<unknown>, '12', /8 to 40 px/],
  ['a number without end', length as Kind<unknown>, Infinity, /8 to 40 px/],
  ['not a number', length as Kind<unknown>, NaN, /8 to 40 px/],
  [
    'a fluid size with crossed widths',
    fluid as Kind<unknown>,
    growing([900, 10], [400, 20]),
    /the narrower one/,
  ],
  [
    'a fluid size of one width twice',
    fluid as Kind<unknown>,
    growing([900, 10], [900, 20]),
    /the narrower one/,
  ],
  ['a fluid size beyond the limit', fluid as Kind<unknown>, growing([400, 10], [900, 41]), /8 to 40 px/],
  [
    'a fluid size at half a px of width',
    fluid as Kind<unknown>,
    growing([400.5, 10], [900, 20]),
    /whole number/,
  ],
  ['a fluid size at no width', fluid as Kind<unknown>, growing([0, 10], [900, 20]), /200 to 4000/],
  [
    'a share of the window that is too much',
    fluid as Kind<unknown>,
    { px: 0, share: 0.5 },
    /comes to 960 px/,
  ],
  ['a length without parts', fluid as Kind<unknown>, { least: [] }, /At least one length/],
  ['a choice that is none of them', choiceKind({ a: 'A', b: 'B' }) as Kind<unknown>, 'c', /One of: a, b/],
  ['a word for yes', flagKind('no', 'yes') as Kind<unknown>, 'yes', /true or false/],
  ['an icon that is not shipped', iconKind() as Kind<unknown>, 'unheard-of', /shipped set/],
  ['a line break', textKind(20) as Kind<unknown>, 'one\ntwo', /Line breaks/],
  ['a text that is too long', textKind(3) as Kind<unknown>, 'four', /At most 3 characters/],
  ['a number beyond its limit', numberKind(1, 9, 'steps') as Kind<unknown>, 10, /from 1 to 9/],
  ['parts of a count', countKind(1, 9, 'items') as Kind<unknown>, 2.5, /whole number from 1 to 9/],
  ['an id with a blank', referenceKind('menus') as Kind<unknown>, 'a b', /./],
  ['a colour that is no id', colourKind() as Kind<unknown>, '#fff', /./],
  ['a family that is no id', familyKind() as Kind<unknown>, 'Some Font, serif', /./],
  ['an order of more than ids', orderKind() as Kind<unknown>, [1, 2], /./],
  [
    'a link that runs',
    linkKind() as Kind<unknown>,
    { to: 'address', address: 'javascript:alert(1)' },
    /may not use javascript:/,
  ],
  [
    'a link that carries its content',
    linkKind() as Kind<unknown>,
    { to: 'address', address: 'data:text/html,x' },
    /may not use data:/,
  ],
  [
    'a section with a blank',
    linkKind() as Kind<unknown>,
    { to: 'section', page: 'p', section: 'a b' },
    /no blank/,
  ],
];

test.each(refused)('%s is refused with its reason', (_, kind, value, reason) => {
  expect(refusal(kind, value)).toMatch(reason);
});

test('limits themselves are taken', () => {
  for (const value of [8, 40]) expect(refusal(length, value)).toBeNull();
  expect(refusal(fluid, { least: [40, { px: 0, share: 0.88 }] })).toBeNull();
  expect(refusal(fluid, { px: 0, share: 0.02 })).toBeNull();
  expect(refusal(fluid, growing([200, 8], [4000, 40]))).toBeNull();
});

test('a value left open is null, and points at nothing', () => {
  const open = optionalKind(referenceKind('shadows'), 'none');
  expect(refusal(referenceKind('shadows'), null)).not.toBeNull();
  expect(refusal(open, null)).toBeNull();
  expect(open.text(null)).toBe('none');
  expect(open.references!(null)).toEqual([]);
  expect(open.references!('s1')).toEqual([{ to: 'shadows', id: 's1' }]);
  expect(open.editor).toMatchObject({ as: 'reference', open: 'none' });
});

test('shipped families point at no part of the site, uploaded ones do', () => {
  const kind = familyKind();
  expect(kind.references!('archivo')).toEqual([]);
  expect(kind.references!('own-family')).toEqual([{ to: 'fonts', id: 'own-family' }]);
});

test('a link is said in words', () => {
  const { text } = linkKind();
  expect(text({ to: 'nothing' })).toBe('nowhere');
  expect(text({ to: 'drawer', drawer: 'd' })).toBe('a drawer');
  expect(text({ to: 'email', email: 'hello@example.com' })).toBe('hello@example.com');
});
