import type * as v from 'valibot';
import type { Site } from '../site/site';

/** Why an edit cannot be applied, as a sentence for the designer; null when it was. */
export type Refusal = string | null;

/** A kind of edit: one entry in its family's file. */
export interface EditKind<T> {
  /** What it does, for undo and redo: `Set a value`. */
  title: string;
  /** The same of one edit, with the name of what it is done to: `Set Least height, Phone, of Main bar`. The site is as it was before. */
  says?(site: Site, edit: T): string;
  schema: v.GenericSchema<unknown, T>;
  /** Changes the draft, or leaves it as it is and says why it cannot. */
  apply(draft: Site, edit: T): Refusal;
}

/** States a kind of edit with its type inferred from the schema, to be kept among others in a list. */
export function editKind<S extends v.GenericSchema>(kind: {
  title: string;
  says?(site: Site, edit: v.InferOutput<S>): string;
  schema: S;
  apply(draft: Site, edit: v.InferOutput<S>): Refusal;
}): EditKind<v.InferOutput<S>> {
  return kind as EditKind<v.InferOutput<S>>;
}
