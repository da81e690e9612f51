import { expect, test } from '@jest/globals';
import { evenLetters } from '../../fit/even-letters.test-data';
import { sampleSite } from '../../site/sample.test-data';
import type { Site } from '../../site/site';
import { renderStylesheet } from './stylesheet';

const plain = sampleSite();
const spaced: Site = {
  ...plain,
  brand: {
    ...plain.brand,
    typeStyles: {
      ...plain.brand.typeStyles,
      'type-nav': { ...plain.brand.typeStyles['type-nav']!, values: { letterSpacing: { phone: 2 } } },
    },
  },
};

test('what no type style says is said of no text, and does not come from the page around', () => {
  const css = renderStylesheet(plain, evenLetters);
  expect(css).not.toMatch(/letter-spacing: var|--type-\w+-letter-spacing|--type-\w+-slant/);
  expect(css).toMatch(/:is\(\.header, \.drawer, \.footer\) \{[^}]*letter-spacing: 0;/);
});

test('what one style says on one band is said of all that take a style', () => {
  const css = renderStylesheet(spaced, evenLetters);
  expect(css).toContain('letter-spacing: var(--type-nav-letter-spacing);');
  expect(css).toContain('--type-nav-letter-spacing: 0.125rem;');
  expect(css).toContain('letter-spacing: var(--type-sign-letter-spacing);');
  expect(css).not.toMatch(/font-style: var/);
});
