import { bandChain, narrowerThan } from '../bands/band';
import { typeStyleProperties } from '../brand/type-style';
import { changedRules, joinRules, type Block, type CssNode, type Rules } from '../markup/css';
import { pieceKind } from '../pieces';
import type { SettledPiece } from '../pieces/piece';
import { variantRules } from '../pieces/variants';
import { assemblyProperties } from '../properties/assembly';
import { barProperties } from '../properties/bar';
import { brandProperties } from '../properties/brand';
import type { Id } from '../properties/id';
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

/**
 * The rules of something for each band: all of the widest, then what each narrower band says other than the one before. Only
 * things whose selectors are their own can be written apart from each other.
 */
type RulesByBand = readonly Rules[];

function byBand(bands: readonly Rules[]): RulesByBand {
  return bands.map((rules, index) =>
    index === 0 ? withoutIdle(rules) : changedRules(bands[index - 1]!, rules),
  );
}

function joinByBand(input: ValuesInput, parts: readonly RulesByBand[]): RulesByBand {
  return input.site.bands.map((_, index) => joinRules(...parts.map((part) => part[index]!)));
}

/** What was written of something settled, as long as it bears the same names. */
interface Known {
  named: string;
  css: CssNames;
  rules: RulesByBand;
}

/** Writes things once, by what they are settled to in the widest band, until that or their names are others. */
function writtenOnce<T extends object>(
  nameOf: (input: ValuesInput, bands: readonly T[]) => string,
  write: (input: ValuesInput, bands: readonly T[]) => RulesByBand,
) {
  const known = new WeakMap<T, Known>();
  return (input: ValuesInput, bands: readonly T[]): RulesByBand => {
    const named = nameOf(input, bands);
    const kept = known.get(bands[0]!);
    if (kept?.named === named && kept.css === input.css) return kept.rules;
    const rules = write(input, bands);
    known.set(bands[0]!, { named, css: input.css, rules });
    return rules;
  };
}

const pieceRules = writtenOnce<SettledPiece>(
  ({ names }, [widest]) => names.get(widest!.id)!,
  ({ names, css }, bands) =>
    byBand(
      bands.map((piece) => {
        const { properties, jointCss } = pieceKind(piece.kind);
        const rules = joinRules(
          propertyRules(properties, piece.values, css),
          jointCss?.(piece.values) ?? {},
          variantRules(bands, piece),
        );
        return scopeRules(rules, `.${names.get(piece.id)!}`);
      }),
    ),
);

const assemblyRules = writtenOnce<SettledAssembly>(
  ({ names }, [widest]) =>
    [widest!.id, ...widest!.bars.map(({ id }) => id), ...settledPieces(widest!).map(({ id }) => id)]
      .map((id) => names.get(id))
      .join(' '),
  (input, bands) => {
    const { names, css } = input;
    const [widest] = bands;
    const scoped = (id: Id, ...rules: Rules[]) => scopeRules(joinRules(...rules), `.${names.get(id)!}`);
    const whole = bands.map(({ id, kind, values }) =>
      scoped(id, propertyRules(assemblyProperties[kind], values, css)),
    );
    const bars = widest!.bars.map((_, index) =>
      bands.map(({ bars: settled }) => {
        const bar = settled[index]!;
        return scoped(bar.id, propertyRules(barProperties, bar.values, css), divisionRules(bar));
      }),
    );
    const pieces = bands.map(settledPieces);
    return joinByBand(input, [
      ...[whole, ...bars].map(byBand),
      ...pieces[0]!.map((_, index) =>
        pieceRules(
          input,
          pieces.map((settled) => settled[index]!),
        ),
      ),
    ]);
  },
);

/** A type style as custom properties that bear its name. */
function styleRules({ site, brand, css }: ValuesInput, style: TypeStyle, band: string): Rules {
  const settled = settledValues(style.values, typeStyleProperties, bandChain(site.bands), band);
  const parts = propertyRules(typeStyleProperties, settled, css)['&']!;
  const named = Object.entries(parts).map(([part, value]) => [
    `--${brand.get(style.id)!}-${part.slice(2)}`,
    value,
  ]);
  return { ':root': Object.fromEntries(named) };
}

/** What the brand says in one band: the widths of the site and its type styles. */
function brandRules(input: ValuesInput, band: Id): Rules {
  const { site, styles, css } = input;
  const chain = bandChain(site.bands);
  const widths = settledValues(site.brand.values, brandProperties, chain, band);
  return joinRules(
    scopeRules(propertyRules(brandProperties, widths, css), ':root'),
    ...styles.map((style) => styleRules(input, style, band)),
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
  const [widest, ...narrower] = joinByBand(input, [
    byBand(bands.map(({ id }) => brandRules(input, id))),
    ...input.perBand[0]!.map((_, index) =>
      assemblyRules(
        input,
        input.perBand.map((assemblies) => assemblies[index]!),
      ),
    ),
  ]);
  return [
    widest!,
    ...narrower.map((rules, index): Block => ({ at: narrowerThan(bands[index]!.from), inside: [rules] })),
  ];
}
