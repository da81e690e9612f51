import type { AssemblyPlace } from '../edit/place';
import type { Assembly } from '../site/assembly';
import type { Site } from '../site/site';
import { surroundingsOf } from '../site/surroundings';
import type { Id } from '../ids/id';
import type { Advances } from '../text/advances';
import { standInSizes } from '../text/stand-in';
import { keptWithTexts, lineageOf } from '../text/worked-with';
import type { Found, Harm } from './finding';

/** A site with what is known of the widths of its texts. */
export interface Checked {
  site: Site;
  advances: Advances;
}

/** A check: one file of `kinds/`. */
export interface Check {
  id: string;
  /** What it looks for, as a noun, such as “Contrast of texts”. */
  label: string;
  /** Where it comes from: a standard with its section, or why visitors or designers are harmed. */
  from: string;
  harm: Harm;
  find(checked: Checked): readonly Found[];
}

/** An assembly that is looked at. */
export interface CheckedAssembly extends Checked {
  at: AssemblyPlace;
  assembly: Assembly;
}

/** What is found in an assembly is made of: all but other assemblies and menus that it does not show; of those no more than what stands in for fonts. */
export function madeOf({ site, advances }: Checked, { pieces }: Assembly): readonly unknown[] {
  const shown = Object.values(pieces).flatMap(({ values }) => Object.values(values.menu ?? {}));
  return [
    lineageOf(advances),
    ...surroundingsOf(site).filter((part) => part !== site.menus),
    ...shown.map((id) => site.menus[id as Id]),
    ...standInSizes(site, advances),
  ];
}

/** A check that looks at each assembly by itself: what it found in one holds as long as that and what it is made of are the same. */
export function ofAssemblies(
  kinds: readonly AssemblyPlace['in'][],
  look: (checked: CheckedAssembly) => readonly Found[],
): Check['find'] {
  const kept = keptWithTexts<Assembly, readonly Found[]>();
  return ({ site, advances }) =>
    kinds.flatMap((kind) =>
      Object.values(site[kind]).flatMap((assembly) =>
        kept(assembly, advances, madeOf({ site, advances }, assembly), () =>
          look({ site, advances, at: { in: kind, assembly: assembly.id }, assembly }),
        ),
      ),
    );
}

/** What a check found about something, without what is the same most of the time. */
export const found = (
  about: Pick<Found, 'lead' | 'at' | 'words'> & Partial<Omit<Found, 'lead' | 'at' | 'words'>>,
): Found => ({ seen: {}, measure: null, limit: null, repair: null, ...about });
