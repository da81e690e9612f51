import { ARTWORK_SIDES } from '@/core/site/artwork';

/** A length of an SVG attribute in px; null for what is in another unit, or none. */
function inPx(value: string | null): number | null {
  const found = /^\s*(\d*\.?\d+)(?:px)?\s*$/.exec(value ?? '');
  const length = found ? Number(found[1]) : 0;
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
