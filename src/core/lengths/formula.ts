import { fluidAt, fluidText, lineOf, readFluid, type Fluid } from './fluid';
import { plainNumber, px, rem, ROOT_TEXT_PX } from './length';
import { bent, constant, narrowest, total, widest, type Piecewise, type Span } from './piecewise';

/** A length in CSS px with a share of the window’s width: 0.88 for 88 %. */
export interface Linear {
  px: number;
  share: number;
}
/** Lengths put together: each is made of straight stretches over the viewport width, so whatever is worked out with it is exact. */
export type Formula = Linear | { least: Length[] } | { greatest: Length[] } | { sum: Length[] };
/** A length that is the same at every width (CSS px), fluid between two widths, or put together. */
export type Length = number | Fluid | Formula;

export function isFluid(length: Length): length is Fluid {
  return typeof length !== 'number' && 'from' in length;
}

/** Whether a value is a length of any form. */
export function isLength(value: unknown): value is Length {
  if (typeof value === 'number') return true;
  return (
    typeof value === 'object' &&
    value !== null &&
    ['from', 'share', 'least', 'greatest', 'sum'].some((key) => key in value)
  );
}

/** What is made of a length, form by form: one function for each. */
interface Forms<T> {
  px(length: number): T;
  fluid(length: Fluid): T;
  linear(length: Linear): T;
  least(of: readonly T[]): T;
  greatest(of: readonly T[]): T;
  sum(of: readonly T[]): T;
}

function made<T>(length: Length, forms: Forms<T>): T {
  const each = (of: readonly Length[]) => of.map((part) => made(part, forms));
  if (typeof length === 'number') return forms.px(length);
  if ('from' in length) return forms.fluid(length);
  if ('share' in length) return forms.linear(length);
  if ('least' in length) return forms.least(each(length.least));
  return 'greatest' in length ? forms.greatest(each(length.greatest)) : forms.sum(each(length.sum));
}

const summed = (of: readonly number[]) => of.reduce((sum, each) => sum + each, 0);

/** A length's value at a viewport width, both in CSS px. */
export function lengthAt(length: Length, width: number): number {
  return made<number>(length, {
    px: (value) => value,
    fluid: (value) => fluidAt(value, width),
    linear: (value) => value.px + value.share * width,
    least: (of) => Math.min(...of),
    greatest: (of) => Math.max(...of),
    sum: summed,
  });
}

/** How the stylesheet writes a length: in CSS px, or for text in `rem`, each with four decimals. */
interface Unit {
  /** How many CSS px it is at the reader's usual text size. */
  px: number;
  /** How many times as large it is for this reader. */
  larger: number;
}

const round = (value: number) => (Number.isInteger(value) ? value : Number(plainNumber(value)));
/** A number of CSS px as it is written in a unit: browsers know no other. */
const written = (value: number, { px: unit, larger }: Unit) => round(value / unit) * unit * larger;
/** A share of the window as it is written in `vw`. */
const writtenShare = (share: number) => round(share * 100) / 100;

function over(length: Length, span: Span, unit: Unit): Piecewise {
  const joined =
    (join: (first: Piecewise, ...others: Piecewise[]) => Piecewise) => (of: readonly Piecewise[]) =>
      join(of[0]!, ...of.slice(1));
  return made<Piecewise>(length, {
    px: (value) => constant(written(value, unit), span),
    fluid: (value) => fluidOver(value, span, unit),
    linear: (value) => ({
      at: [span.from, span.to],
      values: [span.from, span.to].map(
        (width) => written(value.px, unit) + writtenShare(value.share) * width,
      ),
    }),
    least: joined(narrowest),
    greatest: joined(widest),
    sum: joined(total),
  });
}

/** A length of a box over the viewport width, as its CSS has it (`boxCss`). */
export function lengthOver(length: Length, span: Span): Piecewise {
  return over(length, span, { px: 1, larger: 1 });
}

/**
 * A length of text over the viewport width, as its CSS has it (`lengthCss`): it follows the reader's own text size, `root` in CSS px,
 * but for a share of the window.
 */
export function textLengthOver(length: Length, span: Span, root: number): Piecewise {
  return over(length, span, { px: ROOT_TEXT_PX, larger: root / ROOT_TEXT_PX });
}

/** The ends of a fluid length are in the unit of its CSS, so they follow the reader's own text size; its slope does not. */
function fluidOver(fluid: Fluid, span: Span, unit: Unit): Piecewise {
  const line = lineOf(fluid);
  const start = written(line.start, unit);
  const slope = writtenShare(line.slope);
  const ends = [fluid.from.px, fluid.to.px].map((end) => written(end, unit));
  const [least, most] = [Math.min(...ends), Math.max(...ends)];
  const bends = slope === 0 ? [] : [(least - start) / slope, (most - start) / slope];
  return bent(span, bends, (width) => Math.min(most, Math.max(least, start + slope * width)));
}

