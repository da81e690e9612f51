import { expect, test } from '@jest/globals';
import { composeAssembly, type Said, type SaidBar } from '../site/compose';
import { newItem, newMenu } from '../site/defaults';
import { countedIds, sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { evenLetters } from './even-letters.test-data';
import { surveyFooter } from './footer-survey';
import { usually } from './heights';

const count = countedIds();
const ids = (what: string) => `${what}-${count()}`;

/** A site with a footer of one list of links, across the whole bar, and the survey of it. */
function surveyed(labels: readonly string[], values: Said, inGerman: readonly string[] = []) {
  const sample = sampleSite();
  const items = labels.map((label, nth) =>
    newItem({ id: `i${nth}`, label, link: { to: 'page', page: sample.pageOrder[0]! } }),
  );
  inGerman.forEach((label, nth) => (items[nth]!.labels = { de: label }));
  const menu = {
    ...newMenu({ id: 'legal', name: 'Legal' }),
    top: items.map(({ id }) => id),
    items: Object.fromEntries(items.map((item) => [item.id, item])),
  };
  const languages = inGerman.length === 0 ? ['en'] : ['en', 'de'];
  const site: Site = { ...sample, languages, menus: { ...sample.menus, legal: menu } };
  const said: SaidBar[] = [
    {
      name: 'Legal',
      values: { division: { by: 'stack' } },
      bays: { start: [['links', { menu: 'legal', ...values }]] },
    },
  ];
  const footer = composeAssembly({ kind: 'footers', name: 'Footer', bars: said }, ids, site.bands);
  const placed = { ...site, footers: { [footer.id]: footer } };
  return surveyFooter(usually(placed, evenLetters), footer);
}

test('links that have room are no finding; the footer’s share of every screen is told', () => {
  const { stretches, heights } = surveyed(['Terms', 'Privacy'], {});
  expect(stretches).toEqual([]);
  expect(heights.map(({ screen }) => screen.width)).toContain(320);
  for (const { height, share, screen } of heights) expect(share).toBeCloseTo(height / screen.height);
});

test('a link that is left alone on the last line is told with the widths over which it is', () => {
  const { stretches } = surveyed(['Terms of carriage', 'Privacy at sea', 'Winter timetable'], {
    run: 'row',
    linkGap: 20,
  });
  expect(stretches).toEqual([
    {
      fault: 'alone',
      piece: expect.any(String),
      entries: ['i2'],
      from: expect.any(Number),
      to: expect.any(Number),
      languages: ['en'],
    },
  ]);
  // 47 letters at half of 15 px, and two gaps, beside the gutters: from there on all stand on one line.
  const { from, to } = stretches[0]!;
  expect(from).toBeLessThan(to);
  expect(to).toBeLessThan(47 * 8 + 2 * 20 + 2 * 32);
  expect(to).toBeGreaterThan(47 * 7 + 2 * 20);
});

test('a link in two lines and a word wider than its column are told', () => {
  const { stretches } = surveyed(
    ['Verbindungen zwischen den Inseln', 'Donaudampfschifffahrtsgesellschaften'.repeat(2)],
    {},
  );
  const faults = stretches.map(({ fault, entries, from }) => [fault, entries, from]);
  expect(faults).toContainEqual(['narrow', ['i1'], 320]);
  expect(stretches.find(({ fault }) => fault === 'narrow')!.to).toBeLessThan(72 * 8 + 2 * 32);
});

test('what breaks in one language only is told with that language, and the height is that of the highest', () => {
  const words = 'Beförderungsbedingungen und alles weitere, was es von Fähren zu wissen gibt';
  const plain = surveyed(['Terms', 'Privacy'], {});
  const { stretches, heights } = surveyed(['Terms', 'Privacy'], {}, [words]);
  expect(stretches).toMatchObject([{ fault: 'broken', entries: ['i0'], languages: ['de'], from: 320 }]);
  const at320 = (all: typeof heights) => all.find(({ screen }) => screen.width === 320)!.height;
  expect(at320(heights)).toBeGreaterThan(at320(plain.heights));
});
