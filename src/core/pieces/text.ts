import { el, type Node } from '../markup/html';
import { plainWords, wordsKind, type Words } from '../properties/kinds/words';
import { placeProperties } from '../properties/place';
import { property } from '../properties/property';
import { typeProperties } from '../properties/type';
import { leading, pieceClass, type PieceContext, type PieceKind } from './piece';

/** A line of text with its links, as they lead on the page. */
export function wordsHtml(words: Words, context: PieceContext): Node[] {
  return words.map((run) =>
    typeof run === 'string' ? run : leading(context.target(run.link), { class: 'text-link' }, run.words),
  );
}

/** A line of text, such as the legal line, in which words may be links. */
export const text: PieceKind = {
  kind: 'text',
  label: 'Text',
  properties: [
    property<Words>({
      name: 'text',
      label: 'Text',
      group: 'Content',
      kind: wordsKind(400),
      by: null,
      initial: ['Text'],
    }),
    ...typeProperties('type-small'),
    ...placeProperties,
  ],
  css: { '.text': { margin: '0' }, '.text-link': { color: 'inherit' } },
  room({ text: words }, context) {
    const line = plainWords(words as Words).trim();
    if (line === '') return null;
    return { preferred: context.text(line), least: context.widestWord(line), wraps: true };
  },
  summary: () => 'shown',
  caption: (values) => `“${plainWords(values.text as Words)}”`,
  html(piece, context) {
    const words = piece.values.text as Words;
    if (plainWords(words).trim() === '') return null;
    return el('p', { class: pieceClass(piece, context) }, ...wordsHtml(words, context));
  },
};
