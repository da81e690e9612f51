import { linkReferences, linkSchema, type Link } from '../link';
import type { Kind } from './kind';

/** What a link leads to, without the names of what it points at. */
function bareText(link: Link): string {
  if (link.to === 'address') return link.address;
  if (link.to === 'email') return link.email;
  if (link.to === 'telephone') return link.telephone;
  return link.to === 'nothing' ? 'nowhere' : `a ${link.to}`;
}

/** Where a link leads. */
export function linkKind(): Kind<Link> {
  return {
    editor: { as: 'link' },
    schema: linkSchema,
    text: bareText,
    references: linkReferences,
    redirected: (_, __, link) => link,
  };
}
