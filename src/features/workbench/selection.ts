import type { Place } from '@/core/edit/place';
import type { AssemblyKind } from '@/core/properties/assembly';
import type { Id } from '@/core/properties/id';
import type { Assembly } from '@/core/site/assembly';

/** What is selected on the workbench: the assembly as a whole, a bar, a bay of one, or a piece. */
export type Selection =
  { on: 'assembly' } | { on: 'bar'; id: Id } | { on: 'bay'; bar: Id; id: Id } | { on: 'piece'; id: Id };

/** The selection as it holds now: what is gone gives way to the bar that it was in, or to the first. */
export function heldSelection(assembly: Assembly, selection: Selection): Selection {
  if (selection.on === 'piece' && assembly.pieces[selection.id]) return selection;
  if (selection.on === 'bar' && assembly.bars[selection.id]) return selection;
  if (selection.on === 'assembly') return selection;
  if (selection.on === 'bay' && assembly.bars[selection.bar]) {
    const there = assembly.bars[selection.bar]!.bays.some((bay) => bay.id === selection.id);
    return there ? selection : { on: 'bar', id: selection.bar };
  }
  return { on: 'bar', id: assembly.order[0]! };
}

/** The selection as a place in the document. */
export function selectedPlace(kind: AssemblyKind, assembly: Id, selection: Selection): Place {
  const at = { in: kind, assembly };
  if (selection.on === 'bar') return { on: 'bar', ...at, bar: selection.id };
  if (selection.on === 'bay') return { on: 'bay', ...at, bar: selection.bar, bay: selection.id };
  if (selection.on === 'piece') return { on: 'piece', ...at, piece: selection.id };
  return { on: 'assembly', ...at };
}
