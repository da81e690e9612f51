import { box, words as inWords } from '../boxes/box';
import { el, type Node } from '../markup/html';
import { plainWords, wordsKind, type Words } from '../properties/kinds/words';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { typeProperties } from '../properties/type';
import { leading, kindOfPiece, pieceClass, type PieceContext } from './piece';

/** A line of text with its links, as they lead on the page. */
export function wordsHtml(words: Words, context: PieceContext): Node[] {
  return words.map((run) =>
    typeof run === 'string' ? run : leading(context.target(run.link), { class: 'text-link' }, run.words),
  );
}

const properties = propertyList(
  property({
    name: 'text',
    label: 'Text',
    group: 'Content',
    kind: wordsKind(400),
    by: 'language',
    initial: ['Text'],
  }),
  typeProperties('type-small'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

/** A line of text, such as the legal line, in which words may be links. */
export const text = kindOfPiece<Values>({
  kind: 'text',
  label: 'Text',
  properties,
  css: { '.text': { margin: '0' }, '.text-link': { color: 'inherit' } },
  layouts: () => ({ '': {} }),
  box(values) {
    const line = plainWords(values.text).trim();
    return line === '' ? null : box('', {}, [inWords(line)]);
  },
  summary: () => 'shown',
  caption: (values) => `“${plainWords(values.text)}”`,
  html(piece, context) {
    const words = piece.values.text;
    if (plainWords(words).trim() === '') return null;
    return el('p', { class: pieceClass(piece, context) }, ...wordsHtml(words, context));
  },
});
