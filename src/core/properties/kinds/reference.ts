import * as v from 'valibot';
import { idSchema, type Id } from '../id';
import { referenceNouns, type ReferenceTarget } from '../reference';
import type { Kind } from './kind';

/** A pointer to a part of the site, or null for none. */
export function referenceKind(to: ReferenceTarget): Kind<Id | null> {
  return {
    editor: { as: 'reference', to },
    schema: v.nullable(idSchema),
    text: (value) => (value === null ? 'none' : `a ${referenceNouns[to]}`),
    references: (value) => (value === null ? [] : [{ to, id: value }]),
  };
}
