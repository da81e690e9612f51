import { srgb } from '@/core/colour/contrast';
import { leastScrim, pictureContrast, scrimAlphas, scrimColour } from '@/core/colour/picture-contrast';
import { coverCrop } from '@/core/fit/cover-crop';
import type { OverPicture } from '@/core/fit/over-picture';
import type { BarContrast, ContrastAnswer, ContrastQuestion } from './contrast-messages';

/** The ratio that any text has to reach (WCAG 2.2, 1.4.3). */
const WANTED = 4.5;

/** The pixels of a picture behind a bar, drawn as the page draws it. */
function behind(picture: ImageBitmap, { width, pictureHeight, rows: [from, to] }: OverPicture): ImageData {
  const canvas = new OffscreenCanvas(width, to - from);
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  const { x, y, scale } = coverCrop(picture, { width, height: pictureHeight });
  context.drawImage(picture, -x * scale, -y * scale - from, picture.width * scale, picture.height * scale);
  return context.getImageData(0, 0, width, to - from);
}

function contrastOf(picture: ImageBitmap, over: OverPicture): BarContrast {
  const pixels = behind(picture, over);
  const text = srgb(over.ink);
  const own = over.scrim && srgb(over.scrim.colour);
  const scrim = own && { colour: own, alphas: scrimAlphas(over.scrim!.form, own.alpha, pixels.height) };
  const start = performance.now();
  const { worst, fifth, at } = pictureContrast(pixels, text, scrim);
  performance.measure('contrast', { start, detail: `${pixels.width} x ${pixels.height}` });
  const colour = scrimColour(text);
  return {
    worst,
    fifth,
    at: { x: at.x, y: at.y + over.rows[0] },
    colour: colour.r === 0 ? 'black' : 'white',
    flat: leastScrim(pixels, text, colour, 'flat', WANTED),
    gradient: leastScrim(pixels, text, colour, 'gradient', WANTED, over.textRows),
  };
}

addEventListener('message', ({ data: { number, picture, over } }: MessageEvent<ContrastQuestion>) => {
  const contrasts = over.map((each) => contrastOf(picture, each));
  picture.close();
  postMessage({ number, contrasts } satisfies ContrastAnswer);
});
