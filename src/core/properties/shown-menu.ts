import { optionalKind } from './kinds/optional';
import { referenceKind } from './kinds/reference';
import { property } from './property';

/** The menu of the site that a piece shows, the same one at every width. */
export const shownMenu = (label = 'Menu') =>
  property({
    name: 'menu',
    label,
    group: 'Content',
    kind: optionalKind(referenceKind('menus'), 'none'),
    by: null,
    initial: null,
  });
