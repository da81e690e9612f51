import type { AssemblyPlace, Place } from '../edit/place';
import type { Id } from '../ids/id';
import type { ReferenceTarget } from '../properties/reference';

/** A cell of the document: of a property of what stands at a place. */
export interface CellAt {
  place: Place;
  property: string;
  cell: string;
}

/** Where a reason leads: to a cell, to what stands at a place, to the collapse rules of a bar, or to what a value points at. */
export type Lead =
  | ({ to: 'cell' } & CellAt)
  | { to: 'place'; place: Place }
  | { to: 'rules'; at: AssemblyPlace; bar: Id }
  | { to: 'part'; of: ReferenceTarget; id: Id };

/** One link of the chain of what made a value. */
export interface Reason {
  /** What it is, such as “Tablet follows Desktop”. */
  words: string;
  /** The value that it gives, in words; null where the next one tells it. */
  value: string | null;
  /** The colour that the value stands for, as CSS. */
  swatch?: string;
  /** Null for the cell that was asked about itself, and for what comes with the application. */
  lead: Lead | null;
}
