import * as v from 'valibot';
import { plainNumber } from '../../lengths/length';
import { tokenKind } from './token-kind';

const message =
  'An easing is four numbers x1 y1 x2 y2, each x from 0 to 1, such as “0.2 0 0 1”; or linear, ease, ease-in, ease-out, ease-in-out.';
const x = v.pipe(v.number(message), v.minValue(0, message), v.maxValue(1, message));
const y = v.pipe(v.number(message), v.minValue(-3, message), v.maxValue(4, message));

/** The two control points of a cubic Bézier curve (CSS Easing 1, 2.2). */
export type Easing = [x1: number, y1: number, x2: number, y2: number];

/** The keywords of CSS and the curves that they stand for (CSS Easing 1, 2.2.1). */
const keywords: Record<string, Easing> = {
  linear: [0, 0, 1, 1],
  ease: [0.25, 0.1, 0.25, 1],
  'ease-in': [0.42, 0, 1, 1],
  'ease-out': [0, 0, 0.58, 1],
  'ease-in-out': [0.42, 0, 0.58, 1],
};

export const easings = tokenKind<Easing>({
  family: 'easings',
  noun: 'easing',
  prefix: 'easing-',
  schema: v.strictTuple([x, y, x, y], message),
  standard: [
    { id: 'easing-settle', name: 'Settle', value: [0.2, 0, 0, 1] },
    { id: 'easing-even', name: 'Even', value: [0, 0, 1, 1] },
  ],
  css: (value) => `cubic-bezier(${value.map(plainNumber).join(', ')})`,
  text: (value) => value.map(plainNumber).join(' '),
  read(text) {
    const typed = text.trim().toLowerCase();
    const known = Object.hasOwn(keywords, typed) ? keywords[typed] : undefined;
    if (known) return { ok: true, value: known };
    const numbers = typed
      .replace(/^cubic-bezier\((.*)\)$/, '$1')
      .split(/[\s,]+/)
      .map(Number);
    return numbers.length === 4 && numbers.every(Number.isFinite)
      ? { ok: true, value: numbers as Easing }
      : { ok: false, reason: message };
  },
});
