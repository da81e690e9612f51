import * as v from 'valibot';
import { logoVersions, type LogoVersion } from '../brand/logo-versions';
import { tokenFamilies, tokenKindOf } from '../brand/tokens';
import type { Token, TokenFamily } from '../brand/tokens/token-kind';
import { standardTypeStyles } from '../brand/type-style';
import { idSchema, own, type Id } from '../ids/id';
import { typeStyleSchema } from '../site/brand';
import { nameSchema } from '../site/name';
import type { Site } from '../site/site';
import { usesOf } from '../site/uses';
import { editKind } from './edit-kind';
import { setReferences } from './references';

const familySchema = v.picklist(tokenFamilies);
const tokensOf = (draft: Site, family: TokenFamily) => draft.brand[family] as Record<Id, Token>;

/** The token in the draft, or why it is not to be had. */
function findToken(draft: Site, edit: { family: TokenFamily; token: Id }): Token | string {
  return (
    own(tokensOf(draft, edit.family), edit.token) ??
    `This ${tokenKindOf(edit.family).noun} is no longer there.`
  );
}

export const addToken = editKind({
  title: 'Add to the brand',
  schema: v.strictObject({
    edit: v.literal('addToken'),
    family: familySchema,
    token: v.strictObject({ id: idSchema, name: nameSchema, value: v.unknown() }),
  }),
  apply(draft, { family, token }) {
    const kind = tokenKindOf(family);
    if (own(tokensOf(draft, family), token.id))
      return `There is already a ${kind.noun} with the id ${token.id}.`;
    const parsed = v.safeParse(kind.schema, token.value);
    if (!parsed.success) return parsed.issues[0].message;
    tokensOf(draft, family)[token.id] = { ...token, value: parsed.output };
    return null;
  },
});

export const changeToken = editKind({
  title: 'Change the brand',
  schema: v.strictObject({
    edit: v.literal('changeToken'),
    family: familySchema,
    token: idSchema,
    name: v.optional(nameSchema),
    value: v.optional(v.unknown()),
    /** For visitors who prefer dark; null for the same. */
    dark: v.optional(v.unknown()),
  }),
  apply(draft, edit) {
    const token = findToken(draft, edit);
    if (typeof token === 'string') return token;
    if (edit.name !== undefined) token.name = edit.name;
    const { noun, schema, schemes = false } = tokenKindOf(edit.family);
    if (edit.dark === null) delete token.dark;
    else if (edit.dark !== undefined && !schemes) return `A ${noun} is the same in the dark scheme.`;
    for (const part of ['value', 'dark'] as const) {
      if (edit[part] === undefined || edit[part] === null) continue;
      const parsed = v.safeParse(schema, edit[part]);
      if (!parsed.success) return parsed.issues[0].message;
      token[part] = parsed.output;
    }
    return null;
  },
});

/** Removes a token; values that point to it point to another one of its family instead, other tokens keep it. */
export const removeToken = editKind({
  title: 'Remove from the brand',
  schema: v.strictObject({
    edit: v.literal('removeToken'),
    family: familySchema,
    token: idSchema,
    instead: v.nullable(idSchema),
  }),
  apply(draft, edit) {
    const token = findToken(draft, edit);
    if (typeof token === 'string') return token;
    if (tokenKindOf(edit.family).standard.some(({ id }) => id === edit.token))
      return `“${token.name}” stands in every site; it can be changed, but not removed.`;
    setReferences(draft, usesOf(draft, edit.family, new Set([edit.token])), edit.instead);
    delete tokensOf(draft, edit.family)[edit.token];
    return null;
  },
});

export const addTypeStyle = editKind({
  title: 'Add a type style',
  schema: v.strictObject({ edit: v.literal('addTypeStyle'), style: typeStyleSchema }),
  apply(draft, { style }) {
    if (own(draft.brand.typeStyles, style.id))
      return `There is already a type style with the id ${style.id}.`;
    draft.brand.typeStyles[style.id] = style;
    return null;
  },
});

export const renameTypeStyle = editKind({
  title: 'Rename a type style',
  schema: v.strictObject({ edit: v.literal('renameTypeStyle'), style: idSchema, name: nameSchema }),
  apply(draft, edit) {
    const style = own(draft.brand.typeStyles, edit.style);
    if (!style) return 'This type style is no longer there.';
    style.name = edit.name;
    return null;
  },
});

/** Removes a type style; pieces that take it go back to the one that their kind has. */
export const removeTypeStyle = editKind({
  title: 'Remove a type style',
  schema: v.strictObject({ edit: v.literal('removeTypeStyle'), style: idSchema }),
  apply(draft, edit) {
    const style = own(draft.brand.typeStyles, edit.style);
    if (!style) return 'This type style is no longer there.';
    if (standardTypeStyles.some(({ id }) => id === edit.style))
      return `“${style.name}” stands in every site; it can be changed, but not removed.`;
    setReferences(draft, usesOf(draft, 'typeStyles', new Set([edit.style])), null);
    delete draft.brand.typeStyles[edit.style];
    return null;
  },
});

/** Says which artwork is a version of the logo, or with null that there is none. */
export const setLogo = editKind({
  title: 'Set the logo',
  schema: v.strictObject({
    edit: v.literal('setLogo'),
    version: v.picklist(Object.keys(logoVersions) as LogoVersion[]),
    artwork: v.nullable(idSchema),
  }),
  apply(draft, { version, artwork }) {
    draft.brand.logo[version] = artwork;
    return null;
  },
});
