import * as v from 'valibot';
import type { Kind } from './kind';

/** A kind of value that may also be left open; null then means what `open` says, such as `as the type style`. */
export function optionalKind<T>(kind: Kind<T>, open: string): Kind<T | null> {
  const { references } = kind;
  return {
    editor: { ...kind.editor, open },
    schema: v.nullable(kind.schema),
    text: (value) => (value === null ? open : kind.text(value)),
    ...(references && { references: (value) => (value === null ? [] : references(value)) }),
  };
}
