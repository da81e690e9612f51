import { expect, test } from '@jest/globals';
import { sampleSite } from '../site/sample.test-data';
import type { Advances } from './advances';
import { textExtent } from './text-extent';

const flat: Advances = { of: () => 0 };

/** After how many letters of a text a spacing of 1 px is put. */
function spacings(text: string): number {
  const face = {
    family: 'figtree',
    weight: '400',
    slant: 'normal',
    case: 'none',
    letterSpacing: 1,
  } as const;
  return textExtent(sampleSite(), flat, face, text, 'ar')!.spacing;
}

const harbour = 'الموانئ';

test.each([
  ['Fares', 5],
  ['a\u0301b\u00adc', 3],
  [`${harbour} ${harbour}`, 1],
  [`${harbour}–${harbour}`, 0],
  [`–${harbour}`, 0],
  [`${harbour} x`, 2],
  [`${harbour} 12`, 1],
  [`12 ${harbour}`, 1],
  ['12', 2],
  [`${harbour} 12 x`, 3],
  [`x 12 ${harbour}`, 5],
  [`${harbour} (x) ${harbour}`, 3],
  [`x–${harbour}–y`, 3],
  [`${harbour}، ${harbour}!`, 1],
  ['١٢', 0],
])(
  'letters of “%s” are set apart %d times: joined ones never, and what stands beside them as they',
  (text, times) => {
    expect(spacings(text)).toBe(times);
  },
);
