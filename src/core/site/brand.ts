import * as v from 'valibot';
import { colourRoles, type ColourRole } from '../brand/colour-roles';
import { fontFamilies } from '../brand/fonts';
import { brandProperties } from '../properties/brand';
import { valuesSchema } from '../properties/property';

const hexSchema = v.pipe(v.string(), v.regex(/^#[0-9a-f]{6}$/i, 'A colour as #rrggbb.'));
const familySchema = v.picklist(
  fontFamilies.map((family) => family.id),
  `A shipped family: ${fontFamilies.map((family) => family.id).join(', ')}.`,
);

/** The looks of the site: colours by role, font families by use, and widths. */
export const brandSchema = v.strictObject({
  colours: v.strictObject(
    Object.fromEntries(colourRoles.map((role) => [role, hexSchema])) as Record<ColourRole, typeof hexSchema>,
  ),
  fonts: v.strictObject({ text: familySchema, heading: familySchema }),
  values: valuesSchema(brandProperties),
});
export type Brand = v.InferOutput<typeof brandSchema>;
