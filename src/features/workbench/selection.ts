import type { AssemblyPlace, Place } from '@/core/edit/place';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import type { Id } from '@/core/ids/id';
import type { Assembly } from '@/core/site/assembly';

/** What is selected on the workbench: the assembly as a whole, a bar, a bay of one, or a piece, with others besides. */
export type Selection =
  | { on: 'assembly' }
  | { on: 'bar'; id: Id }
  | { on: 'bay'; bar: Id; id: Id }
  | { on: 'piece'; id: Id; others?: readonly Id[] };

/** The ids of all pieces that are selected, the one that was selected last first. */
export function selectedPieces(selection: Selection): readonly Id[] {
  return selection.on === 'piece' ? [selection.id, ...(selection.others ?? [])] : [];
}

/** The selection with a piece more, or with one less when it was selected already. */
export function withPiece(selection: Selection, piece: Id): Selection {
  const selected = selectedPieces(selection);
  const next = selected.includes(piece) ? selected.filter((id) => id !== piece) : [piece, ...selected];
  const [id, ...others] = next;
  return id === undefined ? selection : { on: 'piece', id, others };
}

/** The selection as it holds now: what is gone gives way to the bar that it was in, or to the first. */
export function heldSelection(assembly: Assembly, selection: Selection): Selection {
  if (selection.on === 'piece') {
    const [id, ...others] = selectedPieces(selection).filter((each) => assembly.pieces[each]);
    if (id !== undefined) return { on: 'piece', id, others };
  }
  if (selection.on === 'bar' && assembly.bars[selection.id]) return selection;
  if (selection.on === 'assembly') return selection;
  if (selection.on === 'bay' && assembly.bars[selection.bar]) {
    const there = assembly.bars[selection.bar]!.bays.some((bay) => bay.id === selection.id);
    return there ? selection : { on: 'bar', id: selection.bar };
  }
  return { on: 'bar', id: assembly.order[0]! };
}

/** The places in the document of all that is selected; the first is what the sheet is named after. */
export function selectedPlaces(kind: AssemblyKind, assembly: Id, selection: Selection): Place[] {
  const at = { in: kind, assembly };
  const others = selectedPieces(selection).slice(1);
  return [placeOf(at, selection), ...others.map((piece): Place => ({ on: 'piece', ...at, piece }))];
}

function placeOf(at: AssemblyPlace, selection: Selection): Place {
  if (selection.on === 'bar') return { on: 'bar', ...at, bar: selection.id };
  if (selection.on === 'bay') return { on: 'bay', ...at, bar: selection.bar, bay: selection.id };
  if (selection.on === 'piece') return { on: 'piece', ...at, piece: selection.id };
  return { on: 'assembly', ...at };
}
