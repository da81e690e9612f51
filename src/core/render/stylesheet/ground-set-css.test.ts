import { expect, test } from '@jest/globals';
import { sampleSite } from '../../site/sample.test-data';
import { cssNames } from './css-names';
import { groundSetRules } from './ground-set-css';
import { ringRules } from './ring';

const site = sampleSite();
const { css } = cssNames(site);
const bar = (values: object) => ({ across: 'center', division: { by: 'edges' }, ...values });

test('where what stands on a bar follows its ground, lines of the brand are put together anew, of the colours that they have there', () => {
  const deep = groundSetRules(site, css, bar({ ground: 'deep', shade: 0, set: true }))['&']!;
  expect(deep['--border-strong']).toBe('2px solid var(--ink)');
  expect(deep['--ink']).toMatch(/^#/);
  const plain = groundSetRules(site, css, bar({ ground: 'deep', shade: 0, set: false }))['&']!;
  expect(new Set(Object.values(plain))).toEqual(new Set(['revert-layer']));
  expect(Object.keys(deep)).toEqual(expect.arrayContaining(Object.keys(plain)));
});

test('the ring in such a bar is of the colours of the brand themselves, since their names mean something else in it', () => {
  const set = ringRules(site, css, bar({ ground: 'deep', shade: 0, set: true }))['&']!;
  const plain = ringRules(site, css, bar({ ground: 'deep', shade: 0, set: false }))['&']!;
  expect(plain['--ring']).toBe('var(--ground)');
  expect(set['--ring']).toBe((site.brand.colours.ground!.value as { css: string }).css);
});
