import { box } from '../boxes/box';
import { signAndWords, signThenWords } from '../boxes/sign';
import { iconHtml } from '../icons/icons';
import { el } from '../markup/html';
import { textKind } from '../properties/kinds/text';
import { dressedCss, dressProperties, markerProperties, statedPart } from '../properties/dress';
import { iconSize } from '../properties/icon-size';
import { ownIcon } from '../properties/own-icon';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { typeProperties } from '../properties/type';
import { dressedBox } from './content';
import { kindOfPiece, pieceClass } from './piece';

const part = statedPart({ label: 'Link', prefix: 'top', selector: '&' });

const properties = propertyList(
  property({
    name: 'words',
    label: 'Words',
    group: 'Content',
    kind: textKind(60, '“Back to the top”, in the page’s language'),
    by: 'language',
    initial: '',
  }),
  ownIcon('arrow-up'),
  iconSize,
  dressProperties(part, { open: 'as the bar', marked: ['hover'] }),
  markerProperties('&'),
  typeProperties('type-small'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

const layouts = () => ({ '': { ...signAndWords, paddingBlock: { em: 0.25 } } });

/** Leads back to the top of the page (HTML, 7.4.6.4: the fragment `top` is there on every page). */
export const toTop = kindOfPiece<Values>({
  kind: 'top',
  label: 'Back to the top',
  about: 'Leads back to the top of the page.',
  properties,
  css: { '.top': { color: 'inherit', 'text-decoration': 'none', ...dressedCss } },
  layouts,
  targets: [''],
  box(values, content) {
    const inside = signThenWords(values, values.icon, values.words.trim() || content.words.toTop);
    return box('', layouts()[''], inside, dressedBox(values, part.prefix, content));
  },
  summary: () => 'shown',
  caption: ({ words }) => (words === '' ? '' : `“${words}”`),
  html(piece, context) {
    const { icon, words } = piece.values;
    return el(
      'a',
      { class: pieceClass(piece, context), href: '#top' },
      icon !== null && iconHtml(icon),
      words.trim() || context.words.toTop,
    );
  },
});
