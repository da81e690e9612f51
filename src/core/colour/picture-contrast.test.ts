import { expect, test } from '@jest/globals';
import { contrast, over, srgb, type Srgb } from './contrast';
import { leastScrim, pictureContrast, scrimAlphas, scrimColour, type Pixels } from './picture-contrast';

/** Pixels that differ from each other, the same each time. */
function noise(width: number, height: number): Pixels {
  const data = new Uint8ClampedArray(4 * width * height);
  let state = 7;
  for (let index = 0; index < data.length; index += 1) {
    state = (state * 1103515245 + 12345) % 2147483648;
    data[index] = index % 4 === 3 ? 255 : state >> 16;
  }
  return { data, width, height };
}

const pixelAt = ({ data, width }: Pixels, x: number, y: number): Srgb => {
  const at = 4 * (y * width + x);
  return { r: data[at]! / 255, g: data[at + 1]! / 255, b: data[at + 2]! / 255, alpha: 1 };
};

/** A colour as a screen shows it. */
const wholeBytes = ({ r, g, b }: Srgb): Srgb => {
  const whole = (channel: number) => Math.round(channel * 255) / 255;
  return { r: whole(r), g: whole(g), b: whole(b), alpha: 1 };
};

/** Every ratio, pixel by pixel, by the function that judges two colours. */
function bruteForce(pixels: Pixels, text: Srgb, scrim?: { colour: Srgb; alphas: Float64Array }) {
  const ratios: number[] = [];
  for (let y = 0; y < pixels.height; y += 1)
    for (let x = 0; x < pixels.width; x += 1) {
      const under = pixelAt(pixels, x, y);
      const seen = scrim ? over({ ...scrim.colour, alpha: scrim.alphas[y]! }, under) : under;
      const ground = wholeBytes(seen);
      ratios.push(contrast(text.alpha === 1 ? text : wholeBytes(over(text, ground)), ground));
    }
  return ratios;
}

const white = srgb('white');
const pixels = noise(60, 40);

test('the worst ratio, its place and the fifth percentile are those of all pixels', () => {
  for (const text of [white, srgb('#123456')]) {
    const ratios = bruteForce(pixels, text);
    const found = pictureContrast(pixels, text);
    expect(found.worst).toBeCloseTo(Math.min(...ratios), 9);
    expect(ratios[found.at.y * 60 + found.at.x]).toBeCloseTo(found.worst, 9);
    const sorted = [...ratios].sort((a, b) => a - b);
    expect(Math.abs(found.fifth - sorted[Math.floor(sorted.length * 0.05)]!)).toBeLessThanOrEqual(0.01);
  }
});

test.each(['flat', 'gradient'] as const)('a %s scrim is composited row by row', (form) => {
  const scrim = { colour: srgb('black'), alphas: scrimAlphas(form, 0.6, 40) };
  expect(pictureContrast(pixels, white, scrim).worst).toBeCloseTo(
    Math.min(...bruteForce(pixels, white, scrim)),
    9,
  );
});

test('the least scrim reaches the ratio, and one hundredth less does not', () => {
  const colour = scrimColour(white);
  const worst = (alpha: number) =>
    pictureContrast(pixels, white, { colour, alphas: scrimAlphas('flat', alpha, 40) }).worst;
  const alpha = leastScrim(pixels, white, colour, 'flat', 4.5)!;
  expect(worst(alpha)).toBeGreaterThanOrEqual(4.5);
  expect(worst(alpha - 0.01)).toBeLessThan(4.5);
});

test('a translucent text is judged as it is seen, on each pixel and under a scrim', () => {
  const text = { ...white, alpha: 0.5 };
  const scrim = { colour: srgb('black'), alphas: scrimAlphas('flat', 0.3, 40) };
  for (const [laid, found] of [
    [undefined, pictureContrast(pixels, text)],
    [scrim, pictureContrast(pixels, text, scrim)],
  ] as const)
    expect(found.worst).toBeCloseTo(Math.min(...bruteForce(pixels, text, laid)), 9);
  expect(pictureContrast(pixels, text).worst).toBeLessThanOrEqual(pictureContrast(pixels, white).worst);
});

test('what is legible already needs no scrim, and what none can make legible says so', () => {
  const dark: Pixels = { data: new Uint8ClampedArray([0, 0, 0, 255]), width: 1, height: 1 };
  expect(leastScrim(dark, white, srgb('black'), 'flat', 4.5)).toBe(0);
  expect(leastScrim(dark, srgb('#777'), srgb('black'), 'flat', 21)).toBeNull();
  // A gradient is gone at the bottom, so a text that reaches that far cannot be helped by it.
  const bright: Pixels = { data: new Uint8ClampedArray(4 * 40).fill(255), width: 1, height: 40 };
  expect(leastScrim(bright, white, srgb('black'), 'gradient', 4.5)).toBeNull();
  expect(leastScrim(bright, white, srgb('black'), 'gradient', 4.5, [0, 10])).toBeGreaterThan(0.5);
});

test('a scrim is of the colour that the text stands out against', () => {
  expect(scrimColour(white).r).toBe(0);
  expect(scrimColour(srgb('#222')).r).toBe(1);
});
