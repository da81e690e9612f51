import type { Id } from './id';

/** What a value may point at: the parts of a site that have an id of their own. */
export type ReferenceTarget = 'pages' | 'menus' | 'drawers' | 'artwork';

/** A pointer from a value to a part of the site. */
export interface Reference {
  to: ReferenceTarget;
  id: Id;
}

/** A target in the words of a message: `page`, `menu` … */
export const referenceNouns: Record<ReferenceTarget, string> = {
  pages: 'page',
  menus: 'menu',
  drawers: 'drawer',
  artwork: 'piece of artwork',
};
