import * as v from 'valibot';
import type { Kind } from './kind';

/** Yes or no, in words: `flagKind('in the same window', 'in a new window')`. */
export function flagKind(no: string, yes: string): Kind<boolean> {
  return {
    editor: { as: 'flag', no, yes },
    schema: v.boolean('Yes or no: true or false.'),
    text: (value) => (value ? yes : no),
  };
}
