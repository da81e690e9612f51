import { expect, test } from '@jest/globals';
import { artworkAdvice, sharpSize } from './artwork-advice';

const png = { type: 'image/png', width: 300, height: 81, bytes: 4000 };
const svg = { type: 'image/svg+xml', width: 30, height: 8, bytes: 4000 };

test('a raster picture is sharp up to half its size, a vector at any', () => {
  expect(sharpSize(png)).toEqual({ width: 150, height: 40 });
  expect(sharpSize(svg)).toBeNull();
});

test('advice comes where it is needed, and says what to do', () => {
  expect(artworkAdvice(png, 40)).toEqual([]);
  expect(artworkAdvice(png, 41)[0]).toContain('shown 41 px high, and is sharp up to 40 px');
  expect(artworkAdvice(svg, 400)).toEqual([]);
  expect(artworkAdvice({ ...svg, bytes: 50_000 }, 0)[0]).toContain('Far too heavy: 49 KB');
  expect(artworkAdvice({ ...png, bytes: 500_000 }, 90)).toHaveLength(2);
});
