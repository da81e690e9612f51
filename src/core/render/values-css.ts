import { narrowerThan } from '../bands/band';
import { typeStyleProperties } from '../brand/type-style';
import { changedRules, joinRules, type Block, type CssNode, type Rules } from '../markup/css';
import { pieceKind } from '../pieces';
import type { SettledPiece } from '../pieces/piece';
import { variantRules } from '../pieces/variants';
import { assemblyProperties } from '../properties/assembly';
import { barProperties } from '../properties/bar';
import { brandProperties } from '../properties/brand';
import { AS_IT_COMES, type CssNames, type Property } from '../properties/property';
import { states, type State, type StatedPart } from '../properties/states';
import { settledPieces, type SettledAssembly } from '../resolve/assembly';
import { settledValues, type StatedValues } from '../resolve/settled-values';
import type { TypeStyle } from '../site/brand';
import type { Site } from '../site/site';
import type { BrandNames } from './css-names';
import { divisionRules } from './division';
import type { Names } from './names';

/** What the values of a site are written with. */
export interface ValuesInput {
  site: Site;
  /** Every assembly of the site, settled for each band, widest first. */
  perBand: readonly (readonly SettledAssembly[])[];
  styles: readonly TypeStyle[];
  names: Names;
  brand: BrandNames;
  css: CssNames;
}

/** Rules with `&` in their selectors replaced. */
function scopeRules(rules: Rules, selector: string): Rules {
  return Object.fromEntries(
    Object.entries(rules).map(([each, declarations]) => [each.replaceAll('&', selector), declarations]),
  );
}

function propertyRules(
  properties: readonly Property[],
  values: Record<string, unknown>,
  names: CssNames,
): Rules {
  const written = properties.filter((each) => each.by !== 'state');
  return joinRules(
    ...written.map((each) => each.css?.(values[each.name], names) ?? {}),
    stateRules(properties, values, names),
  );
}

/**
 * What differs by state: part by part, so that a part that is dressed later wins over an earlier one, and in a part state by
 * state, so that a later state wins whatever the property. What is left open says nothing: it must not take back what
 * another property says by width. `selector` gives what stands for a part in a state.
 */
export function stateRules(
  properties: readonly Property[],
  values: Record<string, unknown>,
  names: CssNames,
  selector = (part: StatedPart, state: State) => part.selector(state),
): Rules {
  const stated = properties.filter((each) => each.by === 'state');
  const parts = [...new Set(stated.map((each) => each.part!))];
  const rules = parts.flatMap((part) =>
    states.flatMap((state) =>
      stated
        .filter((each) => each.part === part)
        .map(({ name, css }) => {
          const byState = values[name] as StatedValues;
          const rules = state in byState ? css!(byState[state], names) : {};
          return scopeRules(withoutIdle(rules), selector(part, state));
        }),
    ),
  );
  return joinRules(...rules);
}

/** The rules of settled assemblies, as long as everything in them bears the same names. */
const known = new WeakMap<SettledAssembly, { named: string; css: CssNames; rules: Rules }>();

/** The rules of an assembly in the band that it was settled for; those of one that did not change are not made again. */
function assemblyRules(
  input: ValuesInput,
  assembly: SettledAssembly,
  variants: ReadonlyMap<string, SettledPiece[]>,
): Rules {
  const { names, css } = input;
  const bars = assembly.bars.map((bar) => bar.id);
  const pieces = settledPieces(assembly).map((piece) => piece.id);
  const named = [assembly.id, ...bars, ...pieces].map((id) => names.get(id)).join(' ');
  const kept = known.get(assembly);
  if (kept?.named === named && kept.css === css) return kept.rules;
  const rules = makeAssemblyRules(input, assembly, variants);
  known.set(assembly, { named, css, rules });
  return rules;
}

