import type { ComponentType } from 'react';
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

/** The component that edits values of this form; it is given values of that form only. */
export function editorFor(editor: Editor): ComponentType<EditorProps<Editor, unknown>> {
  return editors[editor.as] as unknown as ComponentType<EditorProps<Editor, unknown>>;
}
