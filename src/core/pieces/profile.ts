import { box, words, type Box } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import { sign } from '../boxes/sign';
import type { Id } from '../ids/id';
import { iconHtml } from '../icons/icons';
import { el, type Element } from '../markup/html';
import { iconKind } from '../properties/kinds/icon';
import { lengthKind } from '../properties/kinds/length';
import { linkKind } from '../properties/kinds/link';
import { optionalKind } from '../properties/kinds/optional';
import { referenceKind } from '../properties/kinds/reference';
import { textKind } from '../properties/kinds/text';
import { NOWHERE } from '../properties/link';
import { dressedCss, dressProperties, statedPart } from '../properties/dress';
import { placeProperties } from '../properties/place';
import { property, propertyList, type ValuesOf } from '../properties/property';
import { TARGET } from '../properties/target';
import { typeProperties } from '../properties/type';
import { dressedBox, type PieceContent } from './content';
import { kindOfPiece, leading, pieceClass, type PieceContext } from './piece';
import { foreseenWho, shows, whoCss } from './who';

const part = statedPart({ label: 'Profile', prefix: 'profile', selector: '& .profile-link' });

/** Who is shown: what it says of each. */
const people = {
  in: { group: 'Signed in', name: 'Robin Tern', line: 'View your account' },
  out: { group: 'Signed out', name: 'Sign in', line: '' },
} as const;
type Who = keyof typeof people;

function wordsOf<const Name extends Who>(name: Name) {
  const { group, ...initial } = people[name];
  return propertyList(
    property({
      name: `${name}Name` as const,
      label: 'Name',
      group,
      kind: textKind(60, 'left out'),
      by: 'language',
      initial: initial.name as string,
    }),
    property({
      name: `${name}Line` as const,
      label: 'Line below',
      group,
      kind: textKind(80, 'none'),
      by: 'language',
      initial: initial.line as string,
    }),
    property({
      name: `${name}Link` as const,
      label: 'Leads to',
      group,
      kind: linkKind(),
      by: null,
      initial: NOWHERE,
    }),
  );
}

