import { borders } from '../../brand/tokens/border';
import type { Id } from '../../ids/id';
import { unless, type Rules } from '../../markup/css';
import type { CssNames } from '../../properties/property';
import { barGround, groundParts, groundSet } from '../../resolve/ground-set';
import { seenColour } from '../../site/seen-colour';
import type { Site } from '../../site/site';

/** The custom property of a token. */
const nameOf = (css: CssNames, id: Id) => css.token(id).slice('var('.length, -1);

/** The lines of the brand that are drawn in a colour which follows a ground, each with that colour. */
const followingLines = ({ brand }: Site) =>
  Object.values(brand.borders).filter(({ value }) => (groundParts as readonly Id[]).includes(value.colour));

/**
 * The colours of a bar that follow its ground, with `&` for it: what stands on it takes its colours from the brand by name, and in the bar
 * these names mean what is legible there. Lines are said anew, since theirs were put together outside.
 */
export function groundSetRules(site: Site, css: CssNames, values: Record<string, unknown>): Rules {
  const set = groundSet(site, values);
  const follows = set.ground !== undefined;
  const asEver = (id: Id) => set[id] === undefined || set[id] === seenColour(site, id);
  const named = groundParts.map((id) => [nameOf(css, id), unless(asEver(id), set[id] ?? '')]);
  const lines = followingLines(site).map(({ id, value }) => [
    nameOf(css, id),
    unless(
      asEver(value.colour),
      borders.css(value, (_, of) => css.token(of)),
    ),
  ]);
  // The ground of the bar is said as it is: its name means something else in here.
  const ground = follows
    ? { 'background-color': barGround(site, { ...values, shade: 0 }), color: css.token('ink') }
    : {};
  return { '&': { ...Object.fromEntries([...named, ...lines]), ...ground } };
}
