import type { Brought } from '@/core/edit/brought';
import type { ReferenceTarget } from '@/core/properties/reference';
import type { EditorSource } from '../editor-source';
import type { Way } from '../cell-focus';
import type { SheetActions } from '../model';

/** What an editor of a cell is given. `set` gives the reason when a value is refused. */
export interface EditorProps<E, T> {
  label: string;
  editor: E;
  value: T;
  set(value: T): string | null;
  /** Sets a value that brings something of the site along; gives the reason when it is refused. */
  bring(brought: Brought): string | null;
  /** Puts back the value that stood there before the editing, which goes on. */
  back(): void;
  /** Ends the editing, and goes on to the cell that lies that way. */
  close(way?: Way): void;
  source: EditorSource;
  makeLabel: SheetActions['makeLabel'];
  /** Makes something new for the value to point at. */
  make(to: ReferenceTarget): void;
  /** How legible texts are with a colour as the value; null where no text has to do with it. */
  contrast(): ((colour: string) => number) | null;
}
