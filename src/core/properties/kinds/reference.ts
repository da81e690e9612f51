import { idSchema, type Id } from '../../ids/id';
import { referenceNouns, type ReferenceTarget } from '../reference';
import type { Kind } from './kind';

/** A pointer to a part of the site. */
export function referenceKind(to: ReferenceTarget): Kind<Id> {
  return {
    editor: { as: 'reference', to },
    schema: idSchema,
    text: () => `a ${referenceNouns[to]}`,
    references: (value) => [{ to, id: value }],
  };
}
