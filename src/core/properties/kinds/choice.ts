import * as v from 'valibot';
import type { Kind } from './kind';

/** One of a few named values: `choiceKind({ row: 'row', column: 'column' })`, value to label. */
export function choiceKind<T extends string>(labels: Record<T, string>): Kind<T> {
  const values = Object.keys(labels) as T[];
  return {
    editor: { as: 'choice', options: values.map((value) => ({ value, label: labels[value] })) },
    schema: v.picklist(values, `One of: ${values.join(', ')}.`),
    text: (value) => labels[value],
  };
}
