import { unless, type Rules } from '../../markup/css';
import type { CssNames } from '../../properties/property';
import { barGround, groundParts, groundSet } from '../../resolve/ground-set';
import { seenColour } from '../../site/seen-colour';
import type { Site } from '../../site/site';

/**
 * The colours of a bar that follow its ground, with `&` for it: what stands on it takes its colours from the brand by name, and in the bar
 * these names mean what is legible there.
 */
export function groundSetRules(site: Site, css: CssNames, values: Record<string, unknown>): Rules {
  const set = groundSet(site, values);
  const follows = set.ground !== undefined;
  const named = groundParts.map((id) => {
    const own = set[id];
    return [
      css.token(id).slice('var('.length, -1),
      unless(own === undefined || own === seenColour(site, id), own ?? ''),
    ];
  });
  // The ground of the bar is said as it is: its name means something else in here.
  const ground = follows
    ? { 'background-color': barGround(site, { ...values, shade: 0 }), color: css.token('ink') }
    : {};
  return { '&': { ...Object.fromEntries(named), ...ground } };
}
