import { linkKind } from './kinds/link';
import { NOWHERE } from './link';
import { property } from './property';

/** Where a piece as a whole leads. */
export const leadsTo = (label = 'Leads to') =>
  property({ name: 'link', label, group: 'Content', kind: linkKind(), by: null, initial: NOWHERE });
