import { shippedFamily } from '../../brand/fonts';
import { tokenKinds } from '../../brand/tokens';
import type { Border } from '../../brand/tokens/border';
import type { ColourValue } from '../../brand/tokens/colour';
import type { Shadow } from '../../brand/tokens/shadow';
import type { Token, TokenFamily } from '../../brand/tokens/token-kind';
import { typeStyleProperties } from '../../brand/type-style';
import { colourComponents } from '../../colour/components';
import { EVERY_WIDTH, extremes, type Length } from '../../lengths/formula';
import type { Id } from '../../ids/id';
import { settledValues } from '../../resolve/settled-values';
import type { Site } from '../../site/site';
import { FLUID, safeName, tokenGroups } from './token-groups';

const dimension = (value: number) => ({ value, unit: 'px' });
function tokenValue(site: Site, family: TokenFamily, value: unknown): unknown {
  const colour = (id: Id) => `{${tokenGroups.colours.group}.${safeName(site.brand.colours[id]!.name)}}`;
  switch (family) {
    case 'colours': {
      const said = value as ColourValue;
      return 'as' in said ? colour(said.as) : (colourComponents(said.css) ?? said.css);
    }
    case 'radii':
      return dimension(value as number);
    case 'borders': {
      const { width, style, colour: id } = value as Border;
      return { width: dimension(width), style, color: colour(id) };
    }
    case 'shadows': {
      const { x, y, blur, spread, colour: id } = value as Shadow;
      return {
        offsetX: dimension(x),
        offsetY: dimension(y),
        blur: dimension(blur),
        spread: dimension(spread),
        color: colour(id),
      };
    }
    case 'durations':
      return { value, unit: 'ms' };
    case 'easings':
      return value;
  }
}

function familyName(site: Site, id: Id): string {
  return shippedFamily(id)?.name ?? site.fonts[id]?.name ?? id;
}

function typographyToken(site: Site, values: Site['brand']['typeStyles'][string]['values']) {
  const chain = site.bands.map((band) => band.id);
  const said = settledValues(values, typeStyleProperties, chain, chain[0]!);
  const size = said.size as Length;
  return {
    $type: 'typography',
    $value: {
      fontFamily: familyName(site, said.family as Id),
      fontSize: dimension(extremes(size, EVERY_WIDTH).most),
      fontWeight: Number(said.weight),
      letterSpacing: dimension(said.letterSpacing as number),
      lineHeight: said.lineHeight,
    },
    ...(typeof size === 'number' ? {} : { $extensions: { [FLUID]: size } }),
  };
}

/** The brand of a site as a design tokens file. What has no form in it is left out: the logo, cases, and values of narrower bands. */
export function writeDesignTokens(site: Site): string {
  const families = tokenKinds.map(({ family }) => {
    const { group, type } = tokenGroups[family];
    const tokens = Object.values(site.brand[family] as Record<Id, Token>).map(({ name, value }) => [
      safeName(name),
      { $value: tokenValue(site, family, value) },
    ]);
    return [group, { $type: type, ...Object.fromEntries(tokens) }];
  });
  const styles = Object.values(site.brand.typeStyles).map(({ name, values }) => [
    safeName(name),
    typographyToken(site, values),
  ]);
  return `${JSON.stringify({ ...Object.fromEntries(families), type: Object.fromEntries(styles) }, null, 2)}\n`;
}
