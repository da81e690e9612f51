import * as v from 'valibot';
import { idSchema, type Id } from '../../ids/id';
import type { Kind } from './kind';

/** A colour of the brand by its id, or `none`. */
export function colourKind(): Kind<Id | 'none'> {
  return {
    editor: { as: 'colour' },
    schema: v.pipe(v.string('A colour of the brand, or none.'), idSchema),
    text: (value) => (value === 'none' ? 'none' : 'a colour'),
    references: (value) => (value === 'none' ? [] : [{ to: 'colours', id: value }]),
  };
}
