import * as v from 'valibot';
import { plainNumber, px } from '../../lengths/length';
import { idSchema } from '../../ids/id';
import { tokenKind } from './token-kind';

const offset = v.pipe(v.number(), v.minValue(-100), v.maxValue(100));

/** A shadow in the terms of CSS `box-shadow` (Backgrounds 3, 6.1), lengths in CSS px. */
const shadowSchema = v.strictObject({
  x: offset,
  y: offset,
  blur: v.pipe(v.number(), v.minValue(0), v.maxValue(200)),
  spread: offset,
  colour: idSchema,
});
export type Shadow = v.InferOutput<typeof shadowSchema>;

const form =
  'Type four lengths and a colour by its name: beside, below, blur, spread, such as “0 2 8 0 Shade”.';

export const shadows = tokenKind<Shadow>({
  family: 'shadows',
  noun: 'shadow',
  prefix: 'shadow-',
  schema: shadowSchema,
  standard: [
    { id: 'shadow-low', name: 'Low', value: { x: 0, y: 1, blur: 3, spread: 0, colour: 'shade' } },
    { id: 'shadow-high', name: 'High', value: { x: 0, y: 8, blur: 24, spread: 0, colour: 'shade' } },
  ],
  css: ({ x, y, blur, spread, colour }, token) =>
    [...[x, y, blur, spread].map(px), token('colours', colour)].join(' '),
  text: ({ x, y, blur, spread, colour }, nameOf) =>
    [...[x, y, blur, spread].map(plainNumber), nameOf('colours', colour)].join(' '),
  read(text, idOf) {
    const number = '(-?\\d+(?:\\.\\d+)?)(?:px)?';
    const match = new RegExp(`^${number}\\s+${number}\\s+${number}\\s+${number}\\s+(.+)$`).exec(text.trim());
    const colour = match && idOf('colours', match[5]!);
    if (!match || !colour) return { ok: false, reason: form };
    const [x, y, blur, spread] = match.slice(1, 5).map(Number) as [number, number, number, number];
    return { ok: true, value: { x, y, blur, spread, colour } };
  },
  references: ({ colour }) => [{ to: 'colours', id: colour }],
});
