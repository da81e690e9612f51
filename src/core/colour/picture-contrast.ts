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

/** Bytes of a channel that lie under a colour of some alpha (Compositing 1, 5.1), by the byte that is covered. */
function bytesUnder(channel: number, alpha: number, bytes: Uint8ClampedArray): Uint8ClampedArray {
  return bytes.map((byte) => Math.round(byte * (1 - alpha) + channel * 255 * alpha));
}

const everyByte = Uint8ClampedArray.from({ length: 256 }, (_, byte) => byte);
const weights = { r: 0.2126, g: 0.7152, b: 0.0722 } as const;
type Channel = keyof typeof weights;

/** What each byte of a channel adds to the luminance (WCAG 2.2, "relative luminance"): of the ground, and of the text on it. */
interface Shares {
  ground: Float64Array;
  text: Float64Array;
}

function sharesOf(channel: Channel, text: Srgb, scrim: Srgb | null, alpha: number): Shares {
  const seen = scrim === null ? everyByte : bytesUnder(scrim[channel], alpha, everyByte);
  const share = (bytes: Uint8ClampedArray) =>
    Float64Array.from(bytes, (byte) => weights[channel] * linear(byte / 255));
  // An opaque text is the same on every ground, and no whole byte.
  const opaque = () => new Float64Array(256).fill(weights[channel] * linear(text[channel]));
  return {
    ground: share(seen),
    text: text.alpha === 1 ? opaque() : share(bytesUnder(text[channel], text.alpha, seen)),
  };
}

const ratio = (one: number, other: number) =>
  one > other ? (one + 0.05) / (other + 0.05) : (other + 0.05) / (one + 0.05);

/** Gives the contrast of a text with each pixel of a part of a picture, under a scrim where there is one, until it is told to stop. */
function eachRatio(
  { data, width, height }: Pixels,
  text: Srgb,
  scrim: Scrim | null,
  told: (ratio: number, index: number) => boolean,
): boolean {
  let alphaBefore: number | null = null;
  let r!: Shares;
  let g!: Shares;
  let b!: Shares;
  for (let y = 0; y < height; y += 1) {
    const alpha = scrim?.alphas[y] ?? 0;
    if (alpha !== alphaBefore) {
      const shares = (channel: Channel) => sharesOf(channel, text, scrim && scrim.colour, alpha);
      [r, g, b] = [shares('r'), shares('g'), shares('b')];
      alphaBefore = alpha;
    }
    for (let index = y * width; index < (y + 1) * width; index += 1) {
      const red = data[4 * index]!;
      const green = data[4 * index + 1]!;
      const blue = data[4 * index + 2]!;
      const ground = r.ground[red]! + g.ground[green]! + b.ground[blue]!;
      const ink = r.text[red]! + g.text[green]! + b.text[blue]!;
      if (!told(ratio(ink, ground), index)) return false;
    }
  }
  return true;
}

/** Ratios are counted in steps of this size, which is finer than any figure that is shown. */
const STEP = 0.01;

/** The contrast of a text with every pixel of a part of a picture (WCAG 2.2, "contrast ratio"), under a scrim where there is one. */
export function pictureContrast(pixels: Pixels, text: Srgb, scrim: Scrim | null = null): PictureContrast {
  const counts = new Uint32Array(Math.ceil(21 / STEP) + 1);
  let worst = Infinity;
  let place = 0;
  eachRatio(pixels, text, scrim, (here, index) => {
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
  const reaches = (hundredths: number) => {
    const alphas = scrimAlphas(form, hundredths / 100, pixels.height).subarray(from, to);
    return eachRatio(rows, text, { colour, alphas }, (here) => here >= wanted);
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
