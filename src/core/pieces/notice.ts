import { el } from '../markup/html';
import { iconHtml } from '../icons/icons';
import { plainWords, wordsKind, type Words } from '../properties/kinds/words';
import { textKind } from '../properties/kinds/text';
import { rem } from '../lengths/length';
import { total } from '../lengths/piecewise';
import { placeProperties } from '../properties/place';
import { property } from '../properties/property';
import { typeProperties } from '../properties/type';
import { pieceClass, type PieceKind } from './piece';
import { wordsHtml } from './text';

/** The size of the button and the gap before it, in CSS px at the usual text size. */
const BUTTON = 28;
const GAP = 12;

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
    '.notice': { display: 'flex', 'align-items': 'center', gap: rem(GAP) },
    '.notice p': { margin: '0', 'flex-grow': '1' },
    '.notice button': {
      display: 'grid',
      'flex-shrink': '0',
      'place-content': 'center',
      'inline-size': rem(BUTTON),
      'block-size': rem(BUTTON),
    },
  },
  // What has been dismissed takes no room, whatever its display is.
  openCss: {
    '.notice[hidden]': { display: 'none' },
    // Nor does a bar in which nothing else stood.
    '.bar:has(.notice[hidden]):not(:has(.bay > :not([hidden])))': { display: 'none' },
  },
  withoutScriptsCss: { '.notice button': { display: 'none' } },
  room({ text }, context) {
    const words = plainWords(text as Words).trim();
    if (words === '') return null;
    const beside = context.rem(BUTTON + GAP);
    return {
      preferred: total(context.text(words), beside),
      least: total(context.widestWord(words), beside),
      wraps: true,
    };
  },
  height: (_, { line }) => Math.max(BUTTON, line),
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