const properties = propertyList(
  wordsOf('in'),
  property({
    name: 'portrait',
    label: 'Portrait',
    group: 'Signed in',
    kind: optionalKind(referenceKind('artwork'), 'the initials of the name'),
    by: null,
    initial: null,
  }),
  property({
    name: 'mark',
    label: 'Mark at its end',
    group: 'Signed in',
    kind: iconKind(),
    by: null,
    initial: 'settings',
  }),
  wordsOf('out'),
  shows,
  property({
    name: 'portraitSize',
    label: 'Size of the portrait',
    group: 'Space',
    kind: lengthKind(16, 160),
    by: 'width',
    initial: 44,
  }),
  property({
    name: 'profileGap',
    label: 'Between its parts',
    group: 'Space',
    kind: lengthKind(0, 64),
    by: 'width',
    initial: 12,
  }),
  dressProperties(part, { open: 'as the bar' }),
  typeProperties('type-nav'),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

/** The weight of the name, and the sizes of the line below it and of initials, in em of the piece’s text. */
const NAME_WEIGHT = 600;
const LINE_SIZE = 0.875;
const INITIALS_SIZE = 0.75;

const layouts = ({ shows: who, portraitSize, profileGap }: Values) =>
  ({
    '': {},
    '> .profile-in': { display: who === 'in' ? 'block' : 'none' },
    '> .profile-out': { display: who === 'out' ? 'block' : 'none' },
    '.profile-link': {
      display: 'flex',
      alignItems: 'center',
      gap: profileGap,
      minBlockSize: TARGET,
      whiteSpace: 'nowrap',
    },
    '.profile-portrait': {
      display: 'grid',
      placeContent: 'center',
      flexShrink: 0,
      inlineSize: portraitSize,
      blockSize: portraitSize,
      fontSize: { em: INITIALS_SIZE },
    },
    '.profile-words': { display: 'flex', flexDirection: 'column', flexGrow: 1 },
    '.profile-name': { display: 'block', fontWeight: NAME_WEIGHT },
    '.profile-line': { display: 'block', fontSize: { em: LINE_SIZE } },
  }) as const satisfies Layouts;

/** The first letters of the first two words of a name. */
export const initialsOf = (name: string): string =>
  name
    .split(/\s+/)
    .filter(Boolean)
    .slice(0, 2)
    .map((word) => [...word][0]!.toLocaleUpperCase('und'))
    .join('');

/** What is said of who is signed in, or of nobody. */
const saidOf = (values: Values, name: Who) => ({
  name: values[`${name}Name`].trim(),
  line: values[`${name}Line`].trim(),
  link: values[`${name}Link`],
});

function whoBox(values: Values, name: Who, content: PieceContent): Box | null {
  const laid = layouts(values);
  const { name: said, line } = saidOf(values, name);
  if (said === '') return null;
  const pictured = values.portrait !== null && content.artwork(values.portrait) !== null;
  const portrait = box(
    '.profile-portrait',
    laid['.profile-portrait'],
    pictured ? [] : [words(initialsOf(said))],
  );
  const shown: Box[] = [
    ...(name === 'in' ? [portrait] : []),
    box('.profile-words', laid['.profile-words'], [
      box('.profile-name', laid['.profile-name'], [words(said)]),
      line === '' ? null : box('.profile-line', laid['.profile-line'], [words(line)]),
    ]),
    ...(name === 'in' && values.mark !== null ? [sign({})] : []),
  ];
  const link = box('.profile-link', laid['.profile-link'], shown, dressedBox(values, part.prefix, content));
  return box(`> .profile-${name}`, laid[`> .profile-${name}`], [link]);
}

function portraitHtml(artwork: Id | null, name: string, context: PieceContext): Element {
  const shown = artwork === null ? null : context.artwork(artwork);
  if (!shown) return el('span', { class: 'profile-portrait', 'aria-hidden': 'true' }, initialsOf(name));
  const { src, width, height } = shown;
  return el('img', { class: 'profile-portrait', src, width, height, alt: '' });
}

function whoHtml(values: Values, name: Who, context: PieceContext): Element | null {
  const { name: said, line, link } = saidOf(values, name);
  if (said === '') return null;
  const within = leading(
    context.target(link),
    { class: 'profile-link' },
    name === 'in' && portraitHtml(values.portrait, said, context),
    el(
      'span',
      { class: 'profile-words' },
      el('span', { class: 'profile-name' }, said),
      // A blank keeps them apart for readers.
      line !== '' && ' ',
      line !== '' && el('span', { class: 'profile-line' }, line),
    ),
    name === 'in' && values.mark !== null && iconHtml(values.mark),
  );
  return el('div', { class: `profile-${name}` }, within);
}

/** Who is signed in, with a portrait; or what leads to signing in. `data-account="in"` on the root element says that somebody is. */
export const profile = kindOfPiece<Values>({
  kind: 'profile',
  inInk: true,
  label: 'Profile',
  about: 'A portrait with a name and a line, or the way to sign in.',
  properties,
  foreseen: foreseenWho,
  css: {
    '.profile-link': { color: 'inherit', 'text-decoration': 'none', ...dressedCss },
    '.profile-portrait': {
      'border-radius': 'var(--radius-round)',
      'background-color': 'var(--accent)',
      color: 'var(--on-accent)',
      // Initials that are wider than a small portrait stay in it.
      overflow: 'hidden',
      'object-fit': 'cover',
    },
  },
  layouts,
  openCss: whoCss('profile', { in: 'block', out: 'block' }),
  weights: () => [NAME_WEIGHT],
  targets: ['.profile-link'],
  box(values, content) {
    const both = [whoBox(values, 'in', content), whoBox(values, 'out', content)];
    return both.some(Boolean) ? box('', layouts(values)[''], both) : null;
  },
  summary: ({ shows: who }) => (who === 'in' ? 'signed in' : 'signed out'),
  caption: ({ inName }) => (inName === '' ? '' : `“${inName}”`),
  html(piece, context) {
    const both = [whoHtml(piece.values, 'in', context), whoHtml(piece.values, 'out', context)];
    return both.some(Boolean) ? el('div', { class: pieceClass(piece, context) }, ...both) : null;
  },
});
