import * as v from 'valibot';
import { idSchema, own } from '../ids/id';
import { pieceSchema, type Assembly, type Bay } from '../site/assembly';
import { findAssembly } from './assemblies';
import { editKind } from './edit-kind';
import { pieceTitle } from '../site/uses';
import { assemblyPlaceSchema } from './place';
import { placeName } from './place-name';

const spotSchema = v.strictObject({
  bar: idSchema,
  bay: idSchema,
  index: v.pipe(v.number(), v.integer(), v.minValue(0)),
});
/** A spot among the pieces of a bay. */
export type Spot = v.InferOutput<typeof spotSchema>;

/** Where a piece stands; null when it is in no bay. */
export function spotOf(assembly: Assembly, piece: string): Spot | null {
  for (const bar of Object.values(assembly.bars)) {
    for (const bay of bar.bays) {
      const index = bay.pieces.indexOf(piece);
      if (index >= 0) return { bar: bar.id, bay: bay.id, index };
    }
  }
  return null;
}

/** The bay of a spot, or a sentence that says what is gone. */
export function findBay(assembly: Assembly, spot: { bar: string; bay: string }): Bay | string {
  const bar = own(assembly.bars, spot.bar);
  if (!bar) return `The bar is no longer in “${assembly.name}”.`;
  return bar.bays.find((bay) => bay.id === spot.bay) ?? `The bay is no longer in “${bar.name}”.`;
}

/** Takes a piece out of its bay; the rules of a bar that it leaves turn it no more. */
function takeOut(assembly: Assembly, piece: string, to: string | null = null): void {
  const spot = spotOf(assembly, piece);
  if (!spot) return;
  (findBay(assembly, spot) as Bay).pieces.splice(spot.index, 1);
  if (spot.bar === to) return;
  for (const rule of assembly.bars[spot.bar]!.rules ?? [])
    rule.turns = rule.turns.filter((turn) => turn.piece !== piece);
}

export const addPiece = editKind({
  title: 'Add a piece',
  says: (site, { piece }) => `Add ${pieceTitle(site, piece)}`,
  schema: v.strictObject({
    edit: v.literal('addPiece'),
    at: assemblyPlaceSchema,
    spot: spotSchema,
    piece: pieceSchema,
  }),
  apply(draft, { at, spot, piece }) {
    const assembly = findAssembly(draft, at);
    if (typeof assembly === 'string') return assembly;
    const bay = findBay(assembly, spot);
    if (typeof bay === 'string') return bay;
    if (own(assembly.pieces, piece.id)) return `There is already a piece with the id ${piece.id}.`;
    assembly.pieces[piece.id] = piece;
    bay.pieces.splice(spot.index, 0, piece.id);
    return null;
  },
});

/** Moves a piece to a spot; the index counts without the piece itself. */
export const movePiece = editKind({
  title: 'Move a piece',
  says: (site, { at, piece }) => `Move ${placeName(site, { on: 'piece', ...at, piece })}`,
  schema: v.strictObject({
    edit: v.literal('movePiece'),
    at: assemblyPlaceSchema,
    piece: idSchema,
    spot: spotSchema,
  }),
  apply(draft, { at, piece, spot }) {
    const assembly = findAssembly(draft, at);
    if (typeof assembly === 'string') return assembly;
    if (!own(assembly.pieces, piece)) return `The piece is no longer in “${assembly.name}”.`;
    const bay = findBay(assembly, spot);
    if (typeof bay === 'string') return bay;
    takeOut(assembly, piece, spot.bar);
    bay.pieces.splice(spot.index, 0, piece);
    return null;
  },
});

export const removePiece = editKind({
  title: 'Remove a piece',
  says: (site, { at, piece }) => `Remove ${placeName(site, { on: 'piece', ...at, piece })}`,
  schema: v.strictObject({ edit: v.literal('removePiece'), at: assemblyPlaceSchema, piece: idSchema }),
  apply(draft, { at, piece }) {
    const assembly = findAssembly(draft, at);
    if (typeof assembly === 'string') return assembly;
    if (!own(assembly.pieces, piece)) return `The piece is no longer in “${assembly.name}”.`;
    takeOut(assembly, piece);
    delete assembly.pieces[piece];
    return null;
  },
});
