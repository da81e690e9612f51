import { keptWhileSame } from '../../ids/kept-while-same';
import { changedRules, joinRules, type CssNode, type Rules } from '../../markup/css';
import { pieceKind } from '../../pieces';
import type { SettledPiece } from '../../pieces/piece';
import { settledPieces } from '../../resolve/assembly';
import { initialValues } from '../../resolve/settled-values';
import type { Site } from '../../site/site';
import { measuredRules } from './measured-css';
import type { Names } from '../names';
import {
  atWidths,
  byStage,
  joinByStages,
  rulesBelow,
  scopeRules,
  type RulesByStage,
  type SettledWay,
} from './rules-by-stage';

/** What a piece leaves out, as it is settled at a place. */
function shortRulesIn(names: Names, { id, kind, values, counts }: SettledPiece): Rules {
  return scopeRules(pieceKind(kind).shortCss?.(values, counts) ?? {}, `.${names.get(id)!}`);
}

/** Whether a piece leaves anything out in one of the ways in which it is settled; also where one of them shows no menu: its markup stands there all the same. */
function leavesAny(stood: readonly SettledPiece[]): boolean {
  const { shortCss: short, properties } = pieceKind(stood[0]!.kind);
  const initially = initialValues(properties);
  return stood.some(({ counts }) => {
    const whole = short!(initially, counts);
    return stood.some(({ values }) => Object.keys(changedRules(whole, short!(values, counts))).length > 0);
  });
}

/** What a piece leaves out stage by stage, as long as it is settled as it is and bears the same name; null where it leaves nothing out. */
const kept = keptWhileSame<SettledPiece, RulesByStage | null>();

function leavingOf(
  names: Names,
  perStage: readonly SettledPiece[],
  measured: readonly SettledPiece[],
): RulesByStage | null {
  const [widest] = perStage;
  if (!pieceKind(widest!.kind).shortCss) return null;
  return kept(widest!, [names.get(widest!.id), ...perStage, ...measured], () =>
    leavesAny([...new Set([...perStage, ...measured])])
      ? byStage(perStage.map((piece) => shortRulesIn(names, piece)))
      : null,
  );
}

/** What pieces leave out for want of room, above all that says where items show. */
export function shortCss({
  site,
  names,
  assemblies,
}: {
  site: Site;
  names: Names;
  assemblies: readonly SettledWay[];
}): CssNode[] {
  return atWidths(
    assemblies.flatMap((way) => {
      const { stages, settled } = way;
      const pieces = settled.map(settledPieces);
      const measuredPieces = way.measured.map(settledPieces);
      const leaving = pieces[0]!.flatMap((_, index) => {
        const at = (each: readonly SettledPiece[]) => each[index]!;
        const own = leavingOf(names, pieces.map(at), measuredPieces.map(at));
        return own === null ? [] : [own];
      });
      const measured = measuredRules({ site, names }, way, ({ bays }) =>
        joinRules(...bays.flatMap(({ pieces: held }) => held.map((piece) => shortRulesIn(names, piece)))),
      );
      const all = [...leaving, ...measured];
      return all.length === 0 ? [] : rulesBelow(stages, joinByStages(all));
    }),
  );
}
