import type { ReferenceTarget } from '@/core/properties/reference';
import type { EditorSource } from '../editor-source';
import type { SheetActions } from '../model';

/** What an editor of a cell is given. `set` gives the reason when a value is refused. */
export interface EditorProps<E, T> {
  label: string;
  editor: E;
  value: T;
  set(value: T): string | null;
  /** Ends the editing; with `back`, the value that stood there before comes back. */
  close(back?: boolean): void;
  source: EditorSource;
  makeLabel: SheetActions['makeLabel'];
  /** Makes something new for the value to point at. */
  make(to: ReferenceTarget): void;
}
