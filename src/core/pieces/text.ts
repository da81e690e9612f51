import { box, words as inWords } from '../boxes/box';
import type { CssNode } from '../markup/css';
import { el, type Node } from '../markup/html';
import { flagKind } from '../properties/kinds/flag';
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

/** What lines of text with links in them need, each once for all kinds of pieces that have such lines. */
const linkCss: CssNode = { '.text-link': { color: 'inherit' } };
export const linksIn = <V>(wordsOf: (values: V) => Words) => ({
  css: [linkCss],
  when: (values: V) => wordsOf(values).some((run) => typeof run !== 'string'),
});

/** The last year in a line: four figures by themselves, of this century or the one before. */
const LAST_YEAR = /\b(?:19|20)\d\d\b(?!.*\b(?:19|20)\d\d\b)/s;

/** A line with its last year as an element of its own, which the script keeps right; years in words that are links stay as they are. */
function withYear(nodes: readonly Node[]): Node[] {
  const at = nodes.findLastIndex((node) => typeof node === 'string' && LAST_YEAR.test(node));
  return nodes.flatMap((node, index) => {
    if (index !== at || typeof node !== 'string') return [node];
    const { 0: year, index: from } = LAST_YEAR.exec(node)!;
    return [node.slice(0, from), el('time', { class: 'text-year' }, year), node.slice(from + year.length)];
  });
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
  property({
    name: 'yearFollows',
    label: 'Last year in it',
    group: 'Content',
    kind: flagKind('as it is typed', 'follows the calendar'),
    by: null,
    initial: false,
  }),
  typeProperties('type-small'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

/** A line of text, such as the legal line, in which words may be links. */
export const text = kindOfPiece<Values>({
  kind: 'text',
  inInk: true,
  label: 'Text',
  about: 'A line of text with links and emphasis.',
  runsOn: true,
  properties,
  css: { '.text': { margin: '0' } },
  someCss: [linksIn(({ text: line }) => line)],
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
    const line = wordsHtml(words, context);
    return el(
      'p',
      { class: pieceClass(piece, context) },
      ...(piece.values.yearFollows ? withYear(line) : line),
    );
  },
});
