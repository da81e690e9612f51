import type { WayStage } from '../../fit/way-down';
import { joinRules, type Block, type Declarations, type Rules } from '../../markup/css';
import type { Phase } from '../../properties/phases';
import { phasesOf, resolveAssembly } from '../../resolve/assembly';
import { PREFERS_DARK } from '../../properties/schemes';
import { hasDark, inScheme } from '../../site/scheme';
import type { Site } from '../../site/site';
import { barColourRules } from './bar-colour-css';
import { tokenDeclarations, type BrandNames } from './css-names';
import { laterPhases } from './later-phases';
import {
  atWidths,
  joinByStages,
  rulesBelow,
  saidOver,
  scopeRules,
  type RulesByStage,
  type SettledWay,
} from './rules-by-stage';
import type { SaidInput } from './values-css';

const preferred = (...inside: Block['inside']): Block[] => [{ at: `@media ${PREFERS_DARK}`, inside }];

/** What of the brand is otherwise for visitors who prefer dark; `more` is what else is said at the root. */
export function darkBrandCss(site: Site, names: BrandNames, more: (site: Site) => Declarations): Block[] {
  if (!hasDark(site)) return [];
  const said = (of: Site) => ({ ...more(of), ...tokenDeclarations(of, names) });
  const before = said(site);
  const root = Object.entries(said(inScheme(site, 'dark'))).filter(([name, value]) => before[name] !== value);
  return preferred({ ':root': Object.fromEntries(root) });
}

/**
 * What the bars of an assembly say otherwise for visitors who prefer dark: only what was worked out of colours, since all else takes them by
 * name. A phase says again what it has wherever the one before it says something else.
 */
function darkBarRules({ site, names, css }: SaidInput, { stages, settled }: SettledWay): RulesByStage {
  const dark = inScheme(site, 'dark');
  const { id, kind } = settled[0]!;
  const assembly = site[kind][id]!;
  const colours =
    (of: Site, phase: Phase) =>
    (stage: WayStage): Rules =>
      joinRules(
        ...resolveAssembly(site, kind, assembly, { ...stage, phase }).bars.map((bar) =>
          scopeRules(barColourRules(of, css, bar.values), `.${names.get(bar.id)!}`),
        ),
      );
  const said = phasesOf(kind, assembly);
  const later = laterPhases
    .filter(({ phase }) => said.includes(phase))
    .flatMap(({ phase, after, selector }) =>
      [colours(site, phase), colours(dark, after)].map((before) =>
        saidOver(stages, before, colours(dark, phase), (inside) => `.${names.get(id)!}${selector} ${inside}`),
      ),
    );
  const top = saidOver(stages, colours(site, 'top'), colours(dark, 'top'), (inside) => inside);
  return joinByStages([top, ...later]);
}

/** The same of all that is shown, in its order. */
export const darkRules = (input: SaidInput, assemblies: readonly SettledWay[]): RulesByStage[] =>
  hasDark(input.site) ? assemblies.map((way) => darkBarRules(input, way)) : [];

/** They as CSS. */
export const darkValuesCss = (assemblies: readonly SettledWay[], dark: readonly RulesByStage[]): Block[] =>
  dark.length === 0
    ? []
    : preferred(...atWidths(assemblies.flatMap(({ stages }, index) => rulesBelow(stages, dark[index]!))));
