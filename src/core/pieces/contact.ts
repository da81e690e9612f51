import { box } from '../boxes/box';
import { signAndWords, signThenWords } from '../boxes/sign';
import { dressedBox } from './content';
import { iconHtml } from '../icons/icons';
import { textKind } from '../properties/kinds/text';
import { type Link } from '../properties/link';
import { dressedCss, dressProperties, markerProperties, statedPart } from '../properties/dress';
import { iconSize } from '../properties/icon-size';
import { leadsTo } from '../properties/leads-to';
import { ownIcon } from '../properties/own-icon';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { typeProperties } from '../properties/type';
import { leading, kindOfPiece, pieceClass } from './piece';

const part = statedPart({ label: 'Contact link', prefix: 'contact', selector: '&' });

/** The form of a telephone number or an address that people read, where they are given no other. */
function humanForm(link: Link): string {
  // A number is not broken in the middle.
  if (link.to === 'telephone') return link.telephone.replaceAll(' ', '\u00a0');
  return link.to === 'email' ? link.email : '';
}

/** What is read of it. */
function shownWords({ words, link }: { words: string; link: Link }): string {
  return words.trim() || humanForm(link);
}

const properties = propertyList(
  leadsTo('Telephone or e-mail'),
  property({
    name: 'words',
    label: 'As people read it',
    group: 'Content',
    kind: textKind(80, 'as it is dialled or written to'),
    by: 'language',
    initial: '',
  }),
  ownIcon('phone'),
  iconSize,
  dressProperties(part, { open: 'as the bar', marked: ['hover'] }),
  markerProperties('&'),
  typeProperties('type-nav'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

const layouts = () => ({ '': { ...signAndWords, paddingBlock: { em: 0.25 } } });

/** A telephone number or an e-mail address: its words are for people, its link is for machines. */
export const contact = kindOfPiece<Values>({
  kind: 'contact',
  label: 'Contact link',
  about: 'One telephone number or e-mail address, dialled or written to by a click.',
  sample: { link: { to: 'telephone', telephone: '+44 1632 960000' } },
  properties,
  css: { '.contact': { color: 'inherit', 'text-decoration': 'none', ...dressedCss } },
  layouts,
  targets: [''],
  box(values, content) {
    const shown = shownWords(values);
    if (shown === '') return null;
    const inside = signThenWords(values, values.icon, shown);
    return box('', layouts()[''], inside, dressedBox(values, part.prefix, content));
  },
  summary: () => 'shown',
  caption: (values) => {
    const shown = shownWords(values);
    return shown === '' ? 'none chosen' : `“${shown}”`;
  },
  html(piece, context) {
    const { link, icon } = piece.values;
    const shown = shownWords(piece.values);
    if (shown === '') return null;
    return leading(
      context.target(link),
      { class: pieceClass(piece, context) },
      icon !== null && iconHtml(icon),
      shown,
    );
  },
});
