import { usesById } from '../../site/uses';
import { defaultBrand } from '../../site/defaults';
import type { ReferenceTarget } from '../../properties/reference';
import { found, type Check } from '../check';

const families = [
  'colours',
  'radii',
  'shadows',
  'borders',
  'durations',
  'easings',
] as const satisfies readonly ReferenceTarget[];

/** Tokens of the brand that were added and are used nowhere; those that every site has stay. */
export const tokens: Check = {
  id: 'tokens',
  label: 'Tokens that nothing uses',
  from: 'Design Tokens: a token that nothing refers to says nothing',
  harm: 'untidy',
  find({ site }) {
    return families.flatMap((family) =>
      Object.values(site.brand[family])
        .filter(({ id }) => !(id in defaultBrand[family]) && !usesById(site, family).has(id))
        .map(({ id, name }) =>
          found({
            lead: { to: 'part', of: family, id },
            at: `Brand, ${name}`,
            words: 'Nothing uses it.',
            repair: {
              label: 'Remove it',
              edits: [{ edit: 'removeToken', family, token: id, instead: null }],
            },
          }),
        ),
    );
  },
};
