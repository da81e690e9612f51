import * as v from 'valibot';
import { readColour } from '../../colour/read-colour';
import { idSchema } from '../../ids/id';
import { tokenKind } from './token-kind';

const cssSchema = v.pipe(
  v.string(),
  v.rawTransform(({ dataset, addIssue, NEVER }) => {
    const reading = readColour(dataset.value);
    if (reading.ok) return reading.css;
    addIssue({ message: reading.reason });
    return NEVER;
  }),
);

/** A colour of the brand: one in CSS, or the same as another. */
const colourSchema = v.union(
  [v.strictObject({ css: cssSchema }), v.strictObject({ as: idSchema })],
  (issue) => issue.issues?.[0]?.message ?? 'A colour in CSS, or the name of another colour.',
);
export type ColourValue = v.InferOutput<typeof colourSchema>;

const standard = (id: string, name: string, css: string) => ({ id, name, value: { css } });

export const colours = tokenKind<ColourValue>({
  family: 'colours',
  noun: 'colour',
  prefix: 'colour-',
  schema: colourSchema,
  schemes: true,
  standard: [
    standard('ground', 'Ground', '#ffffff'),
    standard('soft', 'Soft ground', '#f2f2ef'),
    standard('deep', 'Deep ground', '#22303c'),
    standard('ink', 'Ink', '#1f262c'),
    standard('muted', 'Muted ink', '#59636b'),
    standard('on-deep', 'Ink on deep', '#f4f5f2'),
    standard('accent', 'Accent', '#1c5a7a'),
    standard('on-accent', 'Ink on accent', '#ffffff'),
    standard('line', 'Line', '#d3d6d4'),
    standard('shade', 'Shade', 'rgb(20 28 34 / 18%)'),
    standard('backdrop', 'Backdrop', 'rgb(0 0 0 / 50%)'),
  ],
  css: (value, token) => ('css' in value ? value.css : token('colours', value.as)),
  text: (value, nameOf) => ('css' in value ? value.css : nameOf('colours', value.as)),
  read(text, idOf) {
    const id = idOf('colours', text);
    if (id !== null) return { ok: true, value: { as: id } };
    const reading = readColour(text);
    return reading.ok ? { ok: true, value: { css: reading.css } } : reading;
  },
  references: (value) => ('as' in value ? [{ to: 'colours', id: value.as }] : []),
});
