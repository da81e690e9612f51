import { bandChain } from '../bands/band';
import { onDarkVersion, type LogoVersion } from '../brand/logo-versions';
import { itemShown, menuStructure, orderInBand, orderKey } from '../menus/band-order';
import { hasCards, hasNested, leavesOf } from '../menus/entries';
import { pieceKind } from '../pieces';
import { leavingRanks } from '../pieces/menu/leaving';
import type { SettledPiece } from '../pieces/piece';
import { assemblyProperties } from '../properties/assembly';
import type { AssemblyKind } from '../properties/assembly-kind';
import { bayProperties } from '../properties/bay';
import { barProperties } from '../properties/bar';
import { sameItems } from '../ids/same-items';
import type { Id } from '../ids/id';
import { phaseCell, phases, saysPhase, saysPhases, type Phase } from '../properties/phases';
import type { Values } from '../properties/property';
import { bearsPhases } from '../properties/scroll';
import type { Assembly, Bar, Piece } from '../site/assembly';
import type { Site } from '../site/site';
import type { Division } from '../properties/kinds/division';
import { followsDark } from './ground-set';
import { saidInLanguages } from './in-language';
import { settledValues } from './settled-values';
import { whereNothingShows } from './nothing-to-show';
import { bandStage, type Stage } from './stage';
import { turnedValues, turningLevels } from './turns';

export interface SettledBar {
  id: Id;
  name: string;
  values: Record<string, unknown>;
  /** In the order in which they are seen, from the start to the end. */
  bays: SettledBay[];
}

export interface SettledBay {
  /** The place of the bay in the document and in the markup, from 1. */
  nth: number;
  values: Record<string, unknown>;
  pieces: SettledPiece[];
}

/** Whether the bays of a bar are seen in another order than they are listed in. */
export const isReordered = ({ bays }: Pick<SettledBar, 'bays'>): boolean =>
  bays.some(({ nth }, index) => nth !== index + 1);

/** A header, drawer or footer with every value settled for one band: what is measured and what is drawn. */
export interface SettledAssembly {
  id: Id;
  kind: AssemblyKind;
  name: string;
  values: Record<string, unknown>;
  /** Whether it looks otherwise, or lies elsewhere, while the page is scrolled. */
  phased: boolean;
  /** The phase of scrolling that it was settled for. */
  phase: Phase;
  bars: SettledBar[];
}

/** What was settled of something, as long as what it was settled with is the same: the bands, the structures of the menus that it shows, and the type styles that rules start from. */
interface Known<T> {
  with: readonly unknown[];
  /** The site and what is around it, with which that was last found to be the same. */
  of: readonly unknown[];
  byCell: Map<string, T>;
}

/** What of a site decides how a piece is settled: the structures of the menus that it shows at some width, and the brand’s logo where it has artwork of its own at others. */
const madeOf = ({ menus, brand }: Site, { values }: Piece) => [
  ...Object.values(values.menu ?? {}).map((id) => {
    const menu = menus[id as Id];
    return menu && menuStructure(menu);
  }),
  ...(values.artwork === undefined ? [] : [brand.logo]),
];

/** The rules of an assembly, bar by bar. */
const rulesOf = ({ bars }: Assembly) => Object.values(bars).map(({ rules }) => rules);

/** For how many brands things are kept settled: the light scheme and the dark one. */
const MOST_KEPT = 2;

/** Settles things once a stage, until they or what they are settled with are others. */
function settledOnce<From extends object, T, Around extends unknown[]>(
  others: (site: Site, from: From, ...around: Around) => unknown[],
  settle: (site: Site, from: From, stage: Stage, ...around: Around) => T,
) {
  const known = new WeakMap<From, readonly Known<T>[]>();
  return (site: Site, from: From, stage: Stage, ...around: Around): T => {
    const all = known.get(from) ?? [];
    const of = [site, ...around];
    let kept = all.find((each) => sameItems(each.of, of));
    if (!kept) {
      const settledWith = [site.bands, site.brand.typeStyles, ...others(site, from, ...around)];
      const same = all.find((each) => sameItems(each.with, settledWith));
      kept = same ?? { with: settledWith, of, byCell: new Map() };
      kept.of = of;
      if (!same) known.set(from, [kept, ...all.slice(0, MOST_KEPT - 1)]);
    }
    const cell = phaseCell(stage.begun.join(' '), stage.phase ?? 'top');
    const settled = kept.byCell.get(cell) ?? settle(site, from, stage, ...around);
    kept.byCell.set(cell, settled);
    return settled;
  };
}

