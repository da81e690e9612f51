import { expect, test } from '@jest/globals';
import type { Advances, Lineage } from './advances';
import { keptWithTexts, workedWith } from './worked-with';

/** Advances of one lineage, that know more and more texts. */
function growing() {
  const lineage: Lineage = { missed: 0 };
  return (...known: string[]): Advances => ({
    lineage,
    of(_, text) {
      if (known.includes(text)) return text.length;
      lineage.missed += 1;
      return null;
    },
  });
}
const font = { from: 'shipped', name: 'f', weight: null, language: 'en' } as const;

/** The width of texts, kept; and how often it was worked out. */
function widths() {
  const kept = keptWithTexts<object, number>();
  const own = {};
  let times = 0;
  const of = (advances: Advances, texts: readonly string[], madeOf: readonly unknown[] = []) =>
    kept(own, advances, madeOf, () => {
      times += 1;
      return texts.reduce((sum, text) => sum + (advances.of(font, text) ?? 0), 0);
    });
  return { of, times: () => times };
}

test('what was worked out with all texts known holds for all that know more', () => {
  const knowing = growing();
  const { of, times } = widths();
  expect(of(knowing('Fares'), ['Fares'])).toBe(5);
  expect(of(knowing('Fares', 'Piers'), ['Fares'])).toBe(5);
  expect(times()).toBe(1);
});

test('what was worked out with a text missing is worked out again once more is known, and not before', () => {
  const knowing = growing();
  const { of, times } = widths();
  const few = knowing('Fares');
  expect([of(few, ['Fares', 'Piers']), of(few, ['Fares', 'Piers']), times()]).toEqual([5, 5, 1]);
  expect([of(knowing('Fares', 'Piers'), ['Fares', 'Piers']), times()]).toEqual([10, 2]);
});

test('what is made of something kept with a text missing is missing it too', () => {
  const knowing = growing();
  const inner = widths();
  const outer = keptWithTexts<object, number>();
  const own = {};
  const twice = (advances: Advances) => outer(own, advances, [], () => 2 * inner.of(advances, ['Piers']));
  const few = knowing();
  // It is kept already when what is made of it asks for it.
  inner.of(few, ['Piers']);
  expect(twice(few)).toBe(0);
  expect(twice(knowing('Piers'))).toBe(10);
});

test('it is worked out again where what else it is made of is another, or advances of no lineage are', () => {
  const { of, times } = widths();
  const [one, other] = [{}, {}];
  const alone: Advances = { of: (_, text) => text.length };
  of(alone, ['Fares'], [one]);
  of(alone, ['Fares'], [one]);
  expect(times()).toBe(1);
  of(alone, ['Fares'], [other]);
  expect(times()).toBe(2);
  of({ ...alone }, ['Fares'], [other]);
  expect(times()).toBe(3);
});

test('what holds for all is told apart from what holds for some alone', () => {
  const knowing = growing();
  const few = knowing('Fares');
  const [known, missing] = ['Fares', 'Piers'].map(
    (text) => workedWith(few, () => few.of(font, text)).holdsFor,
  );
  expect([known, missing]).toEqual([few.lineage, few]);
});
