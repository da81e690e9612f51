'use client';

import { createElement, type ComponentType } from 'react';
import type { Editor } from '@/core/properties/kinds/kind';
import type { EditorProps } from './editor-props';
import { LinkEditor } from './link-editor';
import {
  ChoiceEditor,
  ColourEditor,
  FamilyEditor,
  FlagEditor,
  IconEditor,
  ReferenceEditor,
} from './picked-editor';
import {
  CornersEditor,
  DivisionEditor,
  PixelsEditor,
  LengthEditor,
  NumberEditor,
  TextEditor,
  WordsEditor,
} from './typed-editor';

/** The editor of each form that a value may have. An order is not typed: it comes about by moving. */
const editors: Partial<Record<Editor['as'], unknown>> = {
  text: TextEditor,
  words: WordsEditor,
  length: LengthEditor,
  pixels: PixelsEditor,
  number: NumberEditor,
  choice: ChoiceEditor,
  flag: FlagEditor,
  colour: ColourEditor,
  family: FamilyEditor,
  icon: IconEditor,
  reference: ReferenceEditor,
  link: LinkEditor,
  division: DivisionEditor,
  corners: CornersEditor,
};

/** Whether a value of this form is edited in its cell. */
export function isEdited({ as }: Editor): boolean {
  return editors[as] !== undefined;
}

/** Edits a value by the editor of its form, which is given values of that form only. */
export function ValueEditor(props: EditorProps<Editor, unknown>) {
  return createElement(editors[props.editor.as] as ComponentType<EditorProps<Editor, unknown>>, props);
}
