import * as v from 'valibot';
import type { Kind } from './kind';

/** A kind of value that may also be left open; null then means what `open` says, such as `as the type style`. */
export function optionalKind<T>(kind: Kind<T>, open: string): Kind<T | null> {
  return {
    editor: { ...kind.editor, open },
    schema: v.nullable(kind.schema),
    text: (value) => (value === null ? open : kind.text(value)),
    references: (value) => (value === null ? [] : (kind.references?.(value) ?? [])),
  };
}
