import type { OverPicture } from '@/core/fit/over-picture';

/** What the contrast worker is asked: a picture, and what lies over it. */
export interface ContrastQuestion {
  number: number;
  picture: ImageBitmap;
  over: OverPicture[];
}

/** How a bar’s text stands out, and the least scrims that make it reach what was wanted; null where none does. */
export interface BarContrast {
  worst: number;
  fifth: number;
  /** Where it is worst: in CSS px of the viewport, from the top left corner of the picture. */
  at: { x: number; y: number };
  /** The colour of the scrims, and the alpha of each form. */
  colour: 'black' | 'white';
  flat: number | null;
  gradient: number | null;
}

export interface ContrastAnswer {
  number: number;
  contrasts: BarContrast[];
}
