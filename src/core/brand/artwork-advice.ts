/** What is known of a picture: its type, its natural size in CSS px, and its weight in bytes. */
interface Picture {
  type: string;
  width: number;
  height: number;
  bytes: number;
}

/** The pixels of a sharp screen in one CSS px (Media Queries 5, 5.1 "resolution": 2dppx). */
const DENSITY = 2;

/** From how many bytes on a picture that stands on every page is far too heavy. */
const HEAVY = { vector: 40 * 1024, raster: 120 * 1024 };

/** The largest size in CSS px at which a picture stays sharp on a 2x screen; null for a vector, which stays so at any. */
export function sharpSize({ type, width, height }: Picture): { width: number; height: number } | null {
  if (type === 'image/svg+xml') return null;
  return { width: Math.floor(width / DENSITY), height: Math.floor(height / DENSITY) };
}

/** What a designer should know of a picture that is shown at most `height` CSS px high, or is not shown (0); empty when all is well. */
export function artworkAdvice(picture: Picture, height: number): string[] {
  const sharp = sharpSize(picture);
  const advice: string[] = [];
  if (sharp && height > sharp.height)
    advice.push(
      `Too small: it is shown ${height} px high, and is sharp up to ${sharp.height} px on a 2x screen. Have it at least ${height * DENSITY} px high, or as SVG.`,
    );
  const limit = sharp ? HEAVY.raster : HEAVY.vector;
  if (picture.bytes > limit)
    advice.push(
      `Far too heavy: ${Math.round(picture.bytes / 1024)} KB on every page; ${limit / 1024} KB would be plenty. ${sharp ? 'Save it smaller, or as WebP.' : 'Simplify its paths, or take out what a drawing program left in it.'}`,
    );
  return advice;
}
