import { linkReferences, linkSchema, type Link } from '../link';
import type { Kind } from './kind';

/** Where a link leads. */
export function linkKind(): Kind<Link> {
  return {
    editor: { as: 'link' },
    schema: linkSchema,
    text: (value) =>
      ({ nothing: 'nowhere', page: 'a page', address: value.to === 'address' ? value.address : '' })[
        value.to
      ],
    references: linkReferences,
  };
}
