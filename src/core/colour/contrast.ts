import { converter, parse } from 'culori';
import { keptByText } from '../ids/kept-by-text';

/** A colour in gamma-encoded sRGB: red, green and blue from 0 to 1, cut off where sRGB ends, and its alpha. */
export interface Srgb {
  r: number;
  g: number;
  b: number;
  alpha: number;
}

const toRgb = converter('rgb');
const within = (channel: number) => Math.min(1, Math.max(0, channel));

/** A CSS colour in sRGB; throws on a text that is none, since readers refuse those. */
export const srgb = keptByText((css): Readonly<Srgb> => {
  const rgb = toRgb(parse(css));
  if (!rgb) throw new Error(`Not a colour: ${css}`);
  return { r: within(rgb.r), g: within(rgb.g), b: within(rgb.b), alpha: rgb.alpha ?? 1 };
});

/** What is seen of a colour over an opaque one (Compositing 1, 5.1 "Simple alpha compositing"). */
export function over(top: Srgb, under: Srgb): Srgb {
  const mix = (channel: 'r' | 'g' | 'b') => top[channel] * top.alpha + under[channel] * (1 - top.alpha);
  return { r: mix('r'), g: mix('g'), b: mix('b'), alpha: 1 };
}

/** Two translucent colours as one that lies over anything as they do (Compositing 1, 5.1 "Simple alpha compositing"). */
export function layered(top: Srgb, under: Srgb): Srgb {
  const alpha = top.alpha + under.alpha * (1 - top.alpha);
  const mix = (channel: 'r' | 'g' | 'b') =>
    (top[channel] * top.alpha + under[channel] * under.alpha * (1 - top.alpha)) / (alpha || 1);
  return { r: mix('r'), g: mix('g'), b: mix('b'), alpha };
}

/** A colour as CSS, by whole 255ths. */
export const rgbCss = ({ r, g, b, alpha }: Srgb): string => {
  const channels = [r, g, b].map((channel) => Math.round(channel * 255)).join(' ');
  return alpha === 1 ? `rgb(${channels})` : `rgb(${channels} / ${Math.round(alpha * 1000) / 1000})`;
};

/** The linear light of a gamma-encoded channel of sRGB, both 0 to 1 (WCAG 2.2, "relative luminance"). */
export function linear(channel: number): number {
  return channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4;
}

/** The relative luminance of an opaque colour, 0 to 1 (WCAG 2.2, "relative luminance"). */
export function luminance({ r, g, b }: Srgb): number {
  return 0.2126 * linear(r) + 0.7152 * linear(g) + 0.0722 * linear(b);
}

/** The contrast ratio of two opaque colours, 1 to 21 (WCAG 2.2, "contrast ratio"). */
export function contrast(one: Srgb, other: Srgb): number {
  const [first, second] = [luminance(one), luminance(other)];
  return (Math.max(first, second) + 0.05) / (Math.min(first, second) + 0.05);
}

const white: Srgb = { r: 1, g: 1, b: 1, alpha: 1 };

/** What stands in no colour (CSS Color 4, 4). */
const BETWEEN = '|';

const contrastOfAll = keptByText((colours) => {
  const [text, ...grounds] = colours.split(BETWEEN);
  const ground = grounds.reduceRight((under, css) => over(srgb(css), under), white);
  return contrast(over(srgb(text!), ground), ground);
});

/** The contrast of a text on grounds that lie on each other, the topmost first, on white: each as CSS, translucent ones composited. */
export const contrastOn = (...textAndGrounds: [text: string, ...grounds: string[]]): number =>
  contrastOfAll(textAndGrounds.join(BETWEEN));

/** What a ratio is enough for: any text, large text and signs, or neither (WCAG 2.2, 1.4.3 and 1.4.11). */
export function contrastGrade(ratio: number): 'text' | 'large' | 'none' {
  if (ratio >= 4.5) return 'text';
  return ratio >= 3 ? 'large' : 'none';
}

/** A ratio as it is told: never more than it is. */
export const ratioText = (ratio: number): string => `${(Math.floor(ratio * 100) / 100).toFixed(2)} : 1`;