function settlePiece(
  site: Site,
  { id, kind }: Piece,
  values: Values,
  { band, begun, phase }: Stage,
): SettledPiece {
  const chain = bandChain(site.bands);
  const { properties, variant, opensBranch } = pieceKind(kind);
  const own = settledValues(values, properties, begun, begun.at(-1)!, phase);
  const settled = whereNothingShows(site, kind, values, own);
  const menuOrder = (menu: Id) => orderKey(site.menus[menu]!, chain, band);
  const menu = typeof settled.menu === 'string' ? site.menus[settled.menu]! : null;
  const top = menu ? orderInBand(menu, null, chain, band) : [];
  const ranks = [...leavingRanks(top.map((item) => ({ id: item, leaves: leavesOf(menu!.items[item]!) })))]
    .filter(([item]) => itemShown(menu!, item, chain, band))
    .map(([, rank]) => rank);
  return {
    id,
    kind,
    band,
    values: settled,
    variant: settled.shown === 'hidden' ? null : variant ? variant(settled, { menuOrder }) : '',
    counts: {
      top: top.length,
      ranks,
      cards: menu !== null && hasCards(menu),
      nested: menu !== null && hasNested(menu),
    },
    opensBranch:
      opensBranch !== undefined &&
      chain.every((each) => opensBranch(settledValues(values, properties, chain, each))),
    said: saidInLanguages(values, properties),
  };
}

/** A piece settled for a stage in which nothing turns it. */
const resolvePiece = settledOnce(madeOf, (site, piece: Piece, stage) =>
  settlePiece(site, piece, piece.values, stage),
);

/** A piece settled for a stage with what the rules of its assembly turn it to. */
const resolveTurned = settledOnce(
  (site, piece: Piece, assembly: Assembly) => [...madeOf(site, piece), ...rulesOf(assembly)],
  (site, piece, stage, assembly) =>
    settlePiece(site, piece, turnedValues(site, assembly, piece, stage.begun), stage),
);

/** The values of a bar for a band and phase: rules turn pieces only, so they are the very same object in all stages of a band. */
const resolveBarValues = settledOnce(
  () => [],
  (site, { values }: Bar, { band, phase = 'top' }) =>
    settledValues(values, barProperties, bandChain(site.bands), band, phase),
);

/** The pieces that stand in a bar. */
const heldBy = ({ pieces }: Assembly, { bays }: Bar): Piece[] =>
  bays.flatMap((bay) => bay.pieces.map((id) => pieces[id]!));

/** A bar settled for a stage with what stands in it. */
const resolveBar = settledOnce((site, bar: Bar, assembly: Assembly) => {
  const held = heldBy(assembly, bar);
  return [
    ...held,
    ...held.flatMap((piece) => madeOf(site, piece)),
    ...rulesOf(assembly),
    ...brandOf(site, [bar]),
  ];
}, settleBar);

/** What of the brand decides which artwork a logo shows in bars whose colours follow their ground, as all do in the dark scheme. */
const brandOf = ({ brand }: Site, bars: readonly Bar[]) =>
  brand.scheme === 'dark' || bars.some(({ values }) => values.set !== undefined)
    ? [brand.colours, brand.logo]
    : [];

const assemblyOnce = (kind: AssemblyKind) =>
  settledOnce(
    (site, { pieces, bars }: Assembly) => [
      ...Object.values(pieces).flatMap((piece) => madeOf(site, piece)),
      ...brandOf(site, Object.values(bars)),
    ],
    (site, assembly, stage) => settleAssembly(site, kind, assembly, stage),
  );

const resolveOf = {
  headers: assemblyOnce('headers'),
  drawers: assemblyOnce('drawers'),
  footers: assemblyOnce('footers'),
};

/** An assembly settled for a stage, or for a band where no rule has begun; what did not change since is not settled again. */
export function resolveAssembly(
  site: Site,
  kind: AssemblyKind,
  assembly: Assembly,
  at: Id | Stage,
): SettledAssembly {
  return resolveOf[kind](site, assembly, typeof at === 'string' ? bandStage(site, at) : at);
}

/** A division whose shares go with their bays, in whatever order these stand in one row. */
function orderedDivision(division: Division, bays: readonly SettledBay[]): Division {
  if (division.by !== 'shares' || division.shares.length < bays.length) return division;
  return { by: 'shares', shares: bays.map(({ nth }) => division.shares[nth - 1]!) };
}

/** Bays in the order in which they are seen: those that have a place stand there, the others follow each other around them. */
function inPlaces(bays: readonly SettledBay[]): SettledBay[] {
  const placeOf = ({ values }: SettledBay) => (values.place === null ? null : Number(values.place) - 1);
  const others = bays.filter((bay) => placeOf(bay) === null);
  return bays
    .filter((bay) => placeOf(bay) !== null)
    .toSorted((one, other) => placeOf(one)! - placeOf(other)!)
    .reduce((order, bay) => order.toSpliced(placeOf(bay)!, 0, bay), others);
}

