import { bandChain } from '../bands/band';
import { typeStyleProperties } from '../brand/type-style';
import { EVERY_WIDTH, extremes, isFluid, isLength, leastOf, type Length } from '../lengths/formula';
import { pieceKind } from '../pieces';
import type { Id } from '../ids/id';
import type { Values } from '../properties/property';
import type { Assembly, Piece } from '../site/assembly';
import type { CollapseRule } from '../site/collapse-rule';
import type { Site } from '../site/site';
import { settledValue, settledValues } from './settled-values';

/** The most levels that a rule has, whatever its steps. */
const MOST_LEVELS = 60;

/** The name of a level of a rule among what has begun: the first is the rule itself. */
export function levelId(rule: Id, level: number): string {
  return level === 1 ? rule : `${rule}.${level}`;
}

/** What a rule has turned by a level of it. */
interface BegunLevel {
  rule: CollapseRule;
  level: number;
  /** Its name among what has begun. */
  id: string;
}

/** The levels of the rules of an assembly that have begun, in the order in which they did. */
function begunLevels({ bars }: Assembly, begun: readonly string[]): BegunLevel[] {
  const rules = Object.values(bars).flatMap(({ rules = [] }) => rules);
  return rules.length === 0
    ? []
    : begun.flatMap((id): BegunLevel[] => {
        const [name, level = '1'] = id.split('.');
        const rule = rules.find((each) => each.id === name);
        return rule ? [{ rule, level: Number(level), id }] : [];
      });
}

/** The pieces of an assembly that some rule shows, wherever it begins. */
export const shownByRules = ({ bars }: Assembly): ReadonlySet<Id> =>
  new Set(
    Object.values(bars).flatMap(({ rules = [] }) =>
      rules.flatMap(({ turns }) =>
        turns.flatMap(({ piece, property, value }) =>
          property === 'shown' && value !== 'hidden' ? [piece] : [],
        ),
      ),
    ),
  );

/** A length that is nowhere more, or nowhere less, than a limit: of what is fluid the ends, of what is put together the whole. */
function limited(from: Length, limit: number, side: 'most' | 'least'): Length {
  const pick = side === 'most' ? Math.min : Math.max;
  if (typeof from === 'number') return pick(from, limit);
  if (!isFluid(from)) return side === 'most' ? leastOf(from, limit) : { greatest: [from, limit] };
  const ends = {
    from: { ...from.from, px: pick(from.from.px, limit) },
    to: { ...from.to, px: pick(from.to.px, limit) },
  };
  return ends.from.px === ends.to.px ? ends.from.px : ends;
}

/**
 * A length that has gone some way towards a limit: up where it goes by more than nothing, else down, and never the other way. Of
 * what is not the same at every width, nothing is left beyond where the farthest of it has come to.
 */
export function towards(from: Length, limit: number, by: number): Length {
  const { least, most } = extremes(from, EVERY_WIDTH);
  return by < 0
    ? limited(from, Math.max(limit, most + by), 'most')
    : limited(from, Math.min(limit, least + by), 'least');
}

/** How far a length is from its limit in the direction in which it goes; 0 where it is beyond it. */
export function distance(from: Length, limit: number, step: number): number {
  const { least, most } = extremes(from, EVERY_WIDTH);
  return Math.max(0, step < 0 ? most - limit : limit - least);
}

/**
 * The length or number that a piece has of a property after what has begun: of a size of text that it has not said, that of its
 * style; null where it is neither.
 */
export function lengthOf(
  site: Site,
  piece: Piece,
  property: string,
  begun: readonly string[],
  values: Values = piece.values,
): Length | null {
  const { properties } = pieceKind(piece.kind);
  const settled = (name: string) => {
    const found = properties.find((each) => each.name === name);
    return found ? settledValue(values, found, begun, begun.at(-1)!).value : null;
  };
  const own = settled(property);
  if (isLength(own)) return own;
  const part = properties.find(({ name }) => name === property)?.ofStyle;
  if (!part) return null;
  const style = site.brand.typeStyles[settled('typeStyle') as Id];
  const band = begun.findLast((id) => site.bands.some((each) => each.id === id))!;
  return style
    ? (settledValues(style.values, typeStyleProperties, bandChain(site.bands), band)[part] as Length)
    : null;
}

/** The levels among what has begun, by the pieces that they turn; none of a piece that nothing turns. */
export function turningLevels(
  assembly: Assembly,
  begun: readonly string[],
): ReadonlyMap<Id, readonly string[]> {
  const turning = new Map<Id, string[]>();
  for (const { rule, level, id } of begunLevels(assembly, begun))
    for (const piece of new Set(turnsAt(rule, level).map((turn) => turn.piece)))
      turning.set(piece, [...(turning.get(piece) ?? []), id]);
  return turning;
}

/** The turns of a rule that a level of it takes further. */
const turnsAt = ({ turns }: CollapseRule, level: number) =>
  turns.filter(({ step }) => level === 1 || step !== undefined);

/** The values of a piece with what the rules of its assembly turn, each under the name of the level that turns it. */
export function turnedValues(site: Site, assembly: Assembly, piece: Piece, begun: readonly string[]): Values {
  return begunLevels(assembly, begun).reduce(
    (values: Values, { rule, level, id }) =>
      turnsAt(rule, level)
        .filter((turn) => turn.piece === piece.id)
        .reduce((all: Values, turn) => {
          const before = begun.slice(0, begun.indexOf(rule.id));
          const from = turn.step === undefined ? null : lengthOf(site, piece, turn.property, before, values);
          const value = from === null ? turn.value : towards(from, turn.value as number, level * turn.step!);
          return { ...all, [turn.property]: { ...all[turn.property], [id]: value } };
        }, values),
    piece.values,
  );
}

/** How many levels a rule has that begins after what has begun: one, or as many as its turns take steps. */
export function levelsOf(
  site: Site,
  assembly: Assembly,
  rule: CollapseRule,
  begun: readonly string[],
): number {
  const counts = rule.turns.map((turn) => {
    const piece = assembly.pieces[turn.piece]!;
    const values = turnedValues(site, assembly, piece, begun);
    const from = turn.step === undefined ? null : lengthOf(site, piece, turn.property, begun, values);
    return from === null
      ? 1
      : Math.ceil(distance(from, turn.value as number, turn.step!) / Math.abs(turn.step!) - 1e-9);
  });
  return Math.min(MOST_LEVELS, Math.max(1, ...counts));
}