function makeAssemblyRules(
  { names, css }: ValuesInput,
  assembly: SettledAssembly,
  variants: ReadonlyMap<string, SettledPiece[]>,
): Rules {
  const scoped = (id: string, ...rules: Rules[]) => scopeRules(joinRules(...rules), `.${names.get(id)!}`);
  return joinRules(
    scoped(assembly.id, propertyRules(assemblyProperties[assembly.kind], assembly.values, css)),
    ...assembly.bars.map((bar) =>
      scoped(bar.id, propertyRules(barProperties, bar.values, css), divisionRules(bar)),
    ),
    ...settledPieces(assembly).map((piece) =>
      pieceRules(piece, variants.get(piece.id)!, `.${names.get(piece.id)!}`, css),
    ),
  );
}

/** The rules of a settled piece, as long as it bears the same name and has the same variants. */
const knownPieces = new WeakMap<SettledPiece, { named: string; css: CssNames; rules: Rules }>();

/** The rules of a piece in the band that it was settled for; those of one that did not change are not made again. */
function pieceRules(piece: SettledPiece, bands: SettledPiece[], selector: string, css: CssNames): Rules {
  const named = [selector, ...bands.map(({ band, variant }) => `${band}=${variant}`)].join(' ');
  const kept = knownPieces.get(piece);
  if (kept?.named === named && kept.css === css) return kept.rules;
  const { properties, jointCss } = pieceKind(piece.kind);
  const rules = scopeRules(
    joinRules(
      propertyRules(properties, piece.values, css),
      jointCss?.(piece.values) ?? {},
      variantRules(bands, piece),
    ),
    selector,
  );
  knownPieces.set(piece, { named, css, rules });
  return rules;
}

/** A type style as custom properties that bear its name. */
function styleRules({ site, brand, css }: ValuesInput, style: TypeStyle, band: string): Rules {
  const chain = site.bands.map((each) => each.id);
  const settled = settledValues(style.values, typeStyleProperties, chain, band);
  const parts = propertyRules(typeStyleProperties, settled, css)['&']!;
  const named = Object.entries(parts).map(([part, value]) => [
    `--${brand.get(style.id)!}-${part.slice(2)}`,
    value,
  ]);
  return { ':root': Object.fromEntries(named) };
}

/** Every piece of the site settled for each band, by its id. */
function piecesById(perBand: ValuesInput['perBand']): Map<string, SettledPiece[]> {
  const byId = new Map<string, SettledPiece[]>();
  for (const piece of perBand.flat().flatMap(settledPieces))
    byId.set(piece.id, [...(byId.get(piece.id) ?? []), piece]);
  return byId;
}

/** Everything that the designer’s values say in one band. */
function bandRules(input: ValuesInput, index: number, variants: ReadonlyMap<string, SettledPiece[]>): Rules {
  const { site, perBand, styles, css } = input;
  const chain = site.bands.map((each) => each.id);
  const band = chain[index]!;
  const widths = settledValues(site.brand.values, brandProperties, chain, band);
  return joinRules(
    scopeRules(propertyRules(brandProperties, widths, css), ':root'),
    ...styles.map((style) => styleRules(input, style, band)),
    ...perBand[index]!.map((assembly) => assemblyRules(input, assembly, variants)),
  );
}

/** Rules without what only takes back: in the widest band, and by state, there is nothing to be taken back. */
function withoutIdle(rules: Rules): Rules {
  return Object.fromEntries(
    Object.entries(rules).map(([selector, declarations]) => [
      selector,
      Object.fromEntries(Object.entries(declarations).filter(([, value]) => value !== AS_IT_COMES)),
    ]),
  );
}

/** The designer’s values as CSS: all of the widest band, then one media query for each narrower band with what changes there. */
export function valuesCss(input: ValuesInput): CssNode[] {
  const { bands } = input.site;
  const variants = piecesById(input.perBand);
  const perBand = bands.map((_, index) => bandRules(input, index, variants));
  const narrower = bands.slice(1).map((_, index): Block => ({
    at: narrowerThan(bands[index]!.from),
    inside: [changedRules(perBand[index]!, perBand[index + 1]!)],
  }));
  return [withoutIdle(perBand[0]!), ...narrower];
}
