import { el, type Node } from '../markup/html';
import { iconHtml } from '../icons/icons';
import { boxCss, type Length } from '../lengths/formula';
import { rem } from '../lengths/length';
import { total, widest } from '../lengths/piecewise';
import { lengthKind } from '../properties/kinds/length';
import { optionalKind } from '../properties/kinds/optional';
import { referenceKind } from '../properties/kinds/reference';
import { dressedCss, dressProperties, statedPart } from '../properties/dress';
import { placeProperties } from '../properties/place';
import { property } from '../properties/property';
import { typeProperties } from '../properties/type';
import { leading, pieceClass, type MenuEntry, type PieceContext, type PieceKind } from './piece';
import { dressOf, row } from './room';

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

/** A menu shown as pictograms, such as the ways in which a site is followed elsewhere. */
export const social: PieceKind = {
  kind: 'social',
  label: 'Social links',
  properties: [
    property({
      name: 'menu',
      label: 'Menu',
      group: 'Content',
      kind: optionalKind(referenceKind('menus'), 'none'),
      by: null,
      initial: null,
    }),
    property({
      name: 'signSize',
      label: 'Size of pictograms',
      group: 'Space',
      kind: lengthKind(12, 64),
      by: 'width',
      initial: 20,
      css: (value) => ({ '& :is(svg, img)': { 'inline-size': boxCss(value), 'block-size': boxCss(value) } }),
    }),
    property({
      name: 'signGap',
      label: 'Between pictograms',
      group: 'Space',
      kind: lengthKind(0, 120),
      by: 'width',
      initial: 4,
      css: (value) => ({ '& > ul': { gap: boxCss(value) } }),
    }),
    ...dressProperties(part, { open: 'as the bar' }),
    ...typeProperties('type-small'),
    ...placeProperties,
  ],
  css: {
    '.social ul': {
      display: 'flex',
      margin: '0',
      padding: '0',
      'align-items': 'center',
      'list-style': 'none',
    },
    '.social-link': {
      display: 'grid',
      'place-content': 'center',
      'min-inline-size': rem(LEAST_TARGET),
      'min-block-size': rem(LEAST_TARGET),
      color: 'inherit',
      'text-decoration': 'none',
      'white-space': 'nowrap',
      ...dressedCss,
    },
  },
  room(values, context) {
    const entries = values.menu === null ? [] : context.entries(values.menu as string);
    if (entries.length === 0) return null;
    const { weight, edge } = dressOf(values, part.prefix);
    const widths = entries
      .filter(({ shown }) => shown)
      .map(({ icon, picture, label }) => {
        const pictured = icon !== null || (picture !== null && context.artwork(picture) !== null);
        const sign = pictured ? context.length(values.signSize as Length) : context.text(label, { weight });
        return widest(context.rem(LEAST_TARGET), total(sign, context.px(2 * context.border(edge))));
      });
    return { preferred: row(context, widths, context.length(values.signGap as Length)) };
  },
  height: (_, { line }) => Math.max(LEAST_TARGET, line),
  summary: () => 'pictograms',
  caption: (values, nameOf) => (values.menu === null ? 'none chosen' : (nameOf(values.menu as string) ?? '')),
  html(piece, context) {
    const shown = piece.values.menu === null ? null : context.menu(piece.values.menu as string, piece.band);
    if (!shown || shown.entries.length === 0) return null;
    const items = shown.entries.map((entry) =>
      el(
        'li',
        { class: context.className(entry.id) },
        leading(
          entry.target,
          { class: 'social-link', title: entry.title || entry.label, newWindow: entry.newWindow },
          ...signHtml(entry, context),
        ),
      ),
    );
    return el(
      'nav',
      { class: pieceClass(piece, context), 'aria-label': context.landmark(shown.name) },
      el('ul', {}, ...items),
    );
  },
};
