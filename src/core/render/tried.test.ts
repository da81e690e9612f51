import { expect, test } from '@jest/globals';
import { butOf, circumstances, readTried, slowly, triedCss, triedPart, type TriedAs } from './tried';

const sheet = `@media (width < 64em) { a { gap: 1em } }
@media (width >= 40em) and (height >= 22.5em) { b { top: 0 } }
@media (prefers-reduced-motion: reduce) { c { transition: none } }
@media (forced-colors: active) { d { border: 1px solid } }
@media (hover: hover) { e { color: red } }`;

test('circumstances are told in an address and read from it; what is none is left out', () => {
  expect(triedPart([])).toBe('as-it-is');
  expect(readTried(triedPart(['dark', 'fontless']))).toEqual(['dark', 'fontless']);
  expect(readTried('as-it-is')).toEqual([]);
  expect(readTried('dark+constructor+dark2')).toEqual(['dark']);
});

test('larger text reaches media queries as it does in a browser that is set to it', () => {
  const larger = triedCss(sheet, ['text200']);
  expect(larger).toContain('@media (width < 128em) { a { gap: 1em } }');
  expect(larger).toContain('@media (width >= 80em) and (height >= 45em)');
  expect(larger).toContain('html { font-size: 200% }');
});

test('what a browser would tell of its user holds, and nothing else is changed', () => {
  expect(triedCss(sheet, ['still'])).toBe(
    sheet.replace('(prefers-reduced-motion: reduce)', '(width >= 0px)'),
  );
  expect(triedCss(sheet, ['touch'])).toBe(sheet.replace('(hover: hover)', '(width < 0px)'));
  expect(triedCss(sheet, ['forced'])).toContain('@media (width >= 0px) { d {');
  expect(triedCss(sheet, ['dark', 'fontless', 'slow'])).toBe(sheet);
  expect(triedCss(sheet, ['still', 'touch'])).not.toMatch(/hover: hover|reduced-motion/);
});

test('what a frame cannot show is said, and a slow network takes its time', () => {
  expect(butOf(Object.keys(circumstances) as TriedAs[])).toHaveLength(3);
  expect(butOf(['dark', 'still'])).toEqual([]);
  expect(slowly(50_000)).toBe(1400);
});