/** All widths of the viewport over which lengths are looked at, in CSS px. */
export const EVERY_WIDTH: Span = { from: 320, to: 4000 };

/** The least and the greatest that a length comes to over a span of viewport widths, in CSS px. */
export function extremes(length: Length, span: Span): { least: number; most: number } {
  const { values } = lengthOver(length, span);
  return { least: Math.min(...values), most: Math.max(...values) };
}

/** A length several times as large. */
export function scaled(length: Length, by: number): Length {
  const each = (of: readonly Length[]) => of.map((part) => scaled(part, by));
  if (typeof length === 'number') return length * by;
  if ('from' in length) {
    const { from, to } = length;
    return { from: { ...from, px: from.px * by }, to: { ...to, px: to.px * by } };
  }
  if ('share' in length) return { px: length.px * by, share: length.share * by };
  if ('sum' in length) return { sum: each(length.sum) };
  // What was the least is the greatest of what is turned round.
  const least = 'least' in length === by >= 0;
  const of = each('least' in length ? length.least : length.greatest);
  return least ? { least: of } : { greatest: of };
}

/** The least of two lengths at each width. */
export function leastOf(one: Length, other: Length): Length {
  return typeof one === 'number' && typeof other === 'number'
    ? Math.min(one, other)
    : { least: [one, other] };
}

/** A term of a calculation: what stands inside of `calc()` without it (CSS Values 4, 10). */
type Term = { text: string; sum: boolean };

function cssOf(length: Length, ofPx: (px: number) => string): Term {
  // In a calculation nothing is a length only with a unit.
  const unit = (value: number) => (value === 0 ? '0px' : ofPx(value));
  const list =
    (name: string) =>
    (of: readonly Term[]): Term => ({
      text: `${name}(${of.map(({ text }) => text).join(', ')})`,
      sum: false,
    });
  const line = (start: number, share: number): Term => {
    const width = `${plainNumber(share * 100)}vw`;
    if (share === 0) return { text: unit(start), sum: false };
    if (start === 0) return { text: width, sum: false };
    return { text: `${unit(start)} + ${width}`, sum: true };
  };
  return made<Term>(length, {
    px: (value) => ({ text: unit(value), sum: false }),
    fluid(value) {
      const { start, slope } = lineOf(value);
      const ends = [value.from.px, value.to.px];
      const between = `${unit(start)} + ${plainNumber(slope * 100)}vw`;
      return {
        text: `clamp(${unit(Math.min(...ends))}, ${between}, ${unit(Math.max(...ends))})`,
        sum: false,
      };
    },
    linear: (value) => line(value.px, value.share),
    least: list('min'),
    greatest: list('max'),
    sum: (of) => ({ text: of.map(({ text }) => text).join(' + '), sum: true }),
  });
}

const asValue = ({ text, sum }: Term) => (sum ? `calc(${text})` : text);

/**
 * A length of text in CSS: in `rem`, or for one that is not the same at every width a `clamp()`, `min()`, `max()` or `calc()` of `rem` and
 * `vw` (CSS Values 4, 10), so that it follows the reader's own text size.
 */
export function lengthCss(length: Length): string {
  return typeof length === 'number' ? rem(length) : asValue(cssOf(length, rem));
}

/** A length of a box in CSS: in `px`, and in `vw` where it is not the same at every width. */
export function boxCss(length: Length): string {
  return typeof length === 'number' ? px(length) : asValue(cssOf(length, px));
}

/** The widths at which designs are drawn, in CSS px, the most usual first. */
const DRAWN_AT = [375, 390, 360, 320, 412, 430, 768, 820, 1024, 1280, 1440, 1920];

/** A share of the window as it was typed: `88 %`, or `280 of 375` where that is what a long fraction comes from. */
function shareText(share: number): string {
  const percent = plainNumber(share * 100);
  const isLong = Math.abs(share * 1e4 - Math.round(share * 1e4)) > 1e-3;
  const whole = DRAWN_AT.find((width) => isLong && keptShare(Math.round(share * width) / width) === share);
  return whole === undefined ? `${percent} %` : `${Math.round(share * whole)} of ${whole}`;
}

/** A length in words that can be typed: `16 px`, `13 px at 900, 18 px at 1440`, `min(1200 px, 88 %)`. */
export function lengthText(length: Length): string {
  const list = (name: string) => (of: readonly string[]) => `${name}(${of.join(', ')})`;
  return made<string>(length, {
    px: (value) => `${plainNumber(value)} px`,
    fluid: fluidText,
    linear(value) {
      const share = shareText(value.share);
      return value.px === 0 ? share : `${plainNumber(value.px)} px + ${share}`;
    },
    least: list('min'),
    greatest: list('max'),
    sum: (of) => of.join(' + '),
  }).replaceAll('+ -', '- ');
}

