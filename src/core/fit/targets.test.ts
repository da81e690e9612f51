import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { newPiece } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import { resolveAssembly } from '../resolve/assembly';
import { evenLetters } from './even-letters.test-data';
import { usually } from './heights';
import { crowded, LEAST_TARGET, targetGroups, type PlacedTarget } from './targets';

const target = (x: number, y: number, width: number, height = width): PlacedTarget => ({
  x,
  y,
  width,
  height,
  piece: 'p',
  item: null,
  at: '',
});

describe('targets that are too small are told where the next is too near', () => {
  test.each([
    ['two of the least size that touch', [target(0, 0, 24), target(24, 0, 24)], 0],
    ['two small ones with a circle’s room between their middles', [target(0, 0, 16), target(24, 0, 16)], 0],
    ['the same a px nearer', [target(0, 0, 16), target(23, 0, 16)], 2],
    ['a small one beside a large one', [target(0, 0, 16), target(20, -20, 60)], 0],
    ['the same a px nearer to it', [target(0, 0, 16), target(19, -20, 60)], 1],
    ['a flat line of links', [target(0, 0, 80, 18), target(0, 20, 80, 18)], 2],
    ['a small one by itself', [target(0, 0, 4)], 0],
    ['none', [], 0],
  ])('%s', (_, targets, count) => {
    expect(crowded(targets)).toHaveLength(count);
  });

  test('what is of the least size is never told, wherever the others are', () => {
    const place = fc.record({
      x: fc.integer({ max: 200 }),
      y: fc.integer({ max: 200 }),
      size: fc.integer({ min: 1, max: 60 }),
    });
    fc.assert(
      fc.property(fc.array(place, { maxLength: 8 }), (places) => {
        const all = places.map(({ x, y, size }) => target(x, y, size));
        const told = crowded(all);
        expect(told.every(({ width }) => width < LEAST_TARGET)).toBe(true);
        // Farther apart, no more of them are.
        const spread = all.map((each) => ({ ...each, x: each.x * 1000, y: each.y * 1000 }));
        const apart = new Set(spread.map(({ x, y }) => `${x} ${y}`)).size === spread.length;
        if (apart) expect(crowded(spread)).toEqual([]);
      }),
    );
  });
});

test('what is followed or pressed is told with its item, what only names a list is not, and what hangs is a group of its own', () => {
  const site = sampleSite();
  site.menus.m!.items.i1!.link = { to: 'nothing' };
  site.menus.m!.items.i1!.label = 'Only words';
  site.headers.h!.pieces.text = newPiece('text', 'text', { text: { all: ['Not a link'] } });
  site.headers.h!.bars.b!.bays[2]!.pieces.push('text');
  const settled = resolveAssembly(site, 'headers', site.headers.h!, 'desktop');
  const [bars, ...hanging] = targetGroups(usually(site, evenLetters), settled, 'desktop', 1200);
  expect(bars!.map(({ piece, item, at }) => [piece, item, at])).toEqual([
    ['logo', null, ''],
    ['menu', 'i2', '.menu-link'],
    ['menu', null, '.menu-toggle'],
    ['button', null, ''],
  ]);
  expect(hanging.map((group) => group.map(({ item }) => item))).toEqual([['i3']]);
  // On the phone the menu is a button, and nothing of it hangs.
  const phone = resolveAssembly(site, 'headers', site.headers.h!, 'phone');
  const groups = targetGroups(usually(site, evenLetters), phone, 'phone', 375);
  expect(groups.map((group) => group.map(({ at }) => at))).toEqual([['', '> .menu-button']]);
});
