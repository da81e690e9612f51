import { box, words as inWords } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import { sign } from '../boxes/sign';
import { el } from '../markup/html';
import { ICON_SIZE, iconHtml } from '../icons/icons';
import { plainWords, wordsKind } from '../properties/kinds/words';
import { textKind } from '../properties/kinds/text';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { typeProperties } from '../properties/type';
import { kindOfPiece, pieceClass } from './piece';
import { linksIn, wordsHtml } from './text';

/** The size of the button and the gap before it, in CSS px at the usual text size. */
const BUTTON = 28;
const GAP = 12;

const properties = propertyList(
  property({
    name: 'text',
    label: 'Text',
    group: 'Content',
    kind: wordsKind(400),
    by: 'language',
    initial: ['Notice'],
  }),
  property({
    name: 'dismiss',
    label: 'Words of the button',
    group: 'Content',
    kind: textKind(40, '“Dismiss”, in the page’s language'),
    by: 'language',
    initial: '',
  }),
  typeProperties('type-small'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

const layouts = () =>
  ({
    '': { display: 'flex', alignItems: 'center', gap: { rem: GAP } },
    p: { flexGrow: 1 },
    button: {
      display: 'grid',
      placeContent: 'center',
      flexShrink: 0,
      inlineSize: { rem: BUTTON },
      blockSize: { rem: BUTTON },
      // Its sign grows with the text.
      minInlineSize: { em: ICON_SIZE },
      minBlockSize: { em: ICON_SIZE },
    },
  }) as const satisfies Layouts;

/** A text that a visitor can dismiss; it stays away on all pages until its words change. */
export const notice = kindOfPiece<Values>({
  kind: 'notice',
  inInk: true,
  label: 'Notice',
  about: 'A line of news that visitors can put away.',
  runsOn: true,
  properties,
  css: { '.notice p': { margin: '0' } },
  someCss: [linksIn(({ text }) => text)],
  layouts,
  // What has been dismissed takes no room, whatever its display is.
  openCss: {
    '.notice[hidden]': { display: 'none' },
    // Nor does a bar in which nothing else stood.
    '.bar:has(.notice[hidden]):not(:has(.bay > :not([hidden])))': { display: 'none' },
  },
  withoutScriptsCss: { '.notice button': { display: 'none' } },
  targets: ['button'],
  box({ text }) {
    const said = plainWords(text).trim();
    const laid = layouts();
    return said === ''
      ? null
      : box('', laid[''], [box('p', laid.p, [inWords(said)]), box('button', laid.button, [sign({})])]);
  },
  summary: () => 'shown',
  caption: (values) => `“${plainWords(values.text)}”`,
  html(piece, context) {
    const { text, dismiss } = piece.values;
    const words = plainWords(text).trim();
    if (words === '') return null;
    return el(
      'div',
      { class: pieceClass(piece, context), 'data-notice': words },
      el('p', {}, ...wordsHtml(text, context)),
      el('button', { type: 'button', 'aria-label': dismiss || context.words.dismiss }, iconHtml('x')),
    );
  },
});
