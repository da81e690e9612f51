import { expect, test } from '@jest/globals';
import { fontFileName } from '@/core/render/page/paths';
import type { Site } from '@/core/site/site';
import { renderedFile } from './rendered';
import { seededDemo } from '../demo/demo-sites.test-data';

const { db, demo } = await seededDemo();

/** The demo with a header that stands on no page, and that is set in a family of its own. */
function withOtherFamily(): Site {
  const site = demo('hollin-sound');
  const nav = site.brand.typeStyles['type-nav']!;
  const other = {
    ...nav,
    id: 'other',
    name: 'Other',
    values: { ...nav.values, family: { all: 'archivo' } },
  };
  const header = site.headers['h-handbook']!;
  const pieces = Object.entries(header.pieces).map(([id, piece]) => [
    id,
    piece.kind === 'contact'
      ? { ...piece, values: { ...piece.values, typeStyle: { desktop: 'other' } } }
      : piece,
  ]);
  return {
    ...site,
    placing: { ...site.placing, rules: [] },
    brand: { ...site.brand, typeStyles: { ...site.brand.typeStyles, other } },
    headers: { ...site.headers, 'h-handbook': { ...header, pieces: Object.fromEntries(pieces) } },
  };
}

test('fonts of a header that stands on no page are there for a view of it, and are not handed over', async () => {
  const site = withOtherFamily();
  const own = 'fonts/archivo-latin-400-normal.woff2';
  expect(await renderedFile(db, site, own)).toBeNull();
  expect(await renderedFile(db, site, own, { ofViews: true })).toMatchObject({ path: own });
});

test('a font that what is being typed asks for is there for a view before that is stored', async () => {
  const site = demo('hollin-sound');
  for (const name of ['literata-greek-400-normal', 'arimo-greek-400-normal']) {
    const path = `fonts/${name}.woff2`;
    expect(await renderedFile(db, site, path)).toBeNull();
    expect(await renderedFile(db, site, path, { ofViews: true })).toMatchObject({ path });
  }
  const uploaded = {
    hash: 'a'.repeat(64),
    format: 'woff2' as const,
    weights: ['400', '400'] as ['400', '400'],
    slant: 'normal' as const,
    bytes: 10,
  };
  const withUpload = { ...site, fonts: { tern: { id: 'tern', name: 'Tern Sans', files: [uploaded] } } };
  const own = `fonts/${fontFileName(withUpload.fonts.tern, uploaded)}`;
  expect(await renderedFile(db, withUpload, own, { ofViews: true })).toEqual({
    path: own,
    hash: uploaded.hash,
  });
  expect(
    await renderedFile(db, withUpload, 'fonts/none-latin-400-normal.woff2', { ofViews: true }),
  ).toBeNull();
});

test('the script of notices is there for views, also where the notice stands on no page, and is not handed over without one', async () => {
  const site = demo('hollin-sound');
  expect(await renderedFile(db, site, 'notices.js')).toBeNull();
  const forViews = await renderedFile(db, site, 'notices.js', { ofViews: true });
  expect(forViews).toMatchObject({ text: expect.stringContaining('data-notice') });
});
