import { expect, test } from '@jest/globals';
import type { CollapseRule } from '@/core/site/collapse-rule';
import { sampleSite } from '@/core/site/sample.test-data';
import { turnChoices } from '@/core/fit/turn-choices';
import { turned, turnText } from '@/core/fit/rule-words';
import { offeredChoices, withAmount, withChoices } from './rule-choices';

const site = sampleSite();
const { menu, logo } = site.headers.h!.pieces;
const none: CollapseRule = { id: 'r', when: { by: 'fit', margin: 16 }, turns: [] };
const ids = (rule: CollapseRule) => turned(rule, menu!).map(({ choice }) => choice.id);
const chosen = (...wanted: string[]) => withChoices(site, none, menu!, wanted);

test('a piece can turn to what it has properties for', () => {
  expect(turnChoices(menu!).map(({ id }) => id)).toEqual(
    expect.arrayContaining([
      'button',
      'scrolling',
      'behind',
      'leftOut',
      'signs',
      'below',
      'padding',
      'hidden',
    ]),
  );
  expect(turnChoices(logo!).map(({ id }) => id)).toEqual([
    'breaks',
    'artwork',
    'text',
    'drawer',
    'hidden',
    'below',
  ]);
});

test('only pieces of headers leave for a drawer, by rules that are not measured in the browser', () => {
  const offered = (kind: 'headers' | 'footers', when: CollapseRule['when']) =>
    offeredChoices(logo!, kind, { ...none, when }).some(({ id }) => id === 'drawer');
  expect(offered('headers', none.when)).toBe(true);
  expect(offered('footers', none.when)).toBe(false);
  expect(offered('headers', { by: 'browser' })).toBe(false);
});

test('links leave the sides of the logo only where a menu has it, at widths that are known beforehand', () => {
  const around = { ...menu!, values: { ...menu!.values, around: { desktop: 'around' } } };
  const offered = (piece: typeof menu, when: CollapseRule['when']) =>
    offeredChoices(piece!, 'headers', { ...none, when }).filter(({ property }) => property === 'around');
  expect(offered(around, none.when).map(({ value }) => value)).toEqual(['after', 'below']);
  expect(offered(around, { by: 'browser' })).toEqual([]);
  expect(offered(menu, none.when)).toEqual([]);
});

test('of choices that exclude each other the later one counts; others stand beside each other', () => {
  expect(ids(chosen('button', 'column'))).toEqual(['column']);
  expect(ids(chosen('button', 'behind'))).toEqual(['behind']);
  expect(ids(chosen('behind', 'signs', 'below'))).toEqual(['behind', 'signs', 'below']);
  expect(ids(chosen('behind', 'signs', 'hidden'))).toEqual(['hidden']);
  expect(ids(chosen('hidden', 'signs'))).toEqual(['signs']);
});

test('what goes step by step has an amount, which stays when something else is chosen', () => {
  const behind = chosen('behind');
  const [turn] = behind.turns;
  expect(turn).toMatchObject({ property: 'behind', step: 1, value: site.menus.m!.top.length - 1 });
  const less = withAmount(behind, turn!, 1);
  expect(turnText(less, menu!)).toBe('items behind “more”, at most 1 one by one');
  expect(withChoices(site, less, menu!, ['behind', 'signs']).turns[0]).toMatchObject({ value: 1 });
  // What other pieces turn to is left alone.
  const other = { piece: logo!.id, property: 'shown', value: 'hidden' };
  expect(withChoices(site, { ...less, turns: [...less.turns, other] }, menu!, []).turns).toEqual([other]);
});

test('how far a turn goes stays when something else is chosen beside it', () => {
  const smaller = withChoices(site, none, menu!, ['text']);
  const [text] = smaller.turns;
  const farther = withAmount(smaller, text!, 11);
  const both = withChoices(site, farther, menu!, ['text', 'gap']);
  expect(both.turns.map(({ property, value }) => [property, value])).toEqual([
    ['textSize', 11],
    ['itemGap', 2],
  ]);
});
