import { bandChain } from '../../bands/band';
import { typeStyleProperties } from '../../brand/type-style';
import type { WayStage } from '../../fit/way-down';
import { AS_IT_COMES, joinRules, type CssNode, type Declarations, type Rules } from '../../markup/css';
import { pieceKind } from '../../pieces';
import type { SettledPiece } from '../../pieces/piece';
import { variantRules } from '../../pieces/variants';
import { assemblyProperties } from '../../properties/assembly';
import { barProperties } from '../../properties/bar';
import { brandProperties } from '../../properties/brand';
import { drawerRules, type DrawerValues } from '../../properties/drawer';
import { sameItems } from '../../ids/same-items';
import type { Id } from '../../ids/id';
import { saysPhases, type Phase } from '../../properties/phases';
import { type CssNames } from '../../properties/property';
import { scrollRules } from '../../properties/scroll';
import {
  phasesOf,
  resolveAssembly,
  settledPieces,
  type SettledAssembly,
  type SettledBar,
} from '../../resolve/assembly';
import { brandInBands } from '../../resolve/brand-in-bands';
import { initialValues, settledValues } from '../../resolve/settled-values';
import type { Assembly } from '../../site/assembly';
import type { TypeStyle } from '../../site/brand';
import type { Site } from '../../site/site';
import { barColourRules } from './bar-colour-css';
import type { BrandNames } from './css-names';
import { divisionRules, ownBarRules } from './division';
import { measuredRules } from './measured-css';
import { laterPhases } from './later-phases';
import { otherThan, pieceRulesIn, propertyRules } from './piece-rules';
import type { Names } from '../names';
import type { Standing } from './standing-css';
import {
  atWidths,
  byStage,
  joinByStages,
  rulesBelow,
  saidOver,
  scopeRules,
  type RulesBelow,
  type RulesByStage,
  type SettledWay,
} from './rules-by-stage';

/** What the values of a site are written with. */
export interface ValuesInput {
  site: Site;
  /** Every assembly of the site, settled for each stage of its way, widest first. */
  assemblies: readonly SettledWay[];
  styles: readonly TypeStyle[];
  names: Names;
  brand: BrandNames;
  css: CssNames;
  /** What of the values of the brand is by width. */
  below: readonly RulesBelow[];
  /** What follows from where things in each of the assemblies stand. */
  standing: readonly Standing[];
}

/** What single bars and pieces are written with. */
export type SaidInput = Pick<ValuesInput, 'site' | 'names' | 'css'>;

/** What was written of something settled, as long as it is the same in every stage and bears the same names. */
interface Known {
  named: string;
  settled: readonly object[];
  css: CssNames;
  rules: RulesByStage;
}

/** Writes things once, by what they are settled to in every stage, until that or their names are others. */
function writtenOnce<T extends object>(
  nameOf: (input: ValuesInput, settled: readonly T[]) => string,
  write: (input: ValuesInput, settled: readonly T[], stages: readonly WayStage[]) => RulesByStage,
) {
  const known = new WeakMap<T, Known>();
  return (input: ValuesInput, settled: readonly T[], stages: readonly WayStage[]): RulesByStage => {
    const named = nameOf(input, settled);
    const kept = known.get(settled[0]!);
    if (kept?.named === named && kept.css === input.css && sameItems(kept.settled, settled))
      return kept.rules;
    const rules = write(input, settled, stages);
    known.set(settled[0]!, { named, settled, css: input.css, rules });
    return rules;
  };
}

/** A piece in each form in which rules that are measured in the browser may turn it. */
const measuredForms = ({ assemblies }: ValuesInput, id: Id): SettledPiece[] =>
  assemblies.flatMap((way) => way.measured.flatMap(settledPieces)).filter((piece) => piece.id === id);

/** Rules stage by stage, with those of which nothing is seen at a stage as they were before it, unless a rule that is measured in the browser may show it there. */
function withoutUnseen(
  pieces: readonly SettledPiece[],
  measured: readonly SettledPiece[],
  rules: readonly Rules[],
): Rules[] {
  if (measured.length > 0) return [...rules];
  return rules.reduce<Rules[]>((all, own, index) => {
    const { kind, values } = pieces[index]!;
    const { unseen } = pieceKind(kind);
    if (!unseen) return [...all, own];
    const before = all.at(-1);
    const nothing = (declarations: Declarations) =>
      Object.fromEntries(Object.keys(declarations).map((name) => [name, AS_IT_COMES]));
    const entries = Object.entries(own).map(([selector, said]) =>
      unseen(values, selector) ? [selector, before?.[selector] ?? nothing(said)] : [selector, said],
    );
    return [...all, Object.fromEntries(entries)];
  }, []);
}

