import { contrastGrade, ratioText } from '../../colour/contrast';
import type { AssemblyPlace } from '../../edit/place';
import { placeName } from '../../edit/place-name';
import { pieceKind } from '../../pieces';
import { statedParts } from '../../pieces/stated-parts';
import { stateChain, stateLabels, type StatedPart } from '../../properties/states';
import { fieldContrast, inkContrast } from '../../resolve/bar-contrast';
import { everyBarStanding, everyStanding, type Standing } from '../../resolve/standing-piece';
import { leastContrast, leastOf, type LeastContrast } from '../../resolve/state-contrast';
import type { Assembly, Piece } from '../../site/assembly';
import type { Site } from '../../site/site';
import { found, ofAssemblies, type Check } from '../check';
import type { Found } from '../finding';
import { inSchemes } from '../in-schemes';
import { pieceAt } from '../standing';

/** The least contrast of what tells where a field is (WCAG 2.2, 1.4.11). */
const CONTROL = 3;

const seenAt = ({ band, phase }: LeastContrast) => ({ band, phase });

interface Part {
  site: Site;
  at: AssemblyPlace;
  piece: Piece;
  standings: readonly Standing[];
  part: StatedPart;
}

/** The states of a part in which its text is read with difficulty. */
function textFindings({ site, at, piece, standings, part }: Part): Found[] {
  return part.states.flatMap((state) => {
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
    const ratio = ratioText(least.ratio);
    return [
      found({
        lead: { to: 'cell', place, property: own[0] ?? `${part.prefix}Ink`, cell: state },
        at: pieceAt(site, at, piece.id),
        seen: { ...seenAt(least), state },
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
  });
}

/** A field that is hardly told from what is around it, at rest. */
function fieldFinding({ site, at, piece, standings, part }: Part): Found[] {
  const least = leastOf(standings, ({ inBar }) => fieldContrast(site, inBar, part, 'rest'));
  if (least === null || least.ratio >= CONTROL) return [];
  const place = { on: 'piece', ...at, piece: piece.id } as const;
  const ratio = ratioText(least.ratio);
  const property = `${part.prefix}Edge`;
  return [
    found({
      lead: { to: 'cell', place, property, cell: 'rest' },
      at: pieceAt(site, at, piece.id),
      seen: seenAt(least),
      words: `${part.label}: neither its line nor its ground stands out from what is around it; the most is ${ratio}.`,
      measure: ratio,
      limit: `${CONTROL} : 1`,
      harm: 'use',
      repair: {
        label: 'Give it the strong border',
        edits: [{ edit: 'setValue', place, property, cell: 'rest', value: 'border-strong' }],
      },
    }),
  ];
}

/** Bars whose own ink is read with difficulty, where something is written in it. */
function inkFindings(site: Site, at: AssemblyPlace, assembly: Assembly): Found[] {
  const standings = everyBarStanding(site, at).filter(({ settled }) =>
    settled.bays.some(({ pieces }) =>
      pieces.some(({ kind, values }) => pieceKind(kind).inInk === true && values.shown === 'shown'),
    ),
  );
  return assembly.order.flatMap((bar) => {
    const own = standings.filter(({ settled }) => settled.id === bar);
    const least = leastOf(own, ({ bar: values }) => inkContrast(site, values));
    if (least === null || contrastGrade(least.ratio) === 'text') return [];
    const place = { on: 'bar', ...at, bar } as const;
    const ratio = ratioText(least.ratio);
    return [
      found({
        lead: { to: 'cell', place, property: 'ink', cell: least.band },
        at: `${assembly.name}, ${placeName(site, place)}`,
        seen: seenAt(least),
        words: `Its ink has ${ratio} to what is behind it.`,
        measure: ratio,
        limit: '4.5 : 1',
        repair: {
          label: 'Let all on it follow its ground',
          edits: [{ edit: 'setValue', place, property: 'set', cell: 'all', value: true }],
        },
      }),
    ];
  });
}

/** Texts and signs against what is really behind them, and fields against what is around them: in every state, band, phase and scheme. Over pictures no single ratio tells. */
export const contrast: Check = {
  id: 'contrast',
  label: 'Contrast',
  from: 'WCAG 2.2, 1.4.3 Contrast (Minimum), 1.4.11 Non-text Contrast',
  harm: 'read',
  find: ofAssemblies(['headers', 'drawers', 'footers'], ({ site: own, at, assembly }) =>
    inSchemes(own, (site) => [
      ...inkFindings(site, at, assembly),
      ...Object.values(assembly.pieces).flatMap((piece) => {
        const standings = everyStanding(site, at, piece.id);
        return statedParts(piece.kind).flatMap((part) => {
          const looked = { site, at, piece, standings, part };
          return [...textFindings(looked), ...fieldFinding(looked)];
        });
      }),
    ]),
  ),
};
