import type { SheetActions } from '../model';

/** What an editor of a cell is given. `set` gives the reason when a value is refused. */
export interface EditorProps<E, T> {
  label: string;
  editor: E;
  value: T;
  set(value: T): string | null;
  /** Ends the editing; with `back`, the value that stood there before comes back. */
  close(back?: boolean): void;
  options: SheetActions['options'];
  makeLabel: SheetActions['makeLabel'];
  make(): void;
}
