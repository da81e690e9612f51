import { expect, test } from '@jest/globals';
import { newPiece, newSite } from '../site/defaults';
import { countedIds, sampleSite } from '../site/sample.test-data';
import type { Piece } from '../site/assembly';
import type { Site } from '../site/site';
import { applyEdits } from './apply';
import { leftBehind, pasteLook, pastePieces, readClipboard, writeClipboard } from './clipboard';
import type { Edit } from './index';

const at = { in: 'headers', assembly: 'h' } as const;

function ids() {
  let count = 0;
  return () => `new${(count += 1)}`;
}

function applied(site: Site, edits: readonly Edit[]): Site {
  const outcome = applyEdits(site, edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

const copied = (site: Site, ...pieces: Piece[]) => readClipboard(writeClipboard(site, pieces))!;

test('pieces are pasted under ids of their own, at a spot, in their order, and with all that they say', () => {
  const site = sampleSite();
  const { menu, button } = site.headers.h!.pieces;
  const clipboard = copied(site, menu!, button!);
  expect(leftBehind(site, clipboard)).toBe(0);
  const pasted = pastePieces(site, at, { bar: 'b', bay: 'start', index: 1 }, clipboard, ids());
  const header = applied(site, pasted.edits).headers.h!;
  expect(header.bars.b!.bays[0]!.pieces).toEqual(['logo', 'new1', 'new2']);
  expect(header.pieces.new1).toEqual({ ...menu, id: 'new1' });
  expect(header.pieces.menu).toEqual(menu);
  expect(pasted.ids).toEqual(['new1', 'new2']);
});

test('in another site, what points at what is not there is left behind, and bands are matched by their place', () => {
  const from = sampleSite();
  const other = newSite('Other', countedIds());
  other.bands = [
    { id: 'large', name: 'Large', from: 800 },
    { id: 'small', name: 'Small', from: 0 },
  ];
  const clipboard = copied(from, from.headers.h!.pieces.menu!);
  // The menu and the drawer; shownAs on the phone goes to the narrowest band.
  expect(leftBehind(other, clipboard)).toBe(2);
  const { edits } = pastePieces(other, at, { bar: 'b', bay: 'end', index: 0 }, clipboard, ids());
  expect(edits).toMatchObject([
    { edit: 'addPiece', piece: { id: 'new1', values: { shownAs: { large: 'row', small: 'button' } } } },
  ]);
  expect(JSON.stringify(edits)).not.toContain('opens');
});

test('what a piece says by phase of scrolling comes along, here and in a site with other bands', () => {
  const site = sampleSite();
  const logo = newPiece('logo', 'logo', {
    artworkHeight: { desktop: 44, 'desktop:scrolled': 30, 'phone:scrolled': 24 },
  });
  const other = newSite('Other', countedIds());
  other.bands = [{ id: 'every', name: 'Every', from: 0 }];
  const pastedInto = (into: Site) => {
    const clipboard = copied(site, logo);
    const { edits } = pastePieces(into, at, { bar: 'b', bay: 'end', index: 0 }, clipboard, ids());
    return [leftBehind(into, clipboard), (edits[0] as { piece: Piece }).piece.values.artworkHeight];
  };
  expect(pastedInto(site)).toEqual([0, logo.values.artworkHeight]);
  // Two bands fall together in one; the narrower of them has the last word.
  expect(pastedInto(other)).toEqual([1, { every: 44, 'every:scrolled': 24 }]);
});

test('a look goes from one piece to another of its kind: what it says, where it stands and where it leads stay', () => {
  const site = sampleSite();
  const dressed = newPiece('dressed', 'button', {
    label: { all: 'Other words' },
    link: { all: { to: 'page', page: 'home' } },
    radius: { desktop: 'radius-round' },
    buttonInk: { hover: 'ink' },
    gapBefore: { desktop: 24 },
  });
  const plain = {
    ...site.headers.h!.pieces.button!,
    values: { ...site.headers.h!.pieces.button!.values, paddingBlock: { desktop: 20 } },
  };
  const edits = pasteLook(site, { on: 'piece', ...at, piece: 'button' }, plain, copied(site, dressed));
  if (typeof edits === 'string') throw new Error(edits);
  const start = sampleSite();
  start.headers.h!.pieces.button = plain;
  const after = applied(start, edits).headers.h!.pieces.button!.values;
  expect(after).toMatchObject({
    label: { all: 'Go' },
    link: { all: { to: 'page', page: 'boats' } },
    shown: { phone: 'hidden' },
    radius: { desktop: 'radius-round' },
    buttonInk: { hover: 'ink' },
  });
  expect(after.paddingBlock).toBeUndefined();
  expect(after.gapBefore).toBeUndefined();
});

test('a look of another kind is refused in a sentence', () => {
  const site = sampleSite();
  const { logo, button } = site.headers.h!.pieces;
  expect(pasteLook(site, { on: 'piece', ...at, piece: 'button' }, button!, copied(site, logo!))).toBe(
    'What was copied is no button, so its look does not fit.',
  );
});

test.each([
  '',
  'some text',
  '{}',
  '[]',
  '{"form":"gable-ridge-pieces","bands":[],"pieces":[]}',
  '{"form":"gable-ridge-pieces","bands":[],"pieces":[{"id":"a","kind":"unheard","values":{}}]}',
])('%j is not read as pieces', (text) => {
  expect(readClipboard(text)).toBeNull();
});
