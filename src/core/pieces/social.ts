import { box, words } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import { dressedBox } from './content';
import { el, type Node } from '../markup/html';
import { iconHtml } from '../icons/icons';
import { lengthKind } from '../properties/kinds/length';
import { dressedCss, dressProperties, statedPart } from '../properties/dress';
import { landmark } from '../properties/landmark';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { shownMenu } from '../properties/shown-menu';
import { typeProperties } from '../properties/type';
import { listedMenuHtml, orderVariant } from './listed-menu';
import { kindOfPiece, leading, nestedWays, type MenuEntry, type PieceContext } from './piece';
import { bareList } from './bare-list';

const part = statedPart({ label: 'Pictograms', prefix: 'social', selector: '& .social-link' });

/** The least size of a pictogram's target, in CSS px at the usual text size: a finger needs 24 px (WCAG 2.2, 2.5.8). */
const LEAST_TARGET = 32;

/** What is seen of an entry: its own picture, else its pictogram, else its label; whoever listens hears the label in any case. */
function signHtml({ label, icon, picture }: MenuEntry, context: PieceContext): Node[] {
  const artwork = picture === null ? null : context.artwork(picture);
  const words = el('span', { class: 'unseen' }, label);
  if (artwork) {
    const { src, width, height } = artwork;
    return [el('img', { src, width, height, alt: '' }), words];
  }
  return icon === null ? [label] : [iconHtml(icon), words];
}

const properties = propertyList(
  shownMenu(),
  landmark,
  property({
    name: 'signSize',
    gives: { least: 16, step: 1 },
    label: 'Size of pictograms',
    group: 'Space',
    kind: lengthKind(12, 64),
    by: 'width',
    initial: 20,
  }),
  property({
    name: 'signGap',
    gives: { least: 0, step: 1 },
    label: 'Between pictograms',
    group: 'Space',
    kind: lengthKind(0, 120),
    by: 'width',
    initial: 4,
  }),
  dressProperties(part, { open: 'as the bar' }),
  typeProperties('type-small'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

const layouts = ({ signSize, signGap }: Values) =>
  ({
    '': {},
    ul: { display: 'flex', alignItems: 'center', gap: signGap },
    '.social-link': {
      display: 'grid',
      placeContent: 'center',
      minInlineSize: { rem: LEAST_TARGET },
      minBlockSize: { rem: LEAST_TARGET },
      whiteSpace: 'nowrap',
    },
    ':is(svg, img)': { inlineSize: signSize, blockSize: signSize },
  }) as const satisfies Layouts;

/** A menu shown as pictograms, such as the ways in which a site is followed elsewhere. */
export const social = kindOfPiece<Values>({
  kind: 'social',
  label: 'Social links',
  about: 'Where the site is followed elsewhere, as pictograms.',
  properties,
  css: {
    '.social ul': bareList,
    '.social-link': { color: 'inherit', 'text-decoration': 'none', ...dressedCss },
  },
  layouts,
  targets: ['.social-link'],
  box(values, content) {
    const entries = values.menu === null ? [] : content.entries(values.menu);
    if (entries.length === 0) return null;
    const laid = layouts(values);
    const links = entries
      .filter(({ shown }) => shown)
      .map(({ id, icon, picture, label }) => {
        const pictured = icon !== null || (picture !== null && content.artwork(picture) !== null);
        const seen = pictured ? box(':is(svg, img)', laid[':is(svg, img)'], []) : words(label);
        const dress = dressedBox(values, part.prefix, content);
        return box('li', {}, [box('.social-link', laid['.social-link'], [seen], { id, ...dress })]);
      });
    return box('', laid[''], [box('ul', laid.ul, links)]);
  },
  summary: () => 'pictograms',
  caption: (values, nameOf) => (values.menu === null ? 'none chosen' : (nameOf(values.menu) ?? '')),
  items: { selector: '.social li', ways: (_, entries) => nestedWays(entries) },
  variant: orderVariant,
  html(piece, context, versions) {
    const itemHtml = (entry: MenuEntry) =>
      el(
        'li',
        { class: context.className(entry.id) },
        leading(
          entry.target,
          {
            class: 'social-link',
            title: entry.title || entry.label,
            newWindow: entry.newWindow ? context.words.newWindow : null,
          },
          ...signHtml(entry, context),
        ),
      );
    return listedMenuHtml(piece, context, versions, (entries) => [el('ul', {}, ...entries.map(itemHtml))]);
  },
});
