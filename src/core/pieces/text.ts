import { el } from '../markup/html';
import { textKind } from '../properties/kinds/text';
import { placeProperties } from '../properties/place';
import { property } from '../properties/property';
import { typeProperties } from '../properties/type';
import { pieceClass, type PieceKind } from './piece';

/** A line of text, such as a notice or the legal line. */
export const text: PieceKind = {
  kind: 'text',
  label: 'Text',
  properties: [
    property({
      name: 'text',
      label: 'Text',
      group: 'Content',
      kind: textKind(400),
      by: null,
      initial: 'Text',
    }),
    ...typeProperties('type-small'),
    ...placeProperties,
  ],
  css: { '.text': { margin: '0' } },
  summary: () => 'shown',
  caption: (values) => `“${values.text as string}”`,
  html(piece, context) {
    const words = piece.values.text as string;
    return words.trim() === '' ? null : el('p', { class: pieceClass(piece, context) }, words);
  },
};
