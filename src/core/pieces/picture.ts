import { box } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import { el } from '../markup/html';
import { flagKind } from '../properties/kinds/flag';
import { lengthKind } from '../properties/kinds/length';
import { optionalKind } from '../properties/kinds/optional';
import { referenceKind } from '../properties/kinds/reference';
import { leadsTo } from '../properties/leads-to';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { leading, kindOfPiece, pieceClass } from './piece';

const properties = propertyList(
  property({
    name: 'artwork',
    label: 'Picture',
    group: 'Content',
    kind: optionalKind(referenceKind('artwork'), 'none'),
    by: null,
    initial: null,
  }),
  leadsTo(),
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
  }),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

const layouts = ({ pictureHeight }: Values) =>
  ({
    '': { display: 'inline-block' },
    img: { inlineSize: 'auto', maxInlineSize: '100%', blockSize: pictureHeight },
  }) as const satisfies Layouts;

/** A picture of the site's artwork, which may lead somewhere. */
export const picture = kindOfPiece<Values>({
  kind: 'picture',
  label: 'Picture',
  about: 'One picture of the site’s artwork.',
  properties,
  css: { '.picture img': { 'object-fit': 'contain' } },
  layouts,
  box(values, content) {
    const shown = values.artwork === null ? null : content.artwork(values.artwork);
    if (!shown) return null;
    const laid = layouts(values);
    return box('', laid[''], [box('img', laid.img, [], { ratio: shown.width / shown.height })]);
  },
  summary: () => 'shown',
  caption: (values, nameOf) => (values.artwork === null ? 'none chosen' : (nameOf(values.artwork) ?? '')),
  html(piece, context) {
    const { artwork, link, decorative } = piece.values;
    const shown = artwork === null ? null : context.artwork(artwork);
    if (!shown) return null;
    const { src, width, height, alt } = shown;
    const image = el('img', { src, width, height, alt: decorative ? '' : alt });
    return leading(context.target(link), { class: pieceClass(piece, context) }, image);
  },
});
