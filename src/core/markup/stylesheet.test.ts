import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  isWrittenBlock,
  stylesheetChange,
  stylesheetText,
  type Otherwise,
  type RuleWay,
  type Stylesheet,
  type StylesheetChange,
  type Written,
} from './stylesheet';

/** What a rule declares, out of its text. */
function declared(text: string): Record<string, string> {
  const lines = text.split('\n').filter((line) => line !== '');
  return Object.fromEntries(lines.map((line) => line.replace(/;$/, '').split(': ') as [string, string]));
}

/** A stylesheet as who holds it changes it: rules and blocks where they stand, and what is written anew. */
function changed(before: Stylesheet, { count, texts, changed: ways }: StylesheetChange): string {
  const held: (Written | { text: string })[] = [...before.slice(0, count)];
  for (const [index, text] of texts) held[index] = { text };
  const made = (inside: Stylesheet, [step, ...further]: RuleWay, is: Otherwise): Stylesheet => {
    const [index, of] = step!;
    if (inside.length !== of) throw new Error('The way leads through another block.');
    const each = inside[index]!;
    if (typeof each === 'string') throw new Error('The way ends at a statement.');
    if (!isWrittenBlock(each)) {
      if (!('declarations' in is)) throw new Error('A rule has no condition.');
      return inside.with(index, { ...each, declarations: declared(is.declarations) });
    }
    if (further.length > 0) return inside.with(index, { ...each, inside: made(each.inside, further, is) });
    if (!('media' in is) || !each.at.startsWith('@media ')) throw new Error('It has no condition.');
    return inside.with(index, { ...each, at: `@media ${is.media}` });
  };
  for (const [index, way, is] of ways) {
    const block = held[index]!;
    if (typeof block === 'string' || !('inside' in block)) throw new Error('It is no block.');
    held[index] = { ...block, inside: made(block.inside, way, is) };
  }
  return held
    .map((each) => (typeof each === 'object' && 'text' in each ? each.text : stylesheetText([each])))
    .join('');
}

const rule = fc.record({
  selectors: fc.uniqueArray(fc.constantFrom('.a', '.b', '.c:hover'), { minLength: 1, maxLength: 2 }),
  declarations: fc.dictionary(fc.constantFrom('color', 'gap'), fc.constantFrom('red', '0'), { minKeys: 1 }),
});
const block = (inside: fc.Arbitrary<Written>) =>
  fc.record({
    at: fc.constantFrom('@layer x', '@media print', '@media (width < 40em)'),
    inside: fc.array(inside, { maxLength: 3 }),
  });
const stylesheet = fc.array(fc.oneof(block(fc.oneof(rule, block(rule))), rule, fc.constant('@layer x, y;')), {
  maxLength: 4,
});

test('a change makes the later stylesheet of the earlier one, whatever they are', () => {
  fc.assert(
    fc.property(stylesheet, stylesheet, (before, after) => {
      expect(changed(before, stylesheetChange(before, after))).toBe(stylesheetText(after));
    }),
  );
});

const one = (gap: string, media = 'print'): Stylesheet => [
  '@layer x;',
  {
    at: '@layer x',
    inside: [
      { selectors: ['.a'], declarations: { color: 'red' } },
      { at: `@media ${media}`, inside: [{ selectors: ['.b'], declarations: { gap } }] },
    ],
  },
];

test('a declaration that is other is told alone, with the way to its rule', () => {
  expect(stylesheetChange(one('0'), one('1px'))).toEqual({
    count: 2,
    texts: [],
    changed: [
      [
        1,
        [
          [1, 2],
          [0, 1],
        ],
        { declarations: 'gap: 1px;\n' },
      ],
    ],
  });
  expect(stylesheetChange(one('0'), one('0'))).toEqual({ count: 2, texts: [], changed: [] });
});

test('so is where a block of the media begins', () => {
  expect(stylesheetChange(one('0'), one('0', '(width < 40em)'))).toEqual({
    count: 2,
    texts: [],
    changed: [[1, [[1, 2]], { media: '(width < 40em)' }]],
  });
});

test('what stands beside more or fewer is written anew as a whole', () => {
  const [order, block] = one('0') as [string, Exclude<Written, string>];
  const fewer = [
    order,
    { ...block, inside: (block as { inside: Stylesheet }).inside.slice(1) },
  ] as Stylesheet;
  expect(stylesheetChange(one('0'), fewer).texts.map(([index]) => index)).toEqual([1]);
  expect(stylesheetChange([], fewer).texts.map(([index]) => index)).toEqual([0, 1]);
});
