import { linear, luminance, type Srgb } from './contrast';

/** A part of a picture: four bytes a pixel, red, green, blue and alpha, row by row (HTML, "ImageData"); opaque. */
export interface Pixels {
  data: Uint8ClampedArray;
  width: number;
  height: number;
}

/** How a text stands out against every pixel of what is behind it. */
export interface PictureContrast {
  /** The lowest ratio, where it is, in pixels from the top left corner, and the ratio that 5 of 100 pixels fall short of. */
  worst: number;
  at: { x: number; y: number };
  fifth: number;
}

/** What is laid between a picture and a text: one alpha for each row. */
export interface Scrim {
  colour: Srgb;
  alphas: Float64Array;
}

const linearOf = Float64Array.from({ length: 256 }, (_, byte) => linear(byte / 255));

/** Linear light of a channel that lies under a scrim (Compositing 1, 5.1), read from a table of this row's alpha. */
function tableUnder(scrim: number, alpha: number): Float64Array {
  return Float64Array.from({ length: 256 }, (_, byte) =>
    linear(Math.round((byte / 255) * (1 - alpha) * 255 + scrim * alpha * 255) / 255),
  );
}

const ratio = (one: number, other: number) =>
  one > other ? (one + 0.05) / (other + 0.05) : (other + 0.05) / (one + 0.05);

/** Gives the luminance of each pixel of a part of a picture, 0 to 1, under a scrim where there is one (WCAG 2.2, "relative luminance"), until it is told to stop. */
function eachLuminance(
  { data, width, height }: Pixels,
  scrim: Scrim | null,
  told: (luminance: number, index: number) => boolean,
): boolean {
  let [r, g, b]: [Float64Array, Float64Array, Float64Array] = [linearOf, linearOf, linearOf];
  let alphaBefore = 0;
  for (let y = 0; y < height; y += 1) {
    const alpha = scrim?.alphas[y] ?? 0;
    if (scrim && alpha !== alphaBefore) {
      const { colour } = scrim;
      [r, g, b] = [tableUnder(colour.r, alpha), tableUnder(colour.g, alpha), tableUnder(colour.b, alpha)];
      alphaBefore = alpha;
    }
    for (let index = y * width; index < (y + 1) * width; index += 1) {
      const red = 0.2126 * r[data[4 * index]!]!;
      const green = 0.7152 * g[data[4 * index + 1]!]!;
      const blue = 0.0722 * b[data[4 * index + 2]!]!;
      if (!told(red + green + blue, index)) return false;
    }
  }
  return true;
}

/** Ratios are counted in steps of this size, which is finer than any figure that is shown. */
const STEP = 0.01;

/** The contrast of an opaque text with every pixel of a part of a picture (WCAG 2.2, "contrast ratio"), under a scrim where there is one. */
export function pictureContrast(pixels: Pixels, text: Srgb, scrim: Scrim | null = null): PictureContrast {
  const own = luminance(text);
  const counts = new Uint32Array(Math.ceil(21 / STEP) + 1);
  let worst = Infinity;
  let place = 0;
  eachLuminance(pixels, scrim, (behind, index) => {
    const here = ratio(own, behind);
    counts[Math.floor(here / STEP)]! += 1;
    if (here < worst) {
      worst = here;
      place = index;
    }
    return true;
  });
  let below = 0;
  let step = 0;
  while (below + counts[step]! <= pixels.width * pixels.height * 0.05) below += counts[step++]!;
  return {
    worst,
    at: { x: place % pixels.width, y: Math.floor(place / pixels.width) },
    fifth: Math.max(worst, step * STEP),
  };
}

/** How a scrim lies: the same everywhere, or full at the top and gone at the bottom of what it covers. */
export type ScrimForm = 'flat' | 'gradient';

/** The alpha of a scrim in each of so many rows. */
export function scrimAlphas(form: ScrimForm, alpha: number, rows: number): Float64Array {
  return Float64Array.from({ length: rows }, (_, row) =>
    form === 'flat' ? alpha : alpha * (1 - (row + 0.5) / rows),
  );
}

/**
 * The least alpha, in hundredths, with which a scrim of a colour makes a text reach a ratio everywhere on a part of a picture:
 * in the rows from `from` up to `to` where the text stands. Null where no alpha does.
 */
export function leastScrim(
  pixels: Pixels,
  text: Srgb,
  colour: Srgb,
  form: ScrimForm,
  wanted: number,
  [from, to]: readonly [from: number, to: number] = [0, pixels.height],
): number | null {
  const rows: Pixels = {
    data: pixels.data.subarray(4 * from * pixels.width, 4 * to * pixels.width),
    width: pixels.width,
    height: to - from,
  };
  const own = luminance(text);
  const reaches = (hundredths: number) => {
    const alphas = scrimAlphas(form, hundredths / 100, pixels.height).subarray(from, to);
    return eachLuminance(rows, { colour, alphas }, (behind) => ratio(own, behind) >= wanted);
  };
  if (!reaches(100)) return null;
  // More of a scrim that lies on the other side of the ground from the text never makes it less legible.
  let [low, high] = [-1, 100];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (reaches(middle)) high = middle;
    else low = middle;
  }
  return high / 100;
}

/** Black or white, whichever a text stands out against. */
export function scrimColour(text: Srgb): Srgb {
  const dark = { r: 0, g: 0, b: 0, alpha: 1 };
  const light = { r: 1, g: 1, b: 1, alpha: 1 };
  return ratio(luminance(text), 0) >= ratio(luminance(text), 1) ? dark : light;
}
