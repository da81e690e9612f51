import { bandChain } from '../bands/band';
import { orderKey } from '../menus/band-order';
import { pieceKind } from '../pieces';
import type { SettledPiece } from '../pieces/piece';
import { assemblyProperties, type AssemblyKind } from '../properties/assembly';
import { bayProperties } from '../properties/bay';
import { barProperties } from '../properties/bar';
import type { Id } from '../properties/id';
import { phaseCell, type Phase } from '../properties/phases';
import { bearsPhases } from '../properties/scroll';
import type { Assembly, Piece } from '../site/assembly';
import type { Site } from '../site/site';
import { settledValues } from './settled-values';

export interface SettledBar {
  id: Id;
  name: string;
  values: Record<string, unknown>;
  bays: SettledBay[];
}

export interface SettledBay {
  values: Record<string, unknown>;
  pieces: SettledPiece[];
}

/** A header, drawer or footer with every value settled for one band: what is measured and what is drawn. */
export interface SettledAssembly {
  id: Id;
  kind: AssemblyKind;
  name: string;
  values: Record<string, unknown>;
  /** Whether it looks otherwise, or lies elsewhere, while the page is scrolled. */
  phased: boolean;
  bars: SettledBar[];
}

/** What was settled of something, as long as the bands and menus that it was settled with are the same. */
interface Known<T> {
  bands: Site['bands'];
  menus: Site['menus'];
  byCell: Map<string, T>;
}

/** Settles things once a band and phase, until they or what they are settled with are others. */
function settledOnce<From extends object, T>(settle: (site: Site, from: From, band: Id, phase: Phase) => T) {
  const known = new WeakMap<From, Known<T>>();
  return (site: Site, from: From, band: Id, phase: Phase): T => {
    const { bands, menus } = site;
    let kept = known.get(from);
    if (kept?.bands !== bands || kept.menus !== menus) {
      kept = { bands, menus, byCell: new Map() };
      known.set(from, kept);
    }
    const cell = phaseCell(band, phase);
    const settled = kept.byCell.get(cell) ?? settle(site, from, band, phase);
    kept.byCell.set(cell, settled);
    return settled;
  };
}

const resolvePiece = settledOnce((site, { id, kind, values: own }: Piece, band, phase): SettledPiece => {
  const chain = bandChain(site.bands);
  const { properties, variant } = pieceKind(kind);
  const values = settledValues(own, properties, chain, band, phase);
  const menuOrder = (menu: Id) => orderKey(site.menus[menu]!, chain, band);
  return { id, kind, band, values, variant: variant?.(values, { menuOrder }) ?? '' };
});

const resolveOf = {
  headers: settledOnce((site, assembly: Assembly, ...at) => settleAssembly(site, 'headers', assembly, ...at)),
  drawers: settledOnce((site, assembly: Assembly, ...at) => settleAssembly(site, 'drawers', assembly, ...at)),
  footers: settledOnce((site, assembly: Assembly, ...at) => settleAssembly(site, 'footers', assembly, ...at)),
};

/** An assembly settled for a band of the site and a phase of scrolling; what did not change since is not settled again. */
export function resolveAssembly(
  site: Site,
  kind: AssemblyKind,
  assembly: Assembly,
  band: Id,
  phase: Phase = 'top',
): SettledAssembly {
  return resolveOf[kind](site, assembly, band, phase);
}

function settleAssembly(
  site: Site,
  kind: AssemblyKind,
  assembly: Assembly,
  band: Id,
  phase: Phase,
): SettledAssembly {
  const chain = bandChain(site.bands);
  const piece = (id: Id) => resolvePiece(site, assembly.pieces[id]!, band, phase);
  const bars = assembly.order.map((id): SettledBar => {
    const { name, values, bays } = assembly.bars[id]!;
    const settledBays = bays.map((bay) => ({
      values: settledValues(bay.values, bayProperties, chain, band),
      pieces: bay.pieces.map(piece),
    }));
    return { id, name, values: settledValues(values, barProperties, chain, band, phase), bays: settledBays };
  });
  const values = settledValues(assembly.values, assemblyProperties[kind], chain, band);
  const phased = kind === 'headers' && bearsPhases(assembly.values);
  return { id: assembly.id, kind, name: assembly.name, values, phased, bars };
}

/** All pieces of a settled assembly, in their order. */
export function settledPieces(assembly: SettledAssembly): SettledPiece[] {
  return assembly.bars.flatMap((bar) => bar.bays.flatMap((bay) => bay.pieces));
}
