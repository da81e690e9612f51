import { nanoid } from 'nanoid';

/** A new id; the letter keeps it from being read as a number. */
export function newId(): string {
  return `i${nanoid(11)}`;
}
