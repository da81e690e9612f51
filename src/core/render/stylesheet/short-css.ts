import { changedRules, joinRules, type CssNode, type Rules } from '../../markup/css';
import { pieceKind } from '../../pieces';
import type { SettledPiece } from '../../pieces/piece';
import { settledPieces } from '../../resolve/assembly';
import { initialValues } from '../../resolve/settled-values';
import type { Site } from '../../site/site';
import { measuredRules } from './measured-css';
import type { Names } from '../names';
import { atWidths, byStage, joinByStages, rulesBelow, scopeRules, type SettledWay } from './rules-by-stage';

/** What a piece leaves out, as it is settled at a place. */
function shortRulesIn(names: Names, { id, kind, values, counts }: SettledPiece): Rules {
  return scopeRules(pieceKind(kind).shortCss?.(values, counts) ?? {}, `.${names.get(id)!}`);
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
        const perStage = pieces.map((each) => each[index]!);
        const { shortCss: short, properties } = pieceKind(perStage[0]!.kind);
        if (!short) return [];
        const initially = initialValues(properties);
        const stood = [...perStage, ...measuredPieces.map((each) => each[index]!)];
        // Also where one of them shows no menu: its markup stands there all the same.
        const leaves = stood.some(({ values }) =>
          stood.some(
            ({ counts }) =>
              Object.keys(changedRules(short(initially, counts), short(values, counts))).length > 0,
          ),
        );
        if (!leaves) return [];
        return [byStage(perStage.map((piece) => shortRulesIn(names, piece)))];
      });
      const measured = measuredRules({ site, names }, way, ({ bays }) =>
        joinRules(...bays.flatMap(({ pieces: held }) => held.map((piece) => shortRulesIn(names, piece)))),
      );
      const all = [...leaving, ...measured];
      return all.length === 0 ? [] : rulesBelow(stages, joinByStages(all));
    }),
  );
}
