import { expect, test } from '@jest/globals';
import { newPiece } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { drawerFindings } from './drawer-findings';

const of = (change: (site: Site) => void): string[] => {
  const site = sampleSite();
  const panel = site.drawers.d!.bars.panel!;
  site.drawers.d!.pieces.close = newPiece('close', 'close');
  panel.bays[2]!.pieces.push('close');
  change(site);
  return drawerFindings(site, site.drawers.d!).map(({ words }) => words);
};

test('a drawer that is opened and can be closed surprises nobody', () => {
  expect(of(() => undefined)).toEqual([]);
});

test('one that opens itself, or that nothing opens, is told', () => {
  const itself = of((site) => {
    site.drawers.d!.pieces.list!.values = {
      menu: { desktop: 'm' },
      shownAs: { desktop: 'column', phone: 'button' },
      opens: { all: 'd' },
    };
  });
  expect(itself).toEqual([expect.stringMatching(/^“Menu: Main” opens the drawer that it stands in/)]);
  const unopened = of((site) => {
    delete (site.headers.h!.pieces.menu!.values as Record<string, unknown>).opens;
  });
  expect(unopened).toEqual(['Nothing on any page opens it.']);
});

test('a row that scrolls sideways takes a swipe, where one would close the drawer', () => {
  const scrolling = (values: Record<string, Record<string, unknown>>) =>
    of((site) => {
      site.drawers.d!.values = values;
      site.drawers.d!.pieces.list!.values = { menu: { desktop: 'm' }, shownAs: { desktop: 'scrolling' } };
    });
  expect(scrolling({})).toEqual([expect.stringMatching(/^A swipe over “Menu: Main” scrolls its row/)]);
  expect(scrolling({ closesOnSwipe: { all: false } })).toEqual([]);
  expect(scrolling({ side: { desktop: 'bottom' } })).toEqual([]);
});

test('how one without a close button is left is told', () => {
  const without = (values: Record<string, Record<string, unknown>>) =>
    of((site) => {
      site.drawers.d!.values = values;
      delete site.drawers.d!.pieces.close;
      site.drawers.d!.bars.panel!.bays[2]!.pieces.pop();
    });
  expect(without({})).toEqual([expect.stringContaining('outside of it only')]);
  expect(without({ closesOutside: { all: false } })).toEqual([expect.stringContaining('the way back only')]);
});
