/** A circumstance in which a site is tried: what it is called, and what of it a frame cannot show. */
interface Circumstance {
  label: string;
  /** What is not true of it in a frame. */
  but?: string;
  /** Rewrites the stylesheets so that they are met as they would be then. */
  css?(text: string): string;
}

/** Lets a condition of media queries hold, or not. */
const holding = (condition: string, holds: boolean) => (text: string) =>
  text.replaceAll(`(${condition})`, holds ? '(width >= 0px)' : '(width < 0px)');

/**
 * A stylesheet as readers meet it who have set their browser to larger text: `rem` follows, and so do the `em` of media queries
 * (Media Queries 4, 1.3), which would not be had by a larger root alone.
 */
const largerText = (share: number) => (text: string) =>
  `${text.replace(
    /\((width|height) (<|>=) ([\d.]+)em\)/g,
    (_, side, relation, em) => `(${side} ${relation} ${Number(em) * share}em)`,
  )}\nhtml { font-size: ${100 * share}% }\n`;

/** What browsers force for who has chosen few colours (CSS Color Adjust 1, 3.1), in those of a dark choice. */
const FORCED = `
*, ::before, ::after { color: #fff !important; background-color: #000 !important; border-color: #fff !important; outline-color: #fff !important; text-shadow: none !important; box-shadow: none !important; background-image: none !important; accent-color: #ff0 }
a, a * { color: #ff0 !important }
button, button *, input, select { color: #fff !important; border-color: #fff !important }
::selection { color: #000 !important; background-color: #0ff !important }
`;

/** In what circumstances a site is tried, by their names in its address. */
export const circumstances = {
  dark: { label: 'by visitors who prefer dark' },
  text150: { label: 'with text at 150 %', css: largerText(1.5) },
  text200: { label: 'with text at 200 %', css: largerText(2) },
  still: {
    label: 'with less motion',
    css: holding('prefers-reduced-motion: reduce', true),
  },
  forced: {
    label: 'in forced colours',
    but: 'Forced colours are drawn as a dark choice of them; what a browser lays behind text over pictures is not.',
    css: (text) => `${holding('forced-colors: active', true)(text)}${FORCED}`,
  },
  touch: {
    label: 'by touch',
    but: 'The rules for touch hold; the pointer stays a mouse, so swipes are tried on a device.',
    css: (text) => holding('hover: hover', false)(text),
  },
  fontless: { label: 'before its fonts have come' },
  slow: {
    label: 'on a slow network',
    but: 'Each file waits 0.4 s and comes with 50 KB/s, one beside the other; what the browser keeps is not asked for again.',
  },
} as const satisfies Record<string, Circumstance>;
export type TriedAs = keyof typeof circumstances;

/** What a frame cannot show of circumstances. */
export const butOf = (as: readonly TriedAs[]): string[] =>
  as.flatMap((name) => {
    const { but } = circumstances[name] as Circumstance;
    return but === undefined ? [] : [but];
  });

/** A stylesheet of a site as it is met in circumstances. */
export function triedCss(text: string, as: readonly TriedAs[]): string {
  return as.reduce((met, name) => (circumstances[name] as Circumstance).css?.(met) ?? met, text);
}

/** How long a file of so many bytes takes on a slow network, in ms. */
export const slowly = (bytes: number): number => 400 + bytes / 50;

/** Stands in an address where there are none. */
const AS_IT_IS = 'as-it-is';

/** Circumstances as a part of an address: `dark+fontless`. */
export const triedPart = (as: readonly TriedAs[]): string => as.join('+') || AS_IT_IS;

/** The circumstances that a part of an address names; what it names beside them is none. */
export const readTried = (part: string): TriedAs[] =>
  part.split('+').filter((name): name is TriedAs => Object.hasOwn(circumstances, name));
