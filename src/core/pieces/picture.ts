import { el } from '../markup/html';
import { boxCss, type Length } from '../lengths/formula';
import { times } from '../lengths/piecewise';
import { flagKind } from '../properties/kinds/flag';
import { lengthKind } from '../properties/kinds/length';
import { linkKind } from '../properties/kinds/link';
import { optionalKind } from '../properties/kinds/optional';
import { referenceKind } from '../properties/kinds/reference';
import { NOWHERE, type Link } from '../properties/link';
import { placeProperties } from '../properties/place';
import { property } from '../properties/property';
import { leading, pieceClass, type PieceKind } from './piece';

/** A picture of the site's artwork, which may lead somewhere. */
export const picture: PieceKind = {
  kind: 'picture',
  label: 'Picture',
  properties: [
    property({
      name: 'artwork',
      label: 'Picture',
      group: 'Content',
      kind: optionalKind(referenceKind('artwork'), 'none'),
      by: null,
      initial: null,
    }),
    property<Link>({
      name: 'link',
      label: 'Leads to',
      group: 'Content',
      kind: linkKind(),
      by: null,
      initial: NOWHERE,
    }),
    property({
      name: 'decorative',
      label: 'Said to readers',
      group: 'Content',
      kind: flagKind('by its alternative text', 'not at all: it decorates'),
      by: null,
      initial: false,
    }),
    property({
      name: 'pictureHeight',
      label: 'Height',
      group: 'Space',
      kind: lengthKind(8, 600),
      by: 'width',
      initial: 48,
      css: (value) => ({ '& img': { 'block-size': boxCss(value) } }),
    }),
    ...placeProperties,
  ],
  css: {
    '.picture': { display: 'inline-block' },
    '.picture img': { 'inline-size': 'auto', 'max-inline-size': '100%', 'object-fit': 'contain' },
  },
  room({ artwork, pictureHeight }, context) {
    const shown = artwork === null ? null : context.artwork(artwork as string);
    if (!shown) return null;
    const preferred = times(context.length(pictureHeight as Length), shown.width / shown.height);
    return { preferred, least: context.px(0) };
  },
  summary: () => 'shown',
  caption: (values, nameOf) =>
    values.artwork === null ? 'none chosen' : (nameOf(values.artwork as string) ?? ''),
  html(piece, context) {
    const { artwork, link, decorative } = piece.values as {
      artwork: string | null;
      link: Link;
      decorative: boolean;
    };
    const shown = artwork === null ? null : context.artwork(artwork);
    if (!shown) return null;
    const { src, width, height, alt } = shown;
    const image = el('img', { src, width, height, alt: decorative ? '' : alt });
    return leading(context.target(link), { class: pieceClass(piece, context) }, image);
  },
};
