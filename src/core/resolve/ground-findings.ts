import { contrastGrade } from '../colour/contrast';
import type { Id } from '../ids/id';
import { pieceKind } from '../pieces';
import type { AssemblyKind } from '../properties/assembly-kind';
import type { State } from '../properties/states';
import type { Assembly } from '../site/assembly';
import { pieceTitle } from '../site/uses';
import type { Site } from '../site/site';
import { everyStanding } from './standing-piece';
import { leastContrast } from './state-contrast';

/** A colour of its own that is not legible on a ground that everything else follows. */
export interface GroundFinding {
  piece: Id;
  title: string;
  /** The part of the piece, and the state, in which it is read with difficulty. */
  part: string;
  state: State;
  ratio: number;
  /** The properties whose values of that state are its own. */
  own: readonly string[];
}

/** What in a bar whose colours follow its ground has a colour of its own with less than 4.5 : 1 (WCAG 2.2, 1.4.3). */
export function groundFindings(
  site: Site,
  at: { in: AssemblyKind; assembly: Id },
  bar: Assembly['bars'][Id],
): GroundFinding[] {
  if (!Object.values(bar.values.set ?? {}).includes(true)) return [];
  const { pieces } = site[at.in][at.assembly]!;
  return bar.bays
    .flatMap((bay) => bay.pieces)
    .flatMap((id) => {
      const piece = pieces[id]!;
      const standings = everyStanding(site, at, id);
      const parts = new Set(pieceKind(piece.kind).properties.flatMap(({ part }) => part ?? []));
      return [...parts].flatMap((part) =>
        part.states.flatMap((state) => {
          const own = ['Ink', 'Ground']
            .map((name) => `${part.prefix}${name}`)
            .filter((name) => (piece.values[name]?.[state] ?? null) !== null);
          const least = own.length === 0 ? null : leastContrast(site, standings, part, state);
          return least === null || contrastGrade(least.ratio) === 'text'
            ? []
            : [
                {
                  piece: id,
                  title: pieceTitle(site, piece),
                  part: part.label,
                  state,
                  ratio: least.ratio,
                  own,
                },
              ];
        }),
      );
    });
}
