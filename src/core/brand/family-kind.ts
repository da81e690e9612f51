import { idSchema, type Id } from '../ids/id';
import type { Kind } from '../properties/kinds/kind';
import { shippedFamily } from './fonts';

/** A font family by its id: a shipped one, or one that was uploaded to the site. */
export function familyKind(): Kind<Id> {
  return {
    editor: { as: 'family' },
    schema: idSchema,
    text: (value) => shippedFamily(value)?.name ?? 'an uploaded family',
    references: (value) => (shippedFamily(value) ? [] : [{ to: 'fonts', id: value }]),
  };
}