/** A logo as it stands on a dark ground: in the brand’s version for it, where there is one. */
function onDark({ brand }: Site, piece: SettledPiece): SettledPiece {
  const turned = onDarkVersion[piece.values.version as LogoVersion];
  return turned !== undefined && brand.logo[turned] !== null
    ? { ...piece, values: { ...piece.values, version: turned } }
    : piece;
}

/** A stage as far as it says something of pieces: what begins without turning one is left out, so that they are settled once for all stages that differ by nothing else. */
function tellingOf(
  stage: Stage,
  chain: readonly Id[],
  levels: ReturnType<typeof turningLevels>,
  pieces: readonly Piece[],
): Stage {
  const turning = new Set(pieces.flatMap(({ id }) => levels.get(id) ?? []));
  return { ...stage, begun: stage.begun.filter((each) => chain.includes(each) || turning.has(each)) };
}

function settleBar(site: Site, bar: Bar, stage: Stage, assembly: Assembly): SettledBar {
  const chain = bandChain(site.bands);
  const { band, begun, phase = 'top' } = stage;
  const { id, name, bays } = bar;
  const held = heldBy(assembly, bar);
  // A bar of which nothing is said of phases is the very same in all of them.
  if (phase !== 'top' && ![bar, ...held].some((each) => saysPhases(each.values)))
    return resolveBar(site, bar, { ...stage, phase: 'top' }, assembly);
  const levels = turningLevels(assembly, begun);
  const piece = (own: Piece) => {
    const at = { ...tellingOf(stage, chain, levels, [own]), phase: saysPhases(own.values) ? phase : 'top' };
    return levels.has(own.id) ? resolveTurned(site, own, at, assembly) : resolvePiece(site, own, at);
  };
  const settled = resolveBarValues(site, bar, { band, begun: [band], phase });
  const dark = followsDark(site, settled);
  const listed = bays.map((bay, index) => ({
    nth: index + 1,
    values: settledValues(bay.values, bayProperties, chain, band),
    pieces: bay.pieces.map((each) => {
      const own = piece(assembly.pieces[each]!);
      return dark ? onDark(site, own) : own;
    }),
  }));
  const seen = inPlaces(settled.turnedRound ? listed.toReversed() : listed);
  if (!isReordered({ bays: seen })) return { id, name, values: settled, bays: listed };
  const division = orderedDivision(settled.division as Division, seen);
  return { id, name, values: { ...settled, division }, bays: seen };
}

function settleAssembly(site: Site, kind: AssemblyKind, assembly: Assembly, stage: Stage): SettledAssembly {
  const { band, phase = 'top' } = stage;
  const chain = bandChain(site.bands);
  const levels = turningLevels(assembly, stage.begun);
  const bars = assembly.order.map((id) => {
    const bar = assembly.bars[id]!;
    return resolveBar(site, bar, tellingOf(stage, chain, levels, heldBy(assembly, bar)), assembly);
  });
  const values = settledValues(assembly.values, assemblyProperties[kind], chain, band);
  const phased = kind === 'headers' && bearsPhases(assembly.values);
  return { id: assembly.id, kind, name: assembly.name, values, phased, phase, bars };
}

const saidPhases = new WeakMap<Assembly, Phase[]>();

/** The phases of scrolling in which an assembly may look otherwise than in all before: the top, and those that something is said of. */
export function phasesOf(kind: AssemblyKind, assembly: Assembly): Phase[] {
  const { values, bars, pieces } = assembly;
  if (kind !== 'headers' || !bearsPhases(values)) return ['top'];
  const all = [...Object.values(bars), ...Object.values(pieces)];
  const said = (phase: Phase) => phase === 'top' || all.some((each) => saysPhase(each.values, phase));
  const known = saidPhases.get(assembly) ?? phases.filter(said);
  saidPhases.set(assembly, known);
  return known;
}

const listed = new WeakMap<SettledAssembly, readonly SettledPiece[]>();

/** All pieces of a settled assembly as they are listed, wherever their bays stand: in every stage of the way the same one has the same place. */
export function settledPieces(assembly: SettledAssembly): readonly SettledPiece[] {
  const inOrder = ({ bays }: SettledBar) => bays.toSorted((one, other) => one.nth - other.nth);
  const known =
    listed.get(assembly) ?? assembly.bars.flatMap((bar) => inOrder(bar).flatMap(({ pieces }) => pieces));
  listed.set(assembly, known);
  return known;
}