export type LengthRead = { ok: true; length: Length } | { ok: false; reason: string };

const HINT =
  'Type px, rem or steps, or % of the window’s width, such as 14, 0.875rem, 2 steps, 88% or 280 of 375; the least or greatest of several, such as min(1200px, 88%); or a sum of them.';

/** The least that a formula may hold of others inside it. */
const MOST_DEEP = 4;

/** Reads a length of any form; `step` is the brand's spacing step in px. */
export function readAnyLength(text: string, step: number): LengthRead {
  if (/\bat\b/i.test(text)) return readFluid(text, step);
  const reader = formulaReader(text.trim(), step);
  const length = reader.sum(0);
  if (length !== null && reader.atEnd()) return { ok: true, length };
  return { ok: false, reason: `“${text.trim()}” is not a length. ${HINT}` };
}

/** A share of the window as exactly as it is said in words: what is read again is the same. */
const keptShare = (share: number) => Number(share.toFixed(6));

/** Reads sums of terms: numbers with units, and the least or greatest of several in brackets. What cannot be read is null. */
function formulaReader(text: string, step: number) {
  const units: Record<string, (value: number) => Linear> = {
    px: (value) => ({ px: value, share: 0 }),
    rem: (value) => ({ px: value * ROOT_TEXT_PX, share: 0 }),
    step: (value) => ({ px: value * step, share: 0 }),
    '%': (value) => ({ px: 0, share: keptShare(value / 100) }),
    vw: (value) => ({ px: 0, share: keptShare(value / 100) }),
  };
  let at = 0;
  const take = (pattern: RegExp) => {
    const sticky = new RegExp(`\\s*(?:${pattern.source})\\s*`, 'iy');
    sticky.lastIndex = at;
    const match = sticky.exec(text);
    if (match) at = sticky.lastIndex;
    return match;
  };
  /** So much in a window of a width: `280 of 375`. */
  const shareOf = (): Length | null => {
    const match = take(/(\d+(?:\.\d+)?)(?:\s*px)?\s+of\s+(\d+(?:\.\d+)?)(?:\s*px)?(?![\w.%])/);
    const whole = Number(match?.[2]);
    return match && whole > 0 ? { px: 0, share: keptShare(Number(match[1]) / whole) } : null;
  };
  const number = (): Length | null => {
    const match = take(/(\d+(?:\.\d+)?|\.\d+)\s*(px|rem|steps?|%|vw)?(?![\w.])/);
    if (!match) return null;
    const unit = (match[2] ?? 'px').toLowerCase().replace('steps', 'step');
    return units[unit]!(Number(match[1]));
  };
  const several = (deep: number, isEnd: RegExp): Length[] | null => {
    const parts: Length[] = [];
    do {
      const part = sum(deep + 1);
      if (part === null) return null;
      parts.push(part);
    } while (take(/,/));
    return take(isEnd) && parts.length > 1 ? parts : null;
  };
  const called = (deep: number): Length | null => {
    const name = take(/(min|max|clamp)\s*\(/)?.[1]!.toLowerCase();
    if (name === undefined || deep >= MOST_DEEP) return null;
    const parts = several(deep, /\)/);
    if (parts === null || parts.length > 6) return null;
    if (name === 'min') return { least: parts };
    if (name === 'max') return { greatest: parts };
    const [least, wanted, most] = parts;
    return parts.length === 3 ? { greatest: [least!, { least: [wanted!, most!] }] } : null;
  };
  const term = (deep: number) => shareOf() ?? number() ?? called(deep);
  const sum = (deep: number): Length | null => {
    const parts: Length[] = [];
    let sign: string | undefined = take(/[+-]/)?.[0].trim() ?? '+';
    while (sign !== undefined) {
      const part = term(deep);
      if (part === null) return null;
      parts.push(sign === '-' ? scaled(part, -1) : part);
      sign = take(/[+-]/)?.[0].trim();
    }
    return simplest(parts);
  };
  return { sum, atEnd: () => at === text.length };
}

/** A sum with all of it that is linear put together; a plain number where it is the same at every width. */
function simplest(parts: readonly Length[]): Length {
  const isLinear = (part: Length): part is Linear => typeof part !== 'number' && 'share' in part;
  const linear = parts.filter(isLinear);
  const others = parts.filter((part) => !isLinear(part));
  const line = {
    px: summed(linear.map((part) => part.px)),
    share: summed(linear.map(({ share }) => share)),
  };
  const plain = line.share === 0 ? line.px : line;
  if (others.length === 0) return plain;
  if (line.px === 0 && line.share === 0 && others.length === 1) return others[0]!;
  return { sum: line.px === 0 && line.share === 0 ? others : [...others, plain] };
}
