import { el } from '../markup/html';
import { px } from '../lengths/length';
import { lengthKind } from '../properties/kinds/length';
import { referenceKind } from '../properties/kinds/reference';
import { textKind } from '../properties/kinds/text';
import { placeProperties } from '../properties/place';
import { property } from '../properties/property';
import { typeProperties } from '../properties/type';
import { pieceClass, type PieceKind } from './piece';

/** The site's sign: artwork, or its name in letters when there is none. Leads home. */
export const logo: PieceKind = {
  kind: 'logo',
  label: 'Logo',
  properties: [
    property({
      name: 'artwork',
      label: 'Artwork',
      group: 'Content',
      kind: referenceKind('artwork'),
      banded: false,
      initial: null,
    }),
    property({
      name: 'text',
      label: 'Text without artwork',
      group: 'Content',
      kind: textKind(80, 'the site’s name'),
      banded: false,
      initial: '',
    }),
    property({
      name: 'artworkHeight',
      label: 'Artwork height',
      group: 'Space',
      kind: lengthKind(8, 400),
      banded: true,
      initial: 40,
      css: (value) => ({ '& > img': { 'block-size': px(value) } }),
    }),
    ...typeProperties({ size: 20, weight: 'strong' }),
    ...placeProperties,
  ],
  css: {
    '.logo': {
      display: 'inline-flex',
      'align-items': 'center',
      color: 'inherit',
      'text-decoration': 'none',
      'white-space': 'nowrap',
    },
    '.logo > img': { 'inline-size': 'auto', 'max-inline-size': 'none' },
  },
  summary: (values) => (values.artwork === null ? 'text' : 'artwork'),
  caption: () => '',
  html(piece, context) {
    const { artwork, text } = piece.values as { artwork: string | null; text: string };
    const picture = artwork === null ? null : context.artwork(artwork);
    const name = text || context.siteName;
    return el(
      'a',
      { class: pieceClass(piece, context), href: context.homeHref },
      picture
        ? el('img', {
            src: picture.src,
            width: picture.width,
            height: picture.height,
            alt: picture.alt || context.siteName,
          })
        : name,
    );
  },
};
