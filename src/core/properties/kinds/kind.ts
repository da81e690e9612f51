import type * as v from 'valibot';
import type { Link } from '../link';
import type { Reference, ReferenceTarget } from '../reference';

/** How a value is edited; the sheet has one editor for each of these. With `open`, the value may be left open. */
export type Editor = { open?: string } & (
  | { as: 'text'; placeholder?: string; example?: string }
  | { as: 'length'; least: number; most: number }
  | { as: 'pixels'; least: number; most: number }
  | { as: 'number'; least: number; most: number; whole?: true }
  | { as: 'choice'; options: readonly { value: string; label: string }[] }
  | { as: 'flag'; no: string; yes: string }
  | { as: 'colour' }
  | { as: 'family' }
  | { as: 'icon' }
  | { as: 'reference'; to: ReferenceTarget }
  | { as: 'link' }
  | { as: 'order' }
  | { as: 'words' }
  | { as: 'division' }
  | { as: 'corners' }
);

/** A kind of value: what may be stored, and how it is written for people. */
export interface Kind<T> {
  editor: Editor;
  schema: v.GenericSchema<unknown, T>;
  /** The value in words, without the names of what it points at. */
  text(value: T): string;
  /** What the value points at inside the site. */
  references?(value: T): Reference[];
  /** The value with its links to a part that goes away leading elsewhere; for kinds that hold links. */
  redirected?(value: T, gone: Reference, link: Link): T;
}
