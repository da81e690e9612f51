import * as v from 'valibot';
import { plainNumber, px } from '../../lengths/length';
import { idSchema } from '../../ids/id';
import { tokenKind } from './token-kind';

const lineStyles = ['solid', 'dashed', 'dotted', 'double'] as const;

/** A border in the terms of CSS (Backgrounds 3, 3): width in CSS px, style, colour by id. */
const borderSchema = v.strictObject({
  width: v.pipe(v.number(), v.minValue(0), v.maxValue(40)),
  style: v.picklist(lineStyles, `A line is one of: ${lineStyles.join(', ')}.`),
  colour: idSchema,
});
export type Border = v.InferOutput<typeof borderSchema>;

const form = `Type a width, a style (${lineStyles.join(', ')}) and a colour by its name, such as “1 solid Line”.`;

export const borders = tokenKind<Border>({
  family: 'borders',
  noun: 'border',
  prefix: 'border-',
  schema: borderSchema,
  standard: [
    { id: 'border-hairline', name: 'Hairline', value: { width: 1, style: 'solid', colour: 'line' } },
    { id: 'border-strong', name: 'Strong', value: { width: 2, style: 'solid', colour: 'ink' } },
  ],
  css: ({ width, style, colour }, token) => `${px(width)} ${style} ${token('colours', colour)}`,
  text: ({ width, style, colour }, nameOf) => `${plainNumber(width)} ${style} ${nameOf('colours', colour)}`,
  read(text, idOf) {
    const match = /^(\d+(?:\.\d+)?)(?:px)?\s+(\w+)\s+(.+)$/.exec(text.trim());
    const style = lineStyles.find((each) => each === match?.[2]);
    const colour = match && idOf('colours', match[3]!);
    return match && style && colour
      ? { ok: true, value: { width: Number(match[1]), style, colour } }
      : { ok: false, reason: form };
  },
  references: ({ colour }) => [{ to: 'colours', id: colour }],
});
