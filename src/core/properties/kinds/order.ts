import * as v from 'valibot';
import { idSchema, type Id } from '../../ids/id';
import type { Kind } from './kind';

/** An order of its own for the things that stand below something; null keeps the order of the wider band. */
export function orderKind(): Kind<Id[] | null> {
  return {
    editor: { as: 'order' },
    schema: v.nullable(v.pipe(v.array(idSchema), v.maxLength(2000))),
    text: (value) => (value === null ? 'as listed' : 'its own'),
  };
}
