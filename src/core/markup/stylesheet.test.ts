import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  isWrittenBlock,
  stylesheetChange,
  stylesheetText,
  type RuleWay,
  type Stylesheet,
  type StylesheetChange,
  type Written,
} from './stylesheet';

/** A stylesheet as who holds it changes it: rules where they stand, and what is written anew. */
function changed(before: Stylesheet, { count, texts, rules }: StylesheetChange): string {
  const held: (Written | { text: string })[] = [...before.slice(0, count)];
  for (const [index, text] of texts) held[index] = { text };
  const declared = (inside: Stylesheet, [step, ...further]: RuleWay, text: string): Stylesheet => {
    const [index, of] = step!;
    if (inside.length !== of) throw new Error('The way leads through another block.');
    const each = inside[index]!;
    if (typeof each === 'string') throw new Error('The way ends at a statement.');
    if (isWrittenBlock(each))
      return inside.with(index, { ...each, inside: declared(each.inside, further, text) });
    const lines = text.split('\n').filter((line) => line !== '');
    const pairs = lines.map((line) => line.replace(/;$/, '').split(': ') as [string, string]);
    return inside.with(index, { ...each, declarations: Object.fromEntries(pairs) });
  };
  for (const [index, way, text] of rules) {
    const block = held[index]!;
    if (typeof block === 'string' || !('inside' in block)) throw new Error('It is no block.');
    held[index] = { ...block, inside: declared(block.inside, way, text) };
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
  fc.record({ at: fc.constantFrom('@layer x', '@media print'), inside: fc.array(inside, { maxLength: 3 }) });
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

const one = (gap: string): Stylesheet => [
  '@layer x;',
  {
    at: '@layer x',
    inside: [
      { selectors: ['.a'], declarations: { color: 'red' } },
      { at: '@media print', inside: [{ selectors: ['.b'], declarations: { gap } }] },
    ],
  },
];

test('a declaration that is other is told alone, with the way to its rule', () => {
  expect(stylesheetChange(one('0'), one('1px'))).toEqual({
    count: 2,
    texts: [],
    rules: [
      [
        1,
        [
          [1, 2],
          [0, 1],
        ],
        'gap: 1px;\n',
      ],
    ],
  });
  expect(stylesheetChange(one('0'), one('0'))).toEqual({ count: 2, texts: [], rules: [] });
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
