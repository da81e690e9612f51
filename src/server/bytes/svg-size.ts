import { ARTWORK_SIDES } from '@/core/site/artwork';

/** How many px a unit is (CSS Values 4, 6.2 "Absolute lengths"). */
const units: Record<string, number> = {
  '': 1,
  px: 1,
  in: 96,
  cm: 96 / 2.54,
  mm: 96 / 25.4,
  pt: 4 / 3,
  pc: 16,
};

/** A length of an SVG attribute in px; null for what goes by something else, or is none. */
function inPx(value: string | null): number | null {
  const [, number, unit] = /^\s*(\d*\.?\d+)([a-z]*)\s*$/.exec(value ?? '') ?? [];
  const length = Number(number ?? 0) * (units[unit ?? ''] ?? 0);
  return length > 0 ? length : null;
}

/** What is drawn in any size keeps its form. */
function withinLimits({ width, height }: { width: number; height: number }) {
  const larger = Math.max(1, ARTWORK_SIDES.least / Math.min(width, height));
  const scale = Math.min(larger, ARTWORK_SIDES.most / Math.max(width, height));
  return { width: width * scale, height: height * scale };
}

/**
 * The size of an SVG as a browser has it, parts of a px included (SVG 2, 8.10 "Intrinsic sizing properties"): what its attributes say,
 * what they leave open as its `viewBox` has it. Null where neither says anything in px.
 */
export function svgSize(svg: {
  getAttribute(name: string): string | null;
}): { width: number; height: number } | null {
  const [width, height] = ['width', 'height'].map((name) => inPx(svg.getAttribute(name)));
  if (width && height) return withinLimits({ width, height });
  const box = (svg.getAttribute('viewBox') ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  const [, , wide, high] = box;
  if (box.length !== 4 || !(wide! > 0 && high! > 0)) return null;
  const ratio = wide! / high!;
  if (width) return withinLimits({ width, height: width / ratio });
  return withinLimits(height ? { width: height * ratio, height } : { width: wide!, height: high! });
}
