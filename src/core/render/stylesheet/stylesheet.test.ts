import { expect, test } from '@jest/globals';
import { newPiece } from '../../site/defaults';
import { sampleSite } from '../../site/sample.test-data';
import { renderStylesheet } from './stylesheet';

/** The sample with pieces in the first bay of its header. */
function withPieces(...kinds: readonly string[]) {
  const site = { ...sampleSite(), languages: ['en', 'fr'] };
  for (const kind of kinds) {
    site.headers.h!.pieces[kind] = newPiece(kind, kind);
    site.headers.h!.bars.b!.bays[0]!.pieces.push(kind);
  }
  return renderStylesheet(site);
}

/** What a stylesheet says of the gap under a selector; null where it says nothing. */
const gapOf = (css: string, selector: string) =>
  new RegExp(`^ *${selector.replaceAll('.', '\\.')} \\{[^}]*?\\bgap: ([^;]+);`, 'm').exec(css)?.[1] ?? null;

test('of two kinds that share the selector of a list, each has its own gap', () => {
  const both = withPieces('account', 'language');
  expect(gapOf(both, '.chooser-list')).toBe('16px');
  expect(gapOf(both, '.language .chooser-list')).toBe('12px');
});

test('a kind that stands alone needs no class of its own for that', () => {
  const alone = withPieces('language');
  expect(gapOf(alone, '.chooser-list')).toBe('12px');
  expect(gapOf(alone, '.language .chooser-list')).toBeNull();
});
