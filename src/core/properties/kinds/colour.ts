import * as v from 'valibot';
import { colourRoles, colourRoleLabels, type ColourRole } from '../../brand/colour-roles';
import type { Kind } from './kind';

/** A colour of the brand by its role, or `none`. */
export function colourKind(): Kind<ColourRole | 'none'> {
  return {
    editor: { as: 'colour' },
    schema: v.picklist(
      [...colourRoles, 'none'],
      `One of the brand’s colours (${colourRoles.join(', ')}), or none.`,
    ),
    text: (value) => (value === 'none' ? 'none' : colourRoleLabels[value]),
  };
}
