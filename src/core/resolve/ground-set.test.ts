import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { contrastOn } from '../colour/contrast';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { seenColour } from '../site/seen-colour';
import { ringOn } from './focus-ring';
import { barGround, groundSet } from './ground-set';

const hex = fc.integer({ min: 0, max: 0xffffff }).map((number) => `#${number.toString(16).padStart(6, '0')}`);

/** The sample site with other colours of its brand. */
function withColours(said: Record<string, string>): Site {
  const site = sampleSite();
  const own = Object.entries(said).map(([id, css]) => [id, { ...site.brand.colours[id]!, value: { css } }]);
  const colours = { ...site.brand.colours, ...Object.fromEntries(own) };
  return { ...site, brand: { ...site.brand, colours } };
}

test('on any ground, tinted or not, with any brand, texts stand out by 4.5, and lines and buttons by 3', () => {
  const roles = fc.record({
    ink: hex,
    muted: hex,
    line: hex,
    accent: hex,
    'on-accent': hex,
    'on-deep': hex,
    soft: hex,
  });
  fc.assert(
    fc.property(roles, fc.integer({ min: -100, max: 100 }), (colours, shade) => {
      const site = withColours(colours);
      const values = { ground: 'soft', shade, set: true };
      const ground = barGround(site, values);
      const set = groundSet(site, values);
      expect(set.ground).toBe(ground);
      for (const [text, behind] of [
        [set.ink!, ground],
        [set.muted!, ground],
        [set['on-accent']!, set.accent!],
      ] as const)
        expect(contrastOn(text, behind)).toBeGreaterThanOrEqual(4.5);
      for (const id of ['line', 'accent'] as const)
        expect(contrastOn(set[id]!, ground)).toBeGreaterThanOrEqual(3);
    }),
    { numRuns: 300 },
  );
});

test('what is legible stays as the brand has it; a tint darkens or lightens whatever ground there is', () => {
  const site = sampleSite();
  const set = groundSet(site, { ground: 'ground', shade: 0, set: true });
  const css = (id: string) => (site.brand.colours[id]!.value as { css: string }).css;
  for (const id of ['ink', 'muted', 'accent', 'on-accent']) expect(set[id]).toBe(css(id));
  expect(barGround(site, { ground: 'ground', shade: -100, set: true })).toBe('#000000');
  expect(barGround(site, { ground: 'deep', shade: 100, set: true })).toBe('#ffffff');
  expect(groundSet(site, { ground: 'none', shade: 0, set: true })).toEqual({});
  expect(groundSet(site, { ground: 'deep', shade: 0, set: false })).toEqual({});
});

test('a ring stands out on the ground that is really there, with its tint', () => {
  const site = sampleSite();
  for (const shade of [-100, -60, 0, 60, 100]) {
    const bar = { ground: 'soft', shade, set: true };
    const { near, far } = ringOn(site, bar);
    const seen = (id: string) => contrastOn(seenColour(site, id), barGround(site, bar));
    expect(seen(near)).toBeGreaterThanOrEqual(seen(far));
    expect(seen(near)).toBeGreaterThanOrEqual(3);
  }
});
