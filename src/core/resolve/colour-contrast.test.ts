import { expect, test } from '@jest/globals';
import type { Place } from '../edit/place';
import { newPiece } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import { contrastWith } from './colour-contrast';

/** The sample with a piece of a kind in the first bar of its header. */
function made(kind: string) {
  const site = structuredClone(sampleSite());
  const [header] = Object.values(site.headers);
  const bar = header!.bars[header!.order[0]!]!;
  header!.pieces.tried = newPiece('tried', kind);
  bar.bays[0]!.pieces.push('tried');
  bar.values = {};
  const at = { in: 'headers' as const, assembly: header!.id };
  const onBar: Place = { on: 'bar', ...at, bar: bar.id };
  const onPiece: Place = { on: 'piece', ...at, piece: 'tried' };
  return { site, bar, onBar, onPiece, desktop: site.bands[0]!.id };
}

test('a ground of a bar is judged by the ink upon it, an ink by the ground below it', () => {
  const { site, onBar, desktop } = made('text');
  const ground = contrastWith(site, onBar, 'ground', desktop)!;
  expect(ground('ink')).toBeCloseTo(1);
  expect(ground('ground')).toBeGreaterThan(12);
  // No ground shows that of the page.
  expect(ground('none')).toBe(ground('ground'));
  const ink = contrastWith(site, onBar, 'ink', desktop)!;
  expect(ink('ground')).toBeCloseTo(1);
  expect(ink('ink')).toBe(ground('ground'));
});

test('where what stands on a bar follows its ground, every ground is legible', () => {
  const { site, bar, onBar, desktop } = made('text');
  bar.values = { set: { all: true } };
  const ground = contrastWith(site, onBar, 'ground', desktop);
  for (const colour of Object.keys(site.brand.colours).filter((id) => id !== 'shade' && id !== 'backdrop'))
    expect(ground?.(colour) ?? 4.5).toBeGreaterThanOrEqual(4.5);
});

test('a text colour of a state is judged on what is really behind the part there', () => {
  const { site, bar, onPiece, desktop } = made('account');
  bar.values = { ground: { [desktop]: 'deep' } };
  const ink = contrastWith(site, onPiece, 'accountInk', 'hover')!;
  expect(ink('on-deep')).toBeGreaterThan(10);
  expect(ink('deep')).toBeCloseTo(1);
});

test('what no text has to do with has no figure', () => {
  const { site, onBar, onPiece, desktop } = made('account');
  expect(contrastWith(site, onBar, 'padding', desktop)).toBeNull();
  expect(contrastWith(site, onBar, 'tint', desktop)?.('ink') ?? null).toBeNull();
  expect(contrastWith(site, { on: 'brand' }, 'ground', desktop)).toBeNull();
  expect(contrastWith(site, { ...onPiece, piece: 'gone' } as Place, 'accountInk', 'rest')).toBeNull();
});

test('over a picture there is no figure', () => {
  const { site, bar, onBar, desktop } = made('account');
  bar.values = { picture: { [desktop]: 'some-artwork' } };
  expect(contrastWith(site, onBar, 'ink', desktop)).toBeNull();
});