/** What is said of a piece as it is settled in one of all its forms, under the class that is its own. */
export const saidOfPiece = (input: SaidInput, forms: readonly SettledPiece[], piece: SettledPiece): Rules =>
  joinRules(
    pieceRulesIn(input, piece),
    scopeRules(variantRules(forms, piece), `.${input.names.get(piece.id)!}`),
  );

const pieceRules = writtenOnce<SettledPiece>(
  ({ names }, [widest]) => names.get(widest!.id)!,
  (input, stages) => {
    const measured = measuredForms(input, stages[0]!.id);
    const forms = [...stages, ...measured];
    return byStage(
      withoutUnseen(
        stages,
        measured,
        stages.map((piece) => saidOfPiece(input, forms, piece)),
      ),
    );
  },
);

/** What is made of an object and of how the brand is named, as long as both are the same. */
function madeOnce<K extends object>(make: (of: K, input: Pick<ValuesInput, 'site' | 'css'>) => Rules) {
  const known = new WeakMap<K, { css: CssNames; rules: Rules }>();
  return (of: K, input: Pick<ValuesInput, 'site' | 'css'>): Rules => {
    const kept = known.get(of);
    if (kept?.css === input.css) return kept.rules;
    const rules = make(of, input);
    known.set(of, { css: input.css, rules });
    return rules;
  };
}

/** What every bar has initially, with `&` for the bar. */
export function initialBarRules(css: CssNames): Rules {
  const initially = initialValues(barProperties);
  const properties = barProperties.filter(({ givesWay }) => !givesWay);
  return joinRules(propertyRules(properties, initially, css), ownBarRules(initially));
}
const initialOnce = madeOnce<CssNames>(initialBarRules);

/** What the values of a bar say, whatever stands in it. */
const saidByValues = madeOnce<SettledBar['values']>((values, input) =>
  joinRules(
    otherThan(
      initialOnce(input.css, input),
      joinRules(propertyRules(barProperties, values, input.css), ownBarRules(values)),
    ),
    barColourRules(input.site, input.css, values),
  ),
);

const scoped = new WeakMap<Rules, { selector: string; rules: Rules }>();

/** Rules with `&` in their selectors replaced, as long as it is by the same. */
function scopedOnce(rules: Rules, selector: string): Rules {
  const kept = scoped.get(rules);
  if (kept?.selector === selector) return kept.rules;
  const made = scopeRules(rules, selector);
  scoped.set(rules, { selector, rules: made });
  return made;
}

/** What is said of a bar as it is settled at a stage, under the class that is its own. */
export function saidOfBar(input: SaidInput, bar: SettledBar): Rules {
  const own = `.${input.names.get(bar.id)!}`;
  return joinRules(scopedOnce(saidByValues(bar.values, input), own), scopeRules(divisionRules(bar), own));
}

/** What of a header's bars and pieces may look otherwise in a phase, in a band. */
function phasedPartsIn(input: ValuesInput, assembly: Assembly, stage: WayStage, phase: Phase): Rules {
  const settled = resolveAssembly(input.site, 'headers', assembly, { ...stage, phase });
  const ofPiece = (id: Id) => saysPhases(assembly.pieces[id]!.values);
  const rules = settled.bars.flatMap((bar) => {
    const held = bar.bays.flatMap(({ pieces }) => pieces);
    const pieces = held.filter(({ id }) => ofPiece(id)).map((piece) => pieceRulesIn(input, piece));
    const changes = pieces.length > 0 || saysPhases(assembly.bars[bar.id]!.values);
    return changes ? [saidOfBar(input, bar), ...pieces] : [];
  });
  return joinRules(...rules);
}

/**
 * What a phase of scrolling says other than the one that it follows; its rules win over those of that one in every band.
 */
