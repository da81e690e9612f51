import { plainNumber, readLength } from './length';

/** A length that grows with the viewport between two widths and keeps its ends beyond them. All in CSS px. */
export interface Fluid {
  from: { at: number; px: number };
  to: { at: number; px: number };
}

/** A fluid length's value at a viewport width, both in CSS px. */
export function fluidAt({ from, to }: Fluid, width: number): number {
  const share = Math.min(1, Math.max(0, (width - from.at) / (to.at - from.at)));
  return from.px + (to.px - from.px) * share;
}

/** The line on which a fluid length lies between its ends: CSS px at width 0, and px gained per px of width. */
export function lineOf({ from, to }: Fluid): { start: number; slope: number } {
  const slope = (to.px - from.px) / (to.at - from.at);
  return { start: from.px - slope * from.at, slope };
}

/** A fluid length in words: `13 px at 900, 18 px at 1440`. */
export function fluidText({ from, to }: Fluid): string {
  const end = ({ at, px: value }: Fluid['from']) => `${plainNumber(value)} px at ${plainNumber(at)}`;
  return `${end(from)}, ${end(to)}`;
}

export type FluidReading = { ok: true; length: Fluid } | { ok: false; reason: string };

/** One end as it is typed: `13 px at 900`. */
function readEnd(text: string, step: number): Fluid['from'] | null {
  const match = /^(.+?)\s+at\s+(\d+)\s*(?:px)?$/i.exec(text.trim());
  const size = match && readLength(match[1]!, step);
  return size?.ok ? { at: Number(match![2]), px: size.px } : null;
}

/** Reads two lengths with the widths at which they hold: `13 px at 900, 18 px at 1440`. */
export function readFluid(text: string, step: number): FluidReading {
  const [from, to, ...more] = text.split(',').map((end) => readEnd(end, step));
  if (from && to && more.length === 0) {
    if (from.at < to.at) return { ok: true, length: { from, to } };
    const turned = fluidText({ from: to, to: from });
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
