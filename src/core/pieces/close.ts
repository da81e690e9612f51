import { box, words } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import { sign, signAndWords } from '../boxes/sign';
import { dressedBox } from './content';
import { el } from '../markup/html';
import { iconHtml } from '../icons/icons';
import { choiceKind } from '../properties/kinds/choice';
import { iconKind } from '../properties/kinds/icon';
import { lengthKind } from '../properties/kinds/length';
import { textKind } from '../properties/kinds/text';
import { iconSize } from '../properties/icon-size';
import { dressedCss, dressProperties, statedPart } from '../properties/dress';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { smallTarget, TARGET } from '../properties/target';
import { typeProperties } from '../properties/type';
import { usuallySeenCss } from './unseen';
import { kindOfPiece, pieceClass } from './piece';

const part = statedPart({ label: 'Close button', prefix: 'close', selector: '&' });

const properties = propertyList(
  property({
    name: 'label',
    label: 'Label',
    group: 'Content',
    kind: textKind(40, '“Close”, in the page’s language'),
    by: 'language',
    initial: '',
  }),
  property({
    name: 'shows',
    label: 'Shows',
    group: 'Content',
    kind: choiceKind({ both: 'sign and label', sign: 'the sign alone', label: 'the label alone' }),
    by: 'width',
    initial: 'both',
    css: (value) => ({ '& > .close-label': usuallySeenCss(value !== 'sign') }),
  }),
  property({
    name: 'icon',
    label: 'Sign',
    group: 'Content',
    kind: iconKind(),
    by: null,
    initial: 'x',
  }),
  property({
    name: 'least',
    label: 'At least high and wide',
    group: 'Space',
    kind: lengthKind(16, 120),
    by: 'width',
    initial: TARGET,
    aside: ({ least }) => smallTarget(least),
  }),
  iconSize,
  dressProperties(part, { open: 'as it comes' }),
  typeProperties('type-nav'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

const layouts = ({ shows, least }: Values) =>
  ({
    '': {
      ...signAndWords,
      alignItems: 'center',
      justifyContent: 'center',
      gap: shows === 'both' ? { em: 0.4 } : 0,
      flexShrink: 0,
      minInlineSize: least,
      minBlockSize: least,
    },
    '> .icon': { display: shows === 'label' ? 'none' : 'block' },
    '> .close-label': {},
  }) as const satisfies Layouts;

/** What closes the drawer in which it stands. */
export const close = kindOfPiece<Values>({
  kind: 'close',
  label: 'Close button',
  about: 'Closes the drawer in which it stands.',
  only: 'drawers',
  properties,
  css: { '.close': dressedCss },
  layouts,
  targets: [''],
  box(values, content) {
    const laid = layouts(values);
    const inside = [
      values.icon === null || values.shows === 'label' ? null : sign(values),
      values.shows === 'sign'
        ? null
        : box('> .close-label', {}, [words(values.label || content.words.close)]),
    ];
    return box('', laid[''], inside, dressedBox(values, part.prefix, content));
  },
  summary: ({ shows }) => shows,
  caption: ({ label }) => (label === '' ? '' : `“${label}”`),
  html(piece, context) {
    const { icon, label } = piece.values;
    return el(
      'button',
      { class: pieceClass(piece, context), type: 'button', command: 'close', commandfor: context.inDrawer },
      icon !== null && iconHtml(icon),
      el('span', { class: 'close-label' }, label || context.words.close),
    );
  },
});
