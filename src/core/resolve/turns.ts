import { bandChain } from '../bands/band';
import { typeStyleProperties } from '../brand/type-style';
import { isFluid, type Length } from '../lengths/fluid';
import { pieceKind } from '../pieces';
import type { Id } from '../properties/id';
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

/** A value that has gone some way towards another one; what is fluid has its ends lowered or raised to it. */
export function towards(from: Length, to: number, by: number): Length {
  if (!isFluid(from)) return from > to ? Math.max(to, from - by) : Math.min(to, from + by);
  const ends = [from.from.px, from.to.px];
  const [least, most] = [Math.min(...ends), Math.max(...ends)];
  const bound = most > to ? Math.max(to, most - by) : Math.min(to, least + by);
  const held = (px: number) => (most > to ? Math.min(px, bound) : Math.max(px, bound));
  const lowered = {
    from: { ...from.from, px: held(from.from.px) },
    to: { ...from.to, px: held(from.to.px) },
  };
  return lowered.from.px === lowered.to.px ? lowered.from.px : lowered;
}

/** How far a length is from where it goes, in its own unit. */
export function distance(from: Length, to: number): number {
  if (!isFluid(from)) return Math.abs(from - to);
  return Math.max(Math.abs(from.from.px - to), Math.abs(from.to.px - to));
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
  if (typeof own === 'number' || (own !== null && typeof own === 'object' && 'from' in own))
    return own as Length;
  if (property !== 'textSize') return null;
  const style = site.brand.typeStyles[settled('typeStyle') as Id];
  const band = begun.findLast((id) => site.bands.some((each) => each.id === id))!;
  return style
    ? (settledValues(style.values, typeStyleProperties, bandChain(site.bands), band).size as Length)
    : null;
}

/** The values of a piece with what the rules of its assembly turn, each under the name of the level that turns it. */
export function turnedValues(site: Site, assembly: Assembly, piece: Piece, begun: readonly string[]): Values {
  return begunLevels(assembly, begun).reduce(
    (values: Values, { rule, level, id }) =>
      rule.turns
        .filter((turn) => turn.piece === piece.id && (level === 1 || turn.step !== undefined))
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
    return from === null ? 1 : Math.ceil(distance(from, turn.value as number) / turn.step! - 1e-9);
  });
  return Math.min(MOST_LEVELS, Math.max(1, ...counts));
}
