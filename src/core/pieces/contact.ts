import { iconHtml, type IconName } from '../icons/icons';
import { iconKind } from '../properties/kinds/icon';
import { linkKind } from '../properties/kinds/link';
import { textKind } from '../properties/kinds/text';
import { NOWHERE, type Link } from '../properties/link';
import {
  dressedCss,
  dressProperties,
  markerProperties,
  signAndWordsCss,
  statedPart,
} from '../properties/dress';
import { iconLine, iconSize } from '../properties/icon-size';
import { placeProperties } from '../properties/place';
import { property } from '../properties/property';
import { typeProperties } from '../properties/type';
import { leading, pieceClass, type PieceKind } from './piece';
import { signAndWords } from './room';

const part = statedPart({ label: 'Contact link', prefix: 'contact', selector: '&' });

/** The form of a telephone number or an address that people read, where they are given no other. */
function humanForm(link: Link): string {
  // A number is not broken in the middle.
  if (link.to === 'telephone') return link.telephone.replaceAll(' ', '\u00a0');
  return link.to === 'email' ? link.email : '';
}

/** What is read of it. */
function shownWords({ words, link }: Record<string, unknown>): string {
  return (words as string).trim() || humanForm(link as Link);
}

/** A telephone number or an e-mail address: its words are for people, its link is for machines. */
export const contact: PieceKind = {
  kind: 'contact',
  label: 'Contact link',
  properties: [
    property<Link>({
      name: 'link',
      label: 'Telephone or e-mail',
      group: 'Content',
      kind: linkKind(),
      by: null,
      initial: NOWHERE,
    }),
    property({
      name: 'words',
      label: 'As people read it',
      group: 'Content',
      kind: textKind(80, 'as it is dialled or written to'),
      by: null,
      initial: '',
    }),
    property<IconName | null>({
      name: 'icon',
      label: 'Icon',
      group: 'Content',
      kind: iconKind(),
      by: null,
      initial: 'phone',
    }),
    iconSize,
    ...dressProperties(part, { open: 'as the bar', marked: ['hover'] }),
    ...markerProperties('&'),
    ...typeProperties('type-nav'),
    ...placeProperties,
  ],
  css: {
    '.contact': {
      ...signAndWordsCss,
      'padding-block': '0.25em',
      color: 'inherit',
      'text-decoration': 'none',
      'white-space': 'nowrap',
      ...dressedCss,
    },
  },
  room(values, context) {
    const words = shownWords(values);
    const dress = { values, prefix: part.prefix };
    return words === ''
      ? null
      : { preferred: signAndWords(context, dress, { icon: values.icon, words: [words] }) };
  },
  height: (values, { line, size, at }) =>
    (values.icon === null ? line : iconLine(values, { line, at })) + 0.5 * size,
  summary: () => 'shown',
  caption: (values) => {
    const words = shownWords(values);
    return words === '' ? 'none chosen' : `“${words}”`;
  },
  html(piece, context) {
    const { link, icon } = piece.values as { link: Link; icon: IconName | null };
    const shown = shownWords(piece.values);
    if (shown === '') return null;
    return leading(
      context.target(link),
      { class: pieceClass(piece, context) },
      icon !== null && iconHtml(icon),
      shown,
    );
  },
};
