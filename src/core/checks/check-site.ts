import { checks } from '.';
import type { Checked } from './check';
import { asFinding, harms, type Finding, type Harm } from './finding';

const worst = Object.keys(harms) as Harm[];

/** All that the checks find in a site, what harms most first; what was accepted is among it. */
export function checkSite(checked: Checked): Finding[] {
  const all = checks.flatMap(({ id, harm, find }) =>
    find(checked).map((found) => asFinding(id, harm, found)),
  );
  return worst.flatMap((harm) => all.filter((finding) => finding.harm === harm));
}
