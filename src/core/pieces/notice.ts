import { el } from '../markup/html';
import { iconHtml } from '../icons/icons';
import { plainWords, wordsKind, type Words } from '../properties/kinds/words';
import { textKind } from '../properties/kinds/text';
import { placeProperties } from '../properties/place';
import { property } from '../properties/property';
import { typeProperties } from '../properties/type';
import { pieceClass, type PieceKind } from './piece';
import { wordsHtml } from './text';

/** A text that a visitor can dismiss; it stays away on all pages until its words change. */
export const notice: PieceKind = {
  kind: 'notice',
  label: 'Notice',
  properties: [
    property<Words>({
      name: 'text',
      label: 'Text',
      group: 'Content',
      kind: wordsKind(400),
      by: null,
      initial: ['Notice'],
    }),
    property({
      name: 'dismiss',
      label: 'Words of the button',
      group: 'Content',
      kind: textKind(40),
      by: null,
      initial: 'Dismiss this notice',
    }),
    ...typeProperties('type-small'),
    ...placeProperties,
  ],
  css: {
    '.notice': { display: 'flex', 'align-items': 'center', gap: '0.75rem' },
    '.notice p': { margin: '0', 'flex-grow': '1' },
    '.notice button': {
      display: 'grid',
      'flex-shrink': '0',
      'place-content': 'center',
      'inline-size': '1.75rem',
      'block-size': '1.75rem',
      padding: '0',
      border: '0',
      background: 'none',
      color: 'inherit',
      cursor: 'pointer',
    },
  },
  // What has been dismissed takes no room, whatever its display is.
  openCss: {
    '.notice[hidden]': { display: 'none' },
    // Nor does a bar in which nothing else stood.
    '.bar:has(.notice[hidden]):not(:has(.bay > :not([hidden])))': { display: 'none' },
  },
  withoutScriptsCss: { '.notice button': { display: 'none' } },
  height: (_, { line }) => Math.max(28, line),
  summary: () => 'shown',
  caption: (values) => `“${plainWords(values.text as Words)}”`,
  html(piece, context) {
    const { text, dismiss } = piece.values as { text: Words; dismiss: string };
    const words = plainWords(text).trim();
    if (words === '') return null;
    return el(
      'div',
      { class: pieceClass(piece, context), 'data-notice': words },
      el('p', {}, ...wordsHtml(text, context)),
      el('button', { type: 'button', 'aria-label': dismiss || 'Dismiss' }, iconHtml('x')),
    );
  },
};
