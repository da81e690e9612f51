import * as v from 'valibot';
import { pieceKind } from '../pieces';
import type { Id } from '../ids/id';
import { cellParts, phaseCell } from '../properties/phases';
import type { Property, Values } from '../properties/property';
import { pieceSchema, type Piece } from '../site/assembly';
import type { IdSource } from '../site/defaults';
import { partsOf } from '../site/parts';
import type { Site } from '../site/site';
import type { Edit } from './index';
import type { AssemblyPlace, Place } from './place';
import type { Spot } from './pieces';

/** What pieces are on the clipboard as, so that they are told from any other text. */
const FORM = 'gable-ridge-pieces';

const clipboardSchema = v.strictObject({
  form: v.literal(FORM),
  /** The ids of the bands of the site that they come from, widest first. */
  bands: v.array(v.string()),
  pieces: v.pipe(v.array(pieceSchema), v.minLength(1), v.maxLength(200)),
});

/** Pieces on the clipboard. */
export type Clipboard = v.InferOutput<typeof clipboardSchema>;

/** Pieces as text for the clipboard. */
export function writeClipboard(site: Site, pieces: readonly Piece[]): string {
  return JSON.stringify({ form: FORM, bands: site.bands.map((band) => band.id), pieces });
}

/** The pieces that a text from the clipboard holds; null when it holds none. */
export function readClipboard(text: string): Clipboard | null {
  try {
    const parsed = v.safeParse(clipboardSchema, JSON.parse(text));
    return parsed.success ? parsed.output : null;
  } catch {
    return null;
  }
}

/** Values as they can stand in a site: by its bands, and without what points at something that it does not have. */
function fittedValues(site: Site, from: Clipboard, values: Values, properties: readonly Property[]): Values {
  const here = site.bands.map((band) => band.id);
  const cellHere = (property: Property, cell: string) => {
    if (property.by !== 'width') return cell;
    const { band, phase } = cellParts(cell);
    const place = here.includes(band) ? here.indexOf(band) : from.bands.indexOf(band);
    const to = here[Math.min(place, here.length - 1)];
    return to === undefined ? null : phaseCell(to, phase);
  };
  const fits = ({ kind }: Property, value: unknown) =>
    (kind.references?.(value) ?? []).every(({ to, id }) => Object.hasOwn(partsOf(site, to), id));
  const entries = properties.flatMap((property) => {
    const cells = Object.entries(values[property.name] ?? {}).flatMap(([cell, value]) => {
      const to = cellHere(property, cell);
      return to !== null && fits(property, value) ? [[to, value] as const] : [];
    });
    return cells.length > 0 ? [[property.name, Object.fromEntries(cells)] as const] : [];
  });
  return Object.fromEntries(entries);
}

/** How many values of pieces on the clipboard cannot stand in this site, since what they point at is not there. */
export function leftBehind(site: Site, from: Clipboard): number {
  const count = (values: Values) =>
    Object.values(values).reduce((sum, cells) => sum + Object.keys(cells).length, 0);
  return from.pieces.reduce((sum, piece) => {
    const fitted = fittedValues(site, from, piece.values, pieceKind(piece.kind).properties);
    return sum + count(piece.values) - count(fitted);
  }, 0);
}

/** The edits that put the pieces of the clipboard into a bay, under ids of their own; with the ids that they get. */
export function pastePieces(
  site: Site,
  at: AssemblyPlace,
  spot: Spot,
  from: Clipboard,
  ids: IdSource,
): { edits: Edit[]; ids: Id[] } {
  const pieces = from.pieces.map(({ kind, values }) => ({
    id: ids(),
    kind,
    values: fittedValues(site, from, values, pieceKind(kind).properties),
  }));
  return {
    edits: pieces.map((piece, index) => ({
      edit: 'addPiece',
      at,
      spot: { ...spot, index: spot.index + index },
      piece,
    })),
    ids: pieces.map((piece) => piece.id),
  };
}

/** Groups of properties that say what a piece is and where it stands, not what it looks like. */
const notLook = new Set(['Content', 'Place']);

/** Whether a property is part of what a thing looks like. */
function isLook({ group, kind }: Property): boolean {
  return !notLook.has(group) && !['link', 'words', 'text'].includes(kind.editor.as);
}

/** The edits that give a piece the look of another one of its kind: what the other does not set is cleared. */
export function pasteLook(site: Site, place: Place, target: Piece, from: Clipboard): Edit[] | string {
  const source = from.pieces.find((piece) => piece.kind === target.kind);
  if (!source)
    return `What was copied is no ${pieceKind(target.kind).label.toLowerCase()}, so its look does not fit.`;
  const looks = pieceKind(target.kind).properties.filter(isLook);
  const wanted = fittedValues(site, from, source.values, looks);
  return looks.flatMap((property): Edit[] => {
    const { name } = property;
    const [own, next] = [target.values[name] ?? {}, wanted[name] ?? {}];
    const gone = Object.keys(own).filter((cell) => !Object.hasOwn(next, cell));
    return [
      ...gone.map((cell): Edit => ({ edit: 'clearValue', place, property: name, cell })),
      ...Object.entries(next).map(([cell, value]): Edit => ({
        edit: 'setValue',
        place,
        property: name,
        cell,
        value,
      })),
    ];
  });
}
