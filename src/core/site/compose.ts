import type { Band } from '../bands/band';
import { pieceKind } from '../pieces';
import { assemblyProperties, type AssemblyKind } from '../properties/assembly';
import { firstCell } from '../properties/axis';
import { cellParts, phaseCell } from '../properties/phases';
import { barProperties } from '../properties/bar';
import { bayProperties } from '../properties/bay';
import type { Id } from '../ids/id';
import type { Property, Values } from '../properties/property';
import { states } from '../properties/states';
import type { Assembly, Bar, Piece } from './assembly';
import { edgeBays, newBay } from './defaults';

/** Short forms in which headers, drawers and footers are written down in the code. */

/** Values as they are said: one for all cells of the axis, or by band (`desktop`, `tablet`, `phone`), or by state. */
export type Said = Record<string, unknown>;

/** A piece by its kind, with what is said of it. */
export type SaidPiece = [kind: string, values?: Said];

interface SaidBay {
  values?: Said;
  pieces: SaidPiece[];
}

export interface SaidBar {
  name: string;
  values?: Said;
  /** What stands at the start, in the middle and at the end; or any number of bays. */
  bays: Partial<Record<(typeof edgeBays)[number], SaidPiece[]>> | (SaidPiece[] | SaidBay)[];
}

/** Where the bands that are spoken of stand among those of a site, counted from the widest; `phone` is the narrowest. */
const spokenBands: Record<string, (count: number) => number> = {
  desktop: () => 0,
  tablet: (count) => Math.min(1, count - 1),
  phone: (count) => count - 1,
};

function cellsOf(value: unknown, { by }: Property, bands: readonly string[]): Record<string, unknown> {
  const keys = typeof value === 'object' && value !== null ? Object.keys(value) : [];
  const byBand = keys.length > 0 && keys.every((key) => cellParts(key).band in spokenBands);
  const byState = keys.length > 0 && keys.every((key) => (states as readonly string[]).includes(key));
  if (by === 'state' && byState) return value as Record<string, unknown>;
  if (by !== 'width' || !byBand) return { [firstCell(by, bands)]: value };
  const said = Object.entries(value as Record<string, unknown>);
  return Object.fromEntries(
    said.map(([key, each]) => {
      const { band, phase } = cellParts(key);
      return [phaseCell(bands[spokenBands[band]!(bands.length)]!, phase), each];
    }),
  );
}

/** Values as the document has them from what is said; `bands` are ids, widest first. Throws on a property that is not there. */
export function composeValues(
  said: Said,
  properties: readonly Property[],
  bands: readonly string[] = Object.keys(spokenBands),
): Values {
  return Object.fromEntries(
    Object.entries(said).map(([name, value]) => {
      const property = properties.find((each) => each.name === name);
      if (!property) throw new Error(`No property ${name}`);
      return [name, cellsOf(value, property, bands)];
    }),
  );
}

/** Ids for what is composed, by what it is. */
export type ComposeIds = (what: 'assembly' | 'bar' | 'piece') => Id;

/** A header, drawer or footer from what is said of it, for a site with these bands. */
export function composeAssembly(
  {
    kind,
    name,
    bars: saidBars,
    values = {},
  }: { kind: AssemblyKind; name: string; bars: readonly SaidBar[]; values?: Said },
  ids: ComposeIds,
  siteBands: readonly Band[],
): Assembly {
  const bands = siteBands.map((band) => band.id);
  const pieces: Record<Id, Piece> = {};
  const placed = (said: readonly SaidPiece[]) =>
    said.map(([pieceName, own = {}]) => {
      const piece: Piece = {
        id: ids('piece'),
        kind: pieceName,
        values: composeValues(own, pieceKind(pieceName).properties, bands),
      };
      pieces[piece.id] = piece;
      return piece.id;
    });
  const bayOf = (said: SaidPiece[] | SaidBay, index: number) => {
    const bay = Array.isArray(said) ? { pieces: said } : said;
    return newBay(
      `bay-${index + 1}`,
      placed(bay.pieces),
      composeValues(bay.values ?? {}, bayProperties, bands),
    );
  };
  const bars = saidBars.map((said): Bar => {
    const { bays } = said;
    return {
      id: ids('bar'),
      name: said.name,
      bays: Array.isArray(bays)
        ? bays.map(bayOf)
        : edgeBays.map((bay) => newBay(bay, placed(bays[bay] ?? []))),
      values: composeValues(said.values ?? {}, barProperties, bands),
    };
  });
  return {
    id: ids('assembly'),
    name,
    order: bars.map((bar) => bar.id),
    bars: Object.fromEntries(bars.map((bar) => [bar.id, bar])),
    pieces,
    values: composeValues(values, assemblyProperties[kind], bands),
  };
}
