import type { Brought } from '@/core/edit/brought';
import type { Editor } from '@/core/properties/kinds/kind';
import type { ReferenceTarget } from '@/core/properties/reference';
import type { EditorSource } from './editor-source';

/** A column of the sheet: a band or a state. */
export interface SheetColumn {
  key: string;
  label: string;
  /** What the column stands for, such as `≥ 1024`. */
  range: string;
}

/** A value in a column of the sheet. */
export interface SheetCell {
  /** The cell of the document that the value is set in. */
  key: string;
  value: unknown;
  text: string;
  /** What the value comes to beside others, in words; null where it is what it says. */
  aside: string | null;
  /** The colour that the value stands for, as CSS; null when it is no colour. */
  swatch: string | null;
  /** Whether the value is set here. */
  own: boolean;
  /** The name of the wider band or the state that is followed; null when the value is its own or the initial one. */
  follows: string | null;
}

/** A property; with one cell when it is the same at every width, and null where a column does not apply. */
export interface SheetRow {
  name: string;
  label: string;
  /** The row in words, where its label alone does not tell what it is of. */
  said?: string;
  editor: Editor;
  cells: (SheetCell | null)[];
}

export interface SheetGroup {
  name: string;
  rows: SheetRow[];
}

/** A cell that gets a value; without one, it follows again. */
export interface CellChange {
  property: string;
  cell: string;
  value?: unknown;
}

/** What the sheet's editors ask of the screen that they stand on. */
export interface SheetActions {
  /** Changes cells in one step; gives the reason when it is refused, and then changes none. */
  change(changes: readonly CellChange[], gesture?: string): string | null;
  /** Sets cells to a value that brings something of the site along; gives the reason when it is refused. */
  bring(brought: Brought, into: readonly Omit<CellChange, 'value'>[], gesture: string): string | null;
  source: EditorSource;
  /** How a new target is made, in words; null where there is no way. */
  makeLabel(to: ReferenceTarget): string | null;
  /** Makes a new target and lets the value point at it. */
  make(to: ReferenceTarget, property: string, cell: string): void;
  /** How legible texts are with a colour in a cell, as a contrast ratio; null where no text has to do with it, or none can be told. */
  contrast?(property: string, cell: string): ((colour: string) => number) | null;
}
