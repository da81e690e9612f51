import { plainNumber, readLength, rem } from './length';

/** A length that grows with the viewport between two widths and keeps its ends beyond them. All in CSS px. */
export interface Fluid {
  from: { at: number; px: number };
  to: { at: number; px: number };
}
/** A length that is the same at every width (CSS px), or fluid. */
export type Length = number | Fluid;

export function isFluid(length: Length): length is Fluid {
  return typeof length !== 'number';
}

/** A length's value at a viewport width, both in CSS px. */
export function lengthAt(length: Length, width: number): number {
  if (!isFluid(length)) return length;
  const { from, to } = length;
  const share = Math.min(1, Math.max(0, (width - from.at) / (to.at - from.at)));
  return from.px + (to.px - from.px) * share;
}

/** The line on which a fluid length lies between its ends: CSS px at width 0, and px gained per px of width. */
function lineOf({ from, to }: Fluid): { start: number; slope: number } {
  const slope = (to.px - from.px) / (to.at - from.at);
  return { start: from.px - slope * from.at, slope };
}

/**
 * A length in CSS: `rem`, or a `clamp()` of a line over the viewport width (CSS Values 4, 10.3), in `rem` and `vw` so that it
 * follows the reader's own text size.
 */
export function lengthCss(length: Length): string {
  if (!isFluid(length)) return rem(length);
  const { start, slope } = lineOf(length);
  const line = `${rem(start)} + ${plainNumber(slope * 100)}vw`;
  const ends = [length.from.px, length.to.px];
  return `clamp(${rem(Math.min(...ends))}, ${line}, ${rem(Math.max(...ends))})`;
}

/** A length in words: `16 px`, or `13 px at 900, 18 px at 1440`. */
export function lengthText(length: Length): string {
  if (!isFluid(length)) return `${plainNumber(length)} px`;
  const end = ({ at, px: value }: Fluid['from']) => `${plainNumber(value)} px at ${plainNumber(at)}`;
  return `${end(length.from)}, ${end(length.to)}`;
}

export type FluidReading = { ok: true; length: Length } | { ok: false; reason: string };

/** One end as it is typed: `13 px at 900`. */
function readEnd(text: string, step: number): Fluid['from'] | null {
  const match = /^(.+?)\s+at\s+(\d+)\s*(?:px)?$/i.exec(text.trim());
  const size = match && readLength(match[1]!, step);
  return size?.ok ? { at: Number(match![2]), px: size.px } : null;
}

/** Reads a length, or two of them with the widths at which they hold: `13 px at 900, 18 px at 1440`. */
export function readFluid(text: string, step: number): FluidReading {
  if (!/\bat\b/i.test(text)) {
    const reading = readLength(text, step);
    return reading.ok ? { ok: true, length: reading.px } : reading;
  }
  const [from, to, ...more] = text.split(',').map((end) => readEnd(end, step));
  if (from && to && more.length === 0) {
    if (from.at < to.at) return { ok: true, length: { from, to } };
    const turned = lengthText({ from: to, to: from });
    const reason =
      from.at === to.at
        ? `Both sizes are at ${from.at} px. Give them two widths, the narrower one first.`
        : `The widths are crossed: the narrower one comes first, such as ${turned}.`;
    return { ok: false, reason };
  }
  return {
    ok: false,
    reason: `“${text.trim()}” is not two lengths. Type them with their widths, such as 13 px at 900, 18 px at 1440.`,
  };
}
