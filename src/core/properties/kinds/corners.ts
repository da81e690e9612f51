import * as v from 'valibot';
import { plainNumber } from '../../lengths/length';
import type { Kind } from './kind';

/** Radii of the four corners in CSS px, as CSS counts them: start-start, start-end, end-end, end-start. */
export type Corners = [number, number, number, number];

const MOST = 200;
const message = `A corner’s radius is 0 to ${MOST} px.`;
const radius = v.pipe(v.number(message), v.minValue(0, message), v.maxValue(MOST, message));

/** Corners as they are typed: `8` for all alike, else all four. */
export function cornersText(corners: Corners): string {
  const same = corners.every((each) => each === corners[0]);
  return same ? `${plainNumber(corners[0])} px` : corners.map(plainNumber).join(' ');
}

/** Reads corners as a designer types them: one radius for all, two for top and bottom, or four. */
export function readCorners(text: string): { ok: true; value: Corners } | { ok: false; reason: string } {
  const radii = text
    .trim()
    .replaceAll('px', '')
    .split(/[\s,]+/)
    .filter(Boolean)
    .map(Number);
  const [a, b = a, c = b, d = a] = radii.length === 2 ? [radii[0], radii[0], radii[1], radii[1]] : radii;
  if (![1, 2, 4].includes(radii.length) || radii.some(Number.isNaN))
    return { ok: false, reason: 'Type one radius for all corners, two for top and bottom, or all four.' };
  const parsed = v.safeParse(cornersKind().schema, [a, b, c, d]);
  return parsed.success
    ? { ok: true, value: parsed.output }
    : { ok: false, reason: parsed.issues[0].message };
}

/** The radii of the four corners. */
export function cornersKind(): Kind<Corners> {
  return {
    editor: { as: 'corners' },
    schema: v.tuple([radius, radius, radius, radius], 'Four radii.'),
    text: cornersText,
  };
}
