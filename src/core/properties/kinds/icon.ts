import * as v from 'valibot';
import { iconNames, iconWords, type IconName } from '../../icons/icons';
import type { Kind } from './kind';

/** A sign of the shipped set, or none. */
export function iconKind(): Kind<IconName | null> {
  return {
    editor: { as: 'icon' },
    schema: v.nullable(v.picklist(iconNames, 'An icon of the shipped set, or none.')),
    text: (value) => (value === null ? 'none' : iconWords(value)),
  };
}