function phaseRules(
  input: ValuesInput,
  { id }: SettledAssembly,
  stages: readonly WayStage[],
  { phase, after, selector }: (typeof laterPhases)[number],
): RulesByStage {
  const assembly = input.site.headers[id]!;
  const header = `.${input.names.get(id)!}${selector}`;
  return saidOver(
    stages,
    (stage) => phasedPartsIn(input, assembly, stage, after),
    (stage) => phasedPartsIn(input, assembly, stage, phase),
    (inside) => `${header} ${inside}`,
  );
}

const assemblyRules = writtenOnce<SettledAssembly>(
  ({ names }, [widest]) =>
    [widest!.id, ...widest!.bars.map(({ id }) => id), ...settledPieces(widest!).map(({ id }) => id)]
      .map((id) => names.get(id))
      .join(' '),
  (input, settled, stages) => {
    const { site, names, css } = input;
    const [widest] = settled;
    const said = phasesOf(widest!.kind, site[widest!.kind][widest!.id]!);
    const whole = settled.map(({ id, kind, values, phased }) =>
      scopeRules(
        joinRules(
          propertyRules(assemblyProperties[kind], values, css),
          phased ? scrollRules(values, css) : {},
          kind === 'drawers' ? drawerRules(values as unknown as DrawerValues, css) : {},
        ),
        `.${names.get(id)!}`,
      ),
    );
    const bars = widest!.bars.map((_, index) => settled.map((each) => saidOfBar(input, each.bars[index]!)));
    const pieces = settled.map(settledPieces);
    const formsOf = (id: Id) => [
      ...pieces.flatMap((all) => all.filter((piece) => piece.id === id)),
      ...measuredForms(input, id),
    ];
    return joinByStages([
      ...[whole, ...bars].map(byStage),
      ...pieces[0]!.map((_, index) =>
        pieceRules(
          input,
          pieces.map((each) => each[index]!),
          stages,
        ),
      ),
      ...measuredRules(input, { stages, settled }, (bar) =>
        joinRules(
          saidOfBar(input, bar),
          ...bar.bays.flatMap(({ pieces: held }) =>
            held.map((piece) => saidOfPiece(input, formsOf(piece.id), piece)),
          ),
        ),
      ),
      ...laterPhases
        .filter(({ phase }) => said.includes(phase))
        .map((phase) => phaseRules(input, widest!, stages, phase)),
    ]);
  },
);

/** What the values of the brand are written with. */
type BrandInput = Pick<ValuesInput, 'site' | 'styles' | 'brand' | 'css'>;

/** A type style as custom properties that bear its name. */
function styleRules({ site, brand, css }: BrandInput, style: TypeStyle, band: string): Rules {
  const settled = settledValues(style.values, typeStyleProperties, bandChain(site.bands), band);
  const parts = propertyRules(typeStyleProperties, settled, css)['&']!;
  const named = Object.entries(parts).map(([part, value]) => [
    `--${brand.get(style.id)!}-${part.slice(2)}`,
    value,
  ]);
  return { ':root': Object.fromEntries(named) };
}

/** What the brand says in one band: the widths of the site and its type styles. */
function brandRules(input: BrandInput, band: Id): Rules {
  const { site, styles, css } = input;
  const widths = brandInBands(site).get(band)!;
  return joinRules(
    scopeRules(propertyRules(brandProperties, widths, css), ':root'),
    ...styles.map((style) => styleRules(input, style, band)),
  );
}

/** What of the values of the brand is by width, as rules below widths. */
export function brandBelow(input: BrandInput): RulesBelow[] {
  const { bands } = input.site;
  const steps = bands.map((_, index) => ({ below: index === 0 ? null : bands[index - 1]!.from }));
  return rulesBelow(steps, byStage(bands.map(({ id }) => brandRules(input, id))));
}

/** The values of the brand alone as CSS: the widths of the site and its type styles. */
export const brandCss = (input: BrandInput): CssNode[] => atWidths(brandBelow(input));

/** The designer’s values as CSS: all of the widest viewport, then one media query for each width below which something changes. */
export function valuesCss(input: ValuesInput): CssNode[] {
  const stretches = atWidths([
    ...input.below,
    ...input.assemblies.flatMap(({ stages, settled }, index) =>
      rulesBelow(
        stages,
        joinByStages([assemblyRules(input, settled, stages), ...input.standing[index]!.rules]),
      ),
    ),
  ]);
  return [...stretches, ...input.standing.flatMap(({ beside }) => beside)];
}
