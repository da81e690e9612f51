import type { Band } from '../bands/band';
import { pieceKind } from '../pieces';
import { assemblyProperties } from '../properties/assembly';
import type { AssemblyKind } from '../properties/assembly-kind';
import { firstCell } from '../properties/axis';
import { cellParts, phaseCell } from '../properties/phases';
import { barProperties } from '../properties/bar';
import { bayProperties } from '../properties/bay';
import type { Id } from '../ids/id';
import type { Property, Values } from '../properties/property';
import { states } from '../properties/states';
import type { Assembly, Bar, Piece } from './assembly';
import { USUAL_MARGIN, type CollapseRule, type RuleWhen } from './collapse-rule';
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

/**
 * A collapse rule: where the bar stops fitting unless it says otherwise, what its pieces turn to; level by level where there is a step.
 * Pieces are named by their kind, one of several by its number as well: `menu 2`.
 */
export interface SaidRule {
  when?: RuleWhen;
  turns: [pieces: string, property: string, value: unknown, step?: number][];
}

export interface SaidBar {
  name: string;
  values?: Said;
  /** What stands at the start, in the middle and at the end; or any number of bays. */
  bays: Partial<Record<(typeof edgeBays)[number], SaidPiece[]>> | (SaidPiece[] | SaidBay)[];
  rules?: readonly SaidRule[];
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
  const byLanguage = keys.length > 0 && keys.every((key) => /^[a-z]{2,3}(-|$)/.test(key));
  if ((by === 'state' && byState) || (by === 'language' && byLanguage))
    return value as Record<string, unknown>;
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

/** The bays of a bar that is divided by edges. */
const noBays = Object.fromEntries(edgeBays.map((bay) => [bay, []]));

/** Ids for what is composed, by what it is. */
export type ComposeIds = (what: 'assembly' | 'bar' | 'piece' | 'rule') => Id;

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
  const namedPieces = (held: readonly Id[], named: string) => {
    const [pieceName, nth] = named.split(' ');
    const ofKind = held.filter((id) => pieces[id]!.kind === pieceName);
    return nth === undefined ? ofKind : [ofKind[Number(nth) - 1]!];
  };
  const ruleOf =
    (held: readonly Id[]) =>
    ({ when = { by: 'fit', margin: USUAL_MARGIN }, turns }: SaidRule): CollapseRule => ({
      id: ids('rule'),
      when,
      turns: turns.flatMap(([named, property, value, step]) =>
        namedPieces(held, named).map((piece) => ({
          piece,
          property,
          value,
          ...(step === undefined ? {} : { step }),
        })),
      ),
    });
  const bars = saidBars.map((said): Bar => {
    const id = ids('bar');
    const bays = Array.isArray(said.bays)
      ? said.bays.map(bayOf)
      : Object.entries({ ...noBays, ...said.bays }).map(([bay, held]) => newBay(bay, placed(held)));
    const held = bays.flatMap((bay) => bay.pieces);
    return {
      id,
      name: said.name,
      bays,
      values: composeValues(said.values ?? {}, barProperties, bands),
      ...(said.rules ? { rules: said.rules.map(ruleOf(held)) } : {}),
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
