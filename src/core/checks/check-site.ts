import { checks } from '.';
import { usually } from '../fit/heights';
import { surveyFit } from '../fit/survey';
import { assemblyKinds } from '../properties/assembly-kind';
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

/**
 * Asks for the widths of the texts of a site, by how its bars stand, and does nothing with them. Who measures does this first: with texts
 * that are not known, the checks take many times as long, and what they find is of no use.
 */
export function askForTexts({ site, advances }: Checked): void {
  for (const kind of assemblyKinds)
    for (const assembly of Object.values(site[kind]))
      for (const language of site.languages)
        surveyFit({ ...usually(site, advances), language }, kind, assembly);
}
