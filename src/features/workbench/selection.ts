import { findPlace, type AssemblyPlace, type Place } from '@/core/edit/place';
import type { Id } from '@/core/ids/id';
import { placeOfPointed, type Pointed } from '@/core/pointing/pointed';
import type { Assembly } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';

type InWorkbench<T> = T extends unknown ? Omit<T, 'at'> & { at?: AssemblyPlace } : never;

/** What is selected on the workbench: something of its assembly, or of another that stands beside it in the views (`at`); a piece with others besides. */
export type Selection =
  | InWorkbench<Exclude<Pointed, { on: 'piece' }>>
  | (InWorkbench<Extract<Pointed, { on: 'piece' }>> & { others?: readonly Id[] });

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

/** What is selected, with the assembly that it is in: that of the workbench, where it says no other. */
export function asPointed(home: AssemblyPlace, selection: Selection): Pointed {
  const { at = home } = selection;
  if (selection.on !== 'piece') return { ...selection, at };
  const { id, part } = selection;
  return part === undefined ? { on: 'piece', id, at } : { on: 'piece', id, part, at };
}

/** What is pointed at, as a selection on a workbench. */
export function asSelection(home: AssemblyPlace, { at, ...thing }: Pointed): Selection {
  return at.in === home.in && at.assembly === home.assembly ? thing : { ...thing, at };
}

/** The selection as the plan shows it: items and parts by their piece, and nothing of another assembly. */
export function inPlan(selection: Selection): Selection | null {
  if (selection.at) return null;
  return selection.on === 'item' ? { on: 'piece', id: selection.piece } : selection;
}

/** The selection as it holds now: what is gone gives way to what it was in, or to the first bar. */
export function heldSelection(site: Site, home: AssemblyPlace, selection: Selection): Selection {
  const assembly = site[home.in][home.assembly] as Assembly;
  if (selection.on === 'piece' && !selection.at) {
    const [id, ...others] = selectedPieces(selection).filter((each) => assembly.pieces[each]);
    if (id !== undefined) return id === selection.id ? { ...selection, others } : { on: 'piece', id, others };
  }
  if (typeof findPlace(site, placeOfPointed(asPointed(home, selection))) !== 'string') return selection;
  if (selection.on === 'bay') return heldSelection(site, home, { on: 'bar', id: selection.bar });
  if (selection.on === 'item')
    return heldSelection(site, home, {
      on: 'piece',
      id: selection.piece,
      ...(selection.at && { at: selection.at }),
    });
  return { on: 'bar', id: assembly.order[0]! };
}

/** The places in the document of all that is selected; the first is what the sheet is named after. */
export function selectedPlaces(home: AssemblyPlace, selection: Selection): Place[] {
  const others = selectedPieces(selection).slice(1);
  return [
    placeOfPointed(asPointed(home, selection)),
    ...others.map((piece): Place => ({ on: 'piece', ...home, piece })),
  ];
}
