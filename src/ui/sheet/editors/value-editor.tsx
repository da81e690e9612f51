'use client';

import { createElement, type ComponentType } from 'react';
import type { Editor } from '@/core/properties/kinds/kind';
import type { EditorProps } from './editor-props';
import { ChoiceEditor, ColourEditor, LinkEditor, ReferenceEditor } from './picked-editor';
import { LengthEditor, TextEditor } from './typed-editor';

/** The editor of each form that a value may have. */
const editors = {
  text: TextEditor,
  length: LengthEditor,
  choice: ChoiceEditor,
  colour: ColourEditor,
  reference: ReferenceEditor,
  link: LinkEditor,
};

/** Edits a value by the editor of its form, which is given values of that form only. */
export function ValueEditor(props: EditorProps<Editor, unknown>) {
  return createElement(
    editors[props.editor.as] as unknown as ComponentType<EditorProps<Editor, unknown>>,
    props,
  );
}
