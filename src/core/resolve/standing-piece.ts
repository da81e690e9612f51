import type { Id } from '../ids/id';
import type { SettledPiece } from '../pieces/piece';
import type { AssemblyKind } from '../properties/assembly-kind';
import type { Phase } from '../properties/phases';
import { ofPair } from '../ids/of-pair';
import type { Site } from '../site/site';
import { srgb } from '../colour/contrast';
import { seenColour } from '../site/seen-colour';
import { phasesOf, resolveAssembly, type SettledAssembly, type SettledBar } from './assembly';
import { bandStage } from './stage';
import type { PieceInBar } from './state-look';

/** A piece as it stands in a band and phase of scrolling, with the values of its bar. */
export interface Standing {
  band: Id;
  phase: Phase;
  inBar: PieceInBar;
  settled: SettledPiece;
}

interface At {
  in: AssemblyKind;
  assembly: Id;
}

/** Stands for the picture of a page’s first section, over which a header lies. */
const PAGE_PICTURE = 'of the page';

/**
 * The values of a bar with what is seen where it has no colours of its own: of what is behind a bar without a ground, the drawer that it
 * stands in or the picture of the page that its header lies over; of its ink, that of the drawer.
 */
export function barAsSeen(
  site: Site,
  { kind, values, phase }: SettledAssembly,
  bar: SettledBar,
): SettledBar['values'] {
  const own = bar.values;
  if (kind === 'drawers')
    return {
      ...own,
      ground: own.ground === 'none' ? values.ground : own.ground,
      ink: own.ink === 'none' ? values.ink : own.ink,
      // Colours follow a ground of the bar’s own only.
      set: own.ground !== 'none' && own.set,
    };
  const over = kind === 'headers' && values.lies === 'over' && values.stands === 'top' && phase === 'top';
  const opaque = over && srgb(seenColour(site, own.ground as Id)).alpha === 1;
  return over && !opaque && own.picture === null ? { ...own, picture: PAGE_PICTURE } : own;
}

/** How the pieces of a settled assembly stand in a brand, by their ids: the very same as long as both are. */
const standingsIn = ofPair(
  (site: Site, settled: SettledAssembly, band: Id): ReadonlyMap<Id, Standing> => {
    const { phase } = settled;
    return new Map(
      settled.bars.flatMap((bar) => {
        const seen = barAsSeen(site, settled, bar);
        return bar.bays.flatMap(({ pieces }) =>
          pieces.map((own): [Id, Standing] => [
            own.id,
            { band, phase, inBar: { bar: seen, piece: own.values }, settled: own },
          ]),
        );
      }),
    );
  },
  ({ brand }, settled) => [brand, settled],
);

const standingIn = (site: Site, settled: SettledAssembly, band: Id, piece: Id): Standing | null =>
  standingsIn(site, settled, band).get(piece) ?? null;

/** A piece as it stands on the widest band at the top of the page; null where it is gone. */
export function standingPiece(site: Site, at: At, piece: Id): Standing | null {
  const assembly = site[at.in][at.assembly];
  const band = site.bands[0]!.id;
  return assembly ? standingIn(site, resolveAssembly(site, at.in, assembly, band), band, piece) : null;
}

/** A piece in every band and phase of scrolling in which it and its bar are shown, the widest band first. */
export function everyStanding(site: Site, at: At, piece: Id): Standing[] {
  const assembly = site[at.in][at.assembly];
  if (!assembly) return [];
  return site.bands
    .flatMap(({ id }) =>
      phasesOf(at.in, assembly).map((phase) => {
        const stage = { ...bandStage(site, id), phase };
        return standingIn(site, resolveAssembly(site, at.in, assembly, stage), id, piece);
      }),
    )
    .filter((each) => each !== null)
    .filter(({ inBar }) => inBar.bar.shown === 'shown' && inBar.piece.shown === 'shown');
}

/** A bar as it is seen in a band and phase. */
export interface BarStanding {
  band: Id;
  phase: Phase;
  bar: Record<string, unknown>;
  settled: SettledBar;
}

/** The bars of an assembly in every band and phase of scrolling in which they are shown, the widest band first. */
export function everyBarStanding(site: Site, at: At): BarStanding[] {
  const assembly = site[at.in][at.assembly];
  if (!assembly) return [];
  return site.bands.flatMap(({ id: band }) =>
    phasesOf(at.in, assembly).flatMap((phase) => {
      const settled = resolveAssembly(site, at.in, assembly, { ...bandStage(site, band), phase });
      return settled.bars
        .filter(({ values }) => values.shown === 'shown')
        .map((bar) => ({ band, phase, bar: barAsSeen(site, settled, bar), settled: bar }));
    }),
  );
}
