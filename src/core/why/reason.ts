import * as v from 'valibot';
import { assemblyPlaceSchema, placeSchema, type Place } from '../edit/place';
import { idSchema } from '../ids/id';
import { referenceTargets } from '../properties/reference';

/** A cell of the document: of a property of what stands at a place. */
const cellAtEntries = { place: placeSchema, property: v.string(), cell: v.string() };
export type CellAt = v.InferOutput<v.StrictObjectSchema<typeof cellAtEntries, undefined>>;

/** Where a reason leads: to a cell, to what stands at a place, to the collapse rules of a bar, or to what a value points at. */
export const leadSchema = v.variant('to', [
  v.strictObject({ to: v.literal('cell'), ...cellAtEntries }),
  v.strictObject({ to: v.literal('place'), place: placeSchema }),
  v.strictObject({ to: v.literal('rules'), at: assemblyPlaceSchema, bar: idSchema }),
  v.strictObject({ to: v.literal('placing') }),
  v.strictObject({ to: v.literal('part'), of: v.picklist(referenceTargets), id: v.string() }),
]);
export type Lead = v.InferOutput<typeof leadSchema>;

/** The place that a lead is to; null for one to a part of the document that is no place of values. */
export function placeOf(lead: Lead): Place | null {
  if (lead.to === 'part' || lead.to === 'placing') return null;
  return lead.to === 'rules' ? { on: 'bar', ...lead.at, bar: lead.bar } : lead.place;
}

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
