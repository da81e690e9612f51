import * as v from 'valibot';
import { tokenKinds } from '../brand/tokens';
import type { Border } from '../brand/tokens/border';
import type { ColourValue } from '../brand/tokens/colour';
import type { Easing } from '../brand/tokens/easing';
import type { Shadow } from '../brand/tokens/shadow';
import type { Token, TokenFamily, TokenKind } from '../brand/tokens/token-kind';
import { logoVersions, type LogoVersion } from '../brand/logo-versions';
import { standardTypeStyles, typeStyleProperties } from '../brand/type-style';
import { brandProperties } from '../properties/brand';
import { idSchema, type Id } from '../ids/id';
import { valuesSchema, type Values } from '../properties/property';
import { nameSchema } from './name';

/** Text as the brand sets it. */
export interface TypeStyle {
  id: Id;
  name: string;
  values: Values;
}

export const typeStyleSchema = v.strictObject({
  id: idSchema,
  name: nameSchema,
  values: valuesSchema(typeStyleProperties),
});

/** Things by id that must hold those that every site has. */
function collection<T extends { id: string }>(
  entry: v.GenericSchema<unknown, T>,
  standard: readonly { id: string; name: string }[],
) {
  return v.pipe(
    v.record(idSchema, entry),
    v.check(
      (things) => standard.every(({ id }) => Object.hasOwn(things, id)),
      `These stand in every site: ${standard.map(({ id }) => id).join(', ')}.`,
    ),
  );
}

const tokenSchema = ({ schema, schemes = false }: TokenKind) =>
  v.strictObject({
    id: idSchema,
    name: nameSchema,
    value: schema,
    ...(schemes ? { dark: v.optional(schema) } : {}),
  }) as unknown as v.GenericSchema<unknown, Token>;

const tokenCollections = Object.fromEntries(
  tokenKinds.map((kind) => [kind.family, collection(tokenSchema(kind), kind.standard)]),
);

type Collections = {
  colours: ColourValue;
  radii: number;
  borders: Border;
  shadows: Shadow;
  durations: number;
  easings: Easing;
};
type Tokens = { [F in TokenFamily]: Record<Id, Token<Collections[F]>> };

/** The looks of the site: its tokens by family, type styles, the versions of its logo, and widths. */
export interface Brand extends Tokens {
  typeStyles: Record<Id, TypeStyle>;
  logo: Record<LogoVersion, Id | null>;
  values: Values;
  /** Said only of a brand as it is seen in the dark scheme (scheme.ts), which is never stored. */
  scheme?: 'dark';
}

export const brandSchema = v.strictObject({
  ...tokenCollections,
  typeStyles: collection(typeStyleSchema, standardTypeStyles),
  logo: v.strictObject(
    Object.fromEntries(Object.keys(logoVersions).map((version) => [version, v.nullable(idSchema)])),
  ),
  values: valuesSchema(brandProperties),
}) as unknown as v.GenericSchema<unknown, Brand>;
