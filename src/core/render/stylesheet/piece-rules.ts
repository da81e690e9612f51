import { keptWhileSame } from '../../ids/kept-while-same';
import { AS_IT_COMES, joinRules, mapped, type Rules } from '../../markup/css';
import { pieceKind } from '../../pieces';
import type { PieceKind, SettledPiece } from '../../pieces/piece';
import type { CssNames, Property } from '../../properties/property';
import { states } from '../../properties/states';
import { initialValues, type StatedValues } from '../../resolve/settled-values';
import { NOTHING_COUNTED, ownLayoutRules } from './layout-rules';
import type { Names } from '../names';
import { scopeRules, withoutIdle } from './rules-by-stage';

/** What properties say that are the same in every state. */
export function propertyRules(
  properties: readonly Property[],
  values: Record<string, unknown>,
  names: CssNames,
): Rules {
  const written = properties.filter((each) => each.by !== 'state');
  return joinRules(...written.map((each) => each.css?.(values[each.name], names) ?? {}));
}

/**
 * What differs by state: part by part, so that a part that is dressed later wins over an earlier one, and in a part state by
 * state, so that a later state wins whatever the property. What is left open says nothing: it must not take back what
 * another property says by width.
 */
function stateRules(
  properties: readonly Property[],
  values: Record<string, unknown>,
  names: CssNames,
): Rules {
  const stated = properties.filter((each) => each.by === 'state');
  const parts = [...new Set(stated.map((each) => each.part!))];
  const rules = parts.flatMap((part) =>
    states.flatMap((state) =>
      stated
        .filter(({ name, part: of }) => of === part && state in (values[name] as StatedValues))
        .flatMap(({ name, css, reachesUpon }) => {
          const said = withoutIdle(css!((values[name] as StatedValues)[state], names));
          const own = scopeRules(said, part.selector(state));
          return reachesUpon && part.upon ? [own, scopeRules(said, part.upon(state))] : [own];
        }),
    ),
  );
  return joinRules(...rules);
}

/** What a kind says of a piece beside where its boxes stand, the same in every state. */
function lookRules(
  { properties, jointCss }: PieceKind,
  { values, counts }: Pick<SettledPiece, 'values' | 'counts'>,
  css: CssNames,
): Rules {
  return joinRules(propertyRules(properties, values, css), jointCss?.(values, counts) ?? {});
}

function unstatedRules(
  kind: PieceKind,
  piece: Pick<SettledPiece, 'values' | 'counts'>,
  css: CssNames,
): Rules {
  return joinRules(lookRules(kind, piece, css), ownLayoutRules(kind, piece.values, piece.counts));
}

/** What is initial: how a piece looks, without what another value may take back, and with where its boxes stand. */
function initialRulesOf(kind: PieceKind, css: CssNames): Initial {
  const initially = { values: initialValues(kind.properties), counts: NOTHING_COUNTED };
  const properties = kind.properties.filter(({ givesWay }) => !givesWay);
  const look = lookRules({ ...kind, properties }, initially, css);
  return { look, whole: joinRules(look, ownLayoutRules(kind, initially.values, NOTHING_COUNTED)) };
}

interface Initial {
  look: Rules;
  whole: Rules;
}

/** The initial rules of kinds, as long as the brand bears the same names. */
const initialRules = new WeakMap<CssNames, Map<PieceKind, Initial>>();

function initialOf(css: CssNames, kind: PieceKind): Initial {
  const known = initialRules.get(css) ?? new Map<PieceKind, Initial>();
  initialRules.set(css, known);
  const rules = known.get(kind) ?? initialRulesOf(kind, css);
  known.set(kind, rules);
  return rules;
}

/** How every piece of a kind looks initially, whatever its state, with `&` for the piece: it is written once for all of them. */
export const initialPieceRules = (css: CssNames, kind: PieceKind): Rules => initialOf(css, kind).look;

/** Rules in which what is as it is initially only takes back what a wider band says. */
export function otherThan(initial: Rules, rules: Rules): Rules {
  return mapped(rules, (declarations, selector) => {
    const before = initial[selector] ?? {};
    return mapped(declarations, (value, name) => (value === before[name] ? AS_IT_COMES : value));
  });
}

function rulesOf({ kind: of, values, counts }: SettledPiece, css: CssNames): Rules {
  const kind = pieceKind(of);
  const unstated = otherThan(initialOf(css, kind).whole, unstatedRules(kind, { values, counts }, css));
  return joinRules(unstated, stateRules(kind.properties, values, css));
}

/** What is said of pieces with the same values, with `&` for the piece. */
const ofValues = keptWhileSame<SettledPiece['values'], Rules>();

/** What the stylesheet says of a piece as it is settled at a place, under the class that is its own. */
export function pieceRulesIn({ names, css }: { names: Names; css: CssNames }, piece: SettledPiece): Rules {
  const { kind, values, counts } = piece;
  const rules = ofValues(values, [kind, css, JSON.stringify(counts)], () => rulesOf(piece, css));
  return scopeRules(rules, `.${names.get(piece.id)!}`);
}
