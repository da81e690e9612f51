import { contrastGrade } from '../../colour/contrast';
import { statedParts } from '../../pieces/stated-parts';
import { stateChain, stateLabels } from '../../properties/states';
import { everyStanding } from '../../resolve/standing-piece';
import { leastContrast } from '../../resolve/state-contrast';
import { found, ofAssemblies, type Check } from '../check';
import { pieceAt } from '../standing';

/** Texts against what is really behind them, in every state, band and phase (WCAG 2.2, 1.4.3 Contrast: 4.5 : 1). Over pictures no single ratio tells. */
export const contrast: Check = {
  id: 'contrast',
  label: 'Contrast of texts',
  from: 'WCAG 2.2, 1.4.3 Contrast (Minimum)',
  harm: 'read',
  find: ofAssemblies(['headers', 'drawers', 'footers'], ({ site, at, assembly }) =>
    Object.values(assembly.pieces).flatMap((piece) => {
      const standings = everyStanding(site, at, piece.id);
      return statedParts(piece.kind).flatMap((part) =>
        part.states.flatMap((state) => {
          const least = leastContrast(site, standings, part, state);
          if (least === null || contrastGrade(least.ratio) === 'text') return [];
          const followed = stateChain(state).at(-2);
          const place = { on: 'piece', ...at, piece: piece.id } as const;
          const own = [`${part.prefix}Ink`, `${part.prefix}Ground`].filter(
            (name) => piece.values[name]?.[state] !== undefined,
          );
          // What only follows another state is told of with that.
          const before = followed && leastContrast(site, standings, part, followed);
          const above = part.below && leastContrast(site, standings, part.below, state);
          const alike = before?.ratio === least.ratio || (above && contrastGrade(above.ratio) !== 'text');
          if (own.length === 0 && alike) return [];
          const ratio = `${(Math.floor(least.ratio * 100) / 100).toFixed(2)} : 1`;
          return [
            found({
              lead: { to: 'cell', place, property: own[0] ?? `${part.prefix}Ink`, cell: state },
              at: pieceAt(site, at, piece.id),
              seen: { band: least.band, phase: least.phase, state },
              words: `${part.label}, ${stateLabels[state].toLowerCase()}: the text has ${ratio} to what is behind it.`,
              measure: ratio,
              limit: '4.5 : 1',
              repair:
                own.length === 0
                  ? null
                  : {
                      label: 'Let its colours follow again',
                      edits: own.map((property) => ({
                        edit: 'clearValue' as const,
                        place,
                        property,
                        cell: state,
                      })),
                    },
            }),
          ];
        }),
      );
    }),
  ),
};
