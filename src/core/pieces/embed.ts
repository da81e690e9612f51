import { box, words as inWords } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import { leastOf } from '../lengths/formula';
import { el } from '../markup/html';
import { hostOf } from '../properties/hosts';
import { checkedTextKind } from '../properties/kinds/checked-text';
import { choiceKind } from '../properties/kinds/choice';
import { lengthKind } from '../properties/kinds/length';
import { textKind } from '../properties/kinds/text';
import { secureAddressProblem } from '../properties/link';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { typeProperties } from '../properties/type';
import { kindOfPiece, pieceClass } from './piece';
import { saidOf } from './words';

/** Shapes of a frame, width by height. */
const shapes = {
  wide: [16, 9],
  photo: [3, 2],
  classic: [4, 3],
  square: [1, 1],
  upright: [3, 4],
} as const satisfies Record<string, readonly [number, number]>;
type Shape = keyof typeof shapes;

const properties = propertyList(
  property({
    name: 'address',
    label: 'Page',
    group: 'Content',
    kind: checkedTextKind(
      2000,
      { empty: 'none yet', example: 'https://maps.example.com/harbour' },
      secureAddressProblem('A page is embedded from an address that begins with https://.'),
    ),
    by: null,
    initial: '',
  }),
  property({
    name: 'title',
    label: 'Its title',
    group: 'Content',
    kind: textKind(120, 'Map of the harbour'),
    by: 'language',
    initial: '' as string,
  }),
  property({
    name: 'loads',
    label: 'Loads',
    group: 'Content',
    kind: choiceKind({ asked: 'when it is asked for', seen: 'when it comes into sight' }),
    by: null,
    initial: 'asked',
  }),
  property({
    name: 'shape',
    label: 'Shape',
    group: 'Space',
    kind: choiceKind({
      wide: 'wide, 16 : 9',
      photo: 'as photographs, 3 : 2',
      classic: 'nearly square, 4 : 3',
      square: 'square',
      upright: 'upright, 3 : 4',
    }),
    by: 'width',
    initial: 'photo',
  }),
  property({
    name: 'frameWidth',
    label: 'Width at most',
    group: 'Space',
    kind: lengthKind(80, 1600),
    by: 'width',
    initial: 360,
  }),
  typeProperties('type-small'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

/** How narrow a frame may get, in CSS px. */
const FRAME_LEAST = 200;

const layouts = ({ shape, frameWidth }: Values) => {
  const frame = { inlineSize: '100%', aspectRatio: shapes[shape as Shape] } as const;
  return {
    '': {
      display: 'grid',
      gridTemplateColumns: [{ least: leastOf(frameWidth, FRAME_LEAST), most: frameWidth }],
      alignItems: 'start',
    },
    '.embed-frame': frame,
    '.embed-ask': {
      ...frame,
      display: 'grid',
      placeContent: 'center',
      justifyItems: 'center',
      gap: 4,
      minBlockSize: 0,
      padding: 8,
      textAlign: 'center',
      overflow: 'hidden',
    },
    '.embed-title': { display: 'block' },
    '.embed-host': { display: 'block' },
  } as const satisfies Layouts;
};

/** Whether anything can be shown: without a title nobody is told what it is (WCAG 2.2, 4.1.2). */
const ready = ({ address, title }: Values) => address !== '' && title.trim() !== '';

/** Whether it stands in its frame from the start. */
const framed = ({ loads, address }: Values, embeds: (address: string) => boolean) =>
  loads === 'seen' && embeds(address);

/**
 * A page from elsewhere in a frame: one of a host that the site allows. Until it is asked for, or where its host is not allowed, a link to
 * it stands in its place.
 */
export const embed = kindOfPiece<Values>({
  kind: 'embed',
  inInk: true,
  label: 'Page from elsewhere',
  about: 'A page of another site, such as a map, in a frame or asked for first.',
  sample: { address: 'https://maps.example.com/harbour', title: 'Map of the harbour' },
  properties,
  css: {
    '.embed-frame': {
      border: '0',
      'border-radius': 'var(--radius-small)',
      'background-color': 'var(--soft)',
    },
    '.embed-ask': {
      'border-radius': 'var(--radius-small)',
      'background-color': 'var(--soft)',
      color: 'var(--ink)',
    },
    '.embed-host': { color: 'var(--muted)' },
  },
  layouts,
  targets: ['.embed-ask'],
  box(values, { words, embeds }) {
    if (!ready(values)) return null;
    const laid = layouts(values);
    const inside = framed(values, embeds)
      ? box('.embed-frame', laid['.embed-frame'], [])
      : box('.embed-ask', laid['.embed-ask'], [
          box('.embed-title', laid['.embed-title'], [inWords(values.title.trim())]),
          box('.embed-host', laid['.embed-host'], [inWords(saidOf(words.loadsFrom, hostOf(values.address)))]),
        ]);
    return box('', laid[''], [inside]);
  },
  summary: () => 'shown',
  caption: ({ address }) => hostOf(address) || 'none chosen',
  html(piece, context) {
    const { values } = piece;
    if (!ready(values)) return null;
    const { address } = values;
    const title = values.title.trim();
    const inside = framed(values, context.embeds)
      ? el('iframe', {
          class: 'embed-frame',
          src: address,
          title,
          loading: 'lazy',
          referrerpolicy: 'strict-origin-when-cross-origin',
        })
      : el(
          'a',
          { class: 'embed-ask', href: address, 'data-embed': context.embeds(address) },
          el('span', { class: 'embed-title' }, title),
          el('span', { class: 'embed-host' }, saidOf(context.words.loadsFrom, hostOf(address))),
        );
    return el('div', { class: pieceClass(piece, context) }, inside);
  },
});
