import { box, words } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import { el } from '../markup/html';
import { lengthKind } from '../properties/kinds/length';
import { landmark } from '../properties/landmark';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { shownMenu } from '../properties/shown-menu';
import { typeProperties } from '../properties/type';
import { listedMenuHtml, orderVariant } from './listed-menu';
import { kindOfPiece, leading, nestedWays, type MenuEntry } from './piece';
import { bareList } from './bare-list';

const properties = propertyList(
  shownMenu('Menu of pictures'),
  landmark,
  property({
    name: 'pictureHeight',
    label: 'Height of each',
    group: 'Space',
    kind: lengthKind(8, 400),
    by: 'width',
    initial: 40,
  }),
  property({
    name: 'pictureGap',
    label: 'Between them',
    group: 'Space',
    kind: lengthKind(0, 200),
    by: 'width',
    initial: 24,
  }),
  typeProperties('type-small'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

const layouts = ({ pictureHeight, pictureGap }: Values) =>
  ({
    '': {},
    ul: { display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: pictureGap },
    '.pictures-link': { display: 'block', whiteSpace: 'nowrap' },
    img: { inlineSize: 'auto', maxInlineSize: '100%', blockSize: pictureHeight },
  }) as const satisfies Layouts;

/** A menu as pictures of one height beside each other, such as partners and ways to pay: each is said by the label of its item. */
export const pictures = kindOfPiece<Values>({
  kind: 'pictures',
  label: 'Row of pictures',
  about: 'Pictures beside each other, such as partners, each with its link.',
  properties,
  css: {
    '.pictures ul': bareList,
    '.pictures-link': { color: 'inherit' },
    '.pictures img': { display: 'block', 'object-fit': 'contain' },
  },
  layouts,
  targets: ['.pictures-link'],
  box(values, content) {
    const entries = values.menu === null ? [] : content.entries(values.menu);
    const laid = layouts(values);
    const items = entries
      .filter(({ shown }) => shown)
      .map(({ id, label, picture }) => {
        const artwork = picture === null ? null : content.artwork(picture);
        const seen = artwork
          ? box('img', laid.img, [], { ratio: artwork.width / artwork.height })
          : words(label);
        return box('li', {}, [box('.pictures-link', laid['.pictures-link'], [seen], { id })]);
      });
    return entries.length === 0 ? null : box('', laid[''], [box('ul', laid.ul, items)]);
  },
  summary: () => 'shown',
  caption: (values, nameOf) => (values.menu === null ? 'none chosen' : (nameOf(values.menu) ?? '')),
  items: { selector: '.pictures li', ways: (_, entries) => nestedWays(entries) },
  variant: orderVariant,
  html(piece, context, versions) {
    const itemHtml = (entry: MenuEntry) => {
      const artwork = entry.picture === null ? null : context.artwork(entry.picture);
      const newWindow = entry.newWindow ? context.words.newWindow : null;
      const { src, width, height } = artwork ?? {};
      const seen = artwork ? el('img', { src, width, height, alt: entry.label }) : entry.label;
      return el(
        'li',
        { class: context.className(entry.id) },
        leading(entry.target, { class: 'pictures-link', newWindow }, seen),
      );
    };
    return listedMenuHtml(piece, context, versions, (entries) => [el('ul', {}, ...entries.map(itemHtml))]);
  },
});
