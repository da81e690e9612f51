import type { IconName } from '../icons/icons';
import { iconKind } from './kinds/icon';
import { property } from './property';

/** The sign that a piece bears beside its words; another one at first for each kind. */
export const ownIcon = (initial: IconName | null) =>
  property({ name: 'icon', label: 'Icon', group: 'Content', kind: iconKind(), by: null, initial });
