import { el, type Element } from '../../../../markup/html';

/**
 * Pictures are drawn on a sheet of 1440 by 360 units, of which a window shows the middle: all that matters stands between
 * 490 and 950, and below 90. Their tones come from the site’s own colours (`tones`), so that a picture belongs to the brand.
 */
export const SHEET = { width: 1440, height: 360 } as const;

const mix = (colour: string, percent: number, other: string) =>
  `color-mix(in srgb, ${colour} ${percent}%, ${other})`;
const [soft, line, muted, deep, accent, onDeep] = ['soft', 'line', 'muted', 'deep', 'accent', 'on-deep'].map(
  (name) => `var(--${name})`,
) as [string, string, string, string, string, string];

/** The tones of all pictures, by their classes: those of bright ones turn with the scheme of the page, those of dark ones stay dark. */
export const tones = {
  pale: soft,
  haze: line,
  faint: mix(muted, 34, line),
  far: mix(muted, 62, line),
  middle: muted,
  near: mix(deep, 66, muted),
  deep,
  night: mix(deep, 58, 'black'),
  black: mix(deep, 26, 'black'),
  dim: mix(deep, 80, onDeep),
  glow: mix(accent, 42, soft),
  warm: accent,
  lamp: mix(accent, 26, '#ffe9b8'),
  light: onDeep,
} as const;
export type Tone = keyof typeof tones;

/** A filled outline. */
export const shape = (tone: Tone, d: string): Element => el('path', { class: `tone-${tone}`, d });

/** A line of a width. */
export const stroke = (tone: Tone, width: number, d: string): Element =>
  el('path', { class: `tone-${tone} drawn`, 'stroke-width': width, d });

export const disc = (tone: Tone, cx: number, cy: number, r: number): Element =>
  el('circle', { class: `tone-${tone}`, cx, cy, r });

/** The outline of a rectangle, to be put together with others. */
export const box = (x: number, y: number, width: number, height: number): string =>
  `M${x} ${y}h${width}v${height}h${-width}z`;

/** Something through which what lies behind it is seen. */
export const sheer = (opacity: number, ...of: Element[]): Element => el('g', { opacity }, ...of);
