import * as v from 'valibot';
import type { Kind } from './kind';

/** One line of text of at most `most` characters. */
export function textKind(most: number, placeholder?: string): Kind<string> {
  return {
    editor: { as: 'text', ...(placeholder ? { placeholder } : {}) },
    schema: v.pipe(
      v.string(),
      v.maxLength(most, `At most ${most} characters.`),
      v.regex(/^[^\p{Cc}]*$/u, 'Line breaks and control characters cannot stand here.'),
    ),
    text: (value) => value,
  };
}
