import { expect, test } from '@jest/globals';
import { applyEdits } from '@/core/edit/apply';
import type { FooterStretch } from '@/core/fit/footer-survey';
import { newAssembly, newPiece } from '@/core/site/defaults';
import { countedIds, sampleSite } from '@/core/site/sample.test-data';
import type { Values } from '@/core/properties/property';
import type { Site } from '@/core/site/site';
import { footerFaultText, footerRepair } from './footer-repairs';

/** A site with a footer of one piece, and a fault of that piece over the tablet and the phone. */
function withFault(kind: string, values: Values, fault: FooterStretch['fault']) {
  const sample = sampleSite();
  const footer = newAssembly('footers', 'Footer', 'desktop', countedIds());
  footer.bars[footer.order[0]!]!.bays[0]!.pieces = ['p'];
  footer.pieces = { p: newPiece('p', kind, values) };
  const site: Site = { ...sample, footers: { ...sample.footers, [footer.id]: footer } };
  const item = Object.keys(site.menus.m!.items)[0]!;
  const stretch: FooterStretch = {
    fault,
    piece: 'p',
    entries: [item, 'gone'],
    from: 400,
    to: 700,
    languages: ['en'],
  };
  return { site, footer, stretch };
}

test('lists that stand too close are one less beside each other, in the bands where they are several', () => {
  const values = { menu: { all: 'm' }, columns: { desktop: 4, phone: 1 } };
  const { site, footer, stretch } = withFault('links', values, 'broken');
  const repair = footerRepair(site, footer, stretch)!;
  expect(repair.label).toMatch(/^One list less beside each other on /);
  const outcome = applyEdits(site, repair.edits);
  expect(outcome.ok && outcome.site.footers[footer.id]!.pieces.p!.values.columns).toEqual({
    desktop: 4,
    tablet: 3,
    phone: 1,
  });
});

test('links in lines of which one is alone stand below each other; what cannot be mended so has no repair', () => {
  const inLines = withFault('links', { menu: { all: 'm' }, run: { desktop: 'row' } }, 'alone');
  const { edits } = footerRepair(inLines.site, inLines.footer, inLines.stretch)!;
  expect(edits.map((edit) => 'cell' in edit && edit.cell)).toEqual(['tablet', 'phone']);
  const narrow = withFault('links', { menu: { all: 'm' } }, 'narrow');
  expect(footerRepair(narrow.site, narrow.footer, narrow.stretch)).toBeNull();
  const address = withFault('address', {}, 'narrow');
  expect(footerRepair(address.site, address.footer, address.stretch)).toBeNull();
});

test('a fault is told with the piece, the items that are still there, and the widths', () => {
  const { site, footer, stretch } = withFault('links', { menu: { all: 'm' } }, 'alone');
  expect(footerFaultText(site, footer, stretch)).toMatch(
    /^“Link list: .+” leaves “.+” alone on its last line from 400 to 700 px\.$/,
  );
  const nowhere = { ...stretch, fault: 'narrow' as const, entries: [], from: 320, to: 320 };
  expect(footerFaultText(site, footer, nowhere)).toMatch(/is narrower than its longest word at 320 px\.$/);
  const spoken = { ...site, languages: ['en', 'de'] };
  expect(footerFaultText(spoken, footer, { ...nowhere, languages: ['de'] })).toMatch(
    /at 320 px, in Deutsch\.$/,
  );
});
