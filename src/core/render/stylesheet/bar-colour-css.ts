import { joinRules, type Rules } from '../../markup/css';
import { barProperties } from '../../properties/bar';
import type { CssNames } from '../../properties/property';
import type { Brand } from '../../site/brand';
import type { Site } from '../../site/site';
import { groundSetRules } from './ground-set-css';
import { ringRules } from './ring';

/** What of a bar’s values decides its colours and its focus ring. */
const deciding = [
  ...barProperties.filter(({ group }) => group === 'Colour').map(({ name }) => name),
  'across',
  'division',
];

const known = new WeakMap<Brand, { css: CssNames; rules: Map<string, Rules> }>();

/**
 * What is worked out of the colours of a bar, with `&` for it: the focus ring, and what follows its ground. It is asked for in every stage,
 * phase and scheme, and is the same wherever these values are.
 */
export function barColourRules(site: Site, css: CssNames, values: Record<string, unknown>): Rules {
  const before = known.get(site.brand);
  const kept = before?.css === css ? before : { css, rules: new Map<string, Rules>() };
  if (kept !== before) known.set(site.brand, kept);
  const said = JSON.stringify(deciding.map((name) => values[name]));
  const found = kept.rules.get(said);
  if (found) return found;
  const rules = joinRules(ringRules(site, css, values), groundSetRules(site, css, values));
  kept.rules.set(said, rules);
  return rules;
}
