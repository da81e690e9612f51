import { box, words } from '../boxes/box';
import type { Layout, Layouts } from '../boxes/layout';
import { el, type Node } from '../markup/html';
import { logoVersions, type LogoVersion } from '../brand/logo-versions';
import { choiceKind } from '../properties/kinds/choice';
import { flagKind } from '../properties/kinds/flag';
import type { Id } from '../ids/id';
import { lengthKind } from '../properties/kinds/length';
import { optionalKind } from '../properties/kinds/optional';
import { referenceKind } from '../properties/kinds/reference';
import { textKind } from '../properties/kinds/text';
import { placeProperties } from '../properties/place';
import { lessBy } from '../properties/giving';
import { property, propertyList, type ValuesOf } from '../properties/property';
import type { Phase } from '../properties/phases';
import { typeProperties } from '../properties/type';
import { phasedPicturesHtml } from './stage-picture';
import { kindOfPiece, pieceClass, type PieceContext, type PieceVersion } from './piece';

/** Between artwork and words, in CSS px at the usual text size. */
const GAP = 12;

/** The size of a tagline, in times of the name's, and its weight. */
const TAGLINE_SCALE = 0.6;
const TAGLINE_WEIGHT = 400;

/** The artwork that a logo shows with these values: its own, else the brand’s in the version asked for; null for none. */
function artworkOf(
  { artwork, version }: { artwork: Id | null; version: LogoVersion },
  context: Pick<PieceContext, 'logo'>,
): Id | null {
  return artwork ?? context.logo(version);
}

/**
 * The artwork of each stage, widest first; empty when there is none at all. A stage that has none, in which the name is shown in its
 * place, loads no other than the next wider one.
 */
function shownArtwork(
  versions: readonly { values: { artwork: Id | null; version: LogoVersion } }[],
  context: PieceContext,
): string[] {
  const shown = versions.map(({ values }) => artworkOf(values, context));
  let last = shown.find((id) => id !== null);
  if (last === undefined) return [];
  return shown.map((id) => (last = id ?? last)!);
}

/** The type style of a logo in letters where nothing is said of it. */
export const LOGO_STYLE = 'type-sign';

/** Whether a tagline is seen. */
const hasTail = ({ tagline, taglineSeen }: { tagline: string; taglineSeen: boolean }) =>
  tagline.trim() !== '' && taglineSeen;

const properties = propertyList(
  property({
    name: 'version',
    label: 'Version',
    group: 'Content',
    kind: choiceKind(logoVersions),
    by: 'width',
    phased: true,
    initial: 'full',
  }),
  property({
    name: 'artwork',
    label: 'Artwork of its own',
    group: 'Content',
    kind: optionalKind(referenceKind('artwork'), 'the brand’s logo'),
    by: 'width',
    phased: true,
    initial: null,
  }),
  property({
    name: 'text',
    label: 'Text without artwork',
    group: 'Content',
    kind: textKind(80, 'the site’s name'),
    by: 'language',
    initial: '',
  }),
  property({
    name: 'shows',
    label: 'Shows',
    group: 'Content',
    kind: choiceKind({ artwork: 'artwork', text: 'text', both: 'artwork and text' }),
    by: 'width',
    initial: 'artwork',
  }),
  property({
    name: 'tagline',
    label: 'Tagline',
    group: 'Content',
    kind: textKind(120, 'none'),
    by: 'language',
    initial: '',
  }),
  property({
    name: 'taglineSeen',
    label: 'Tagline is',
    group: 'Content',
    kind: flagKind('left out', 'shown'),
    by: 'width',
    initial: true,
  }),
  property({
    name: 'nameBreaks',
    label: 'Name stands',
    group: 'Space',
    kind: flagKind('on one line', 'on as many lines as it needs'),
    by: 'width',
    initial: false,
    turns: [
      {
        id: 'breaks',
        label: 'name on several lines',
        value: true,
        tried: { as: 'rule', effort: 1.8, says: 'stands on several lines' },
      },
    ],
  }),
  property({
    name: 'artworkHeight',
    gives: { least: 20, step: 1 },
    turns: [lessBy('artwork', 'smaller artwork', [8, 400], 1, 28)],
    label: 'Artwork height',
    group: 'Space',
    kind: lengthKind(8, 400),
    by: 'width',
    phased: true,
    initial: 40,
    // Of both sizes one is said: jointCss.
  }),
  property({
    name: 'artworkWidth',
    label: 'Artwork width',
    group: 'Space',
    kind: optionalKind(lengthKind(8, 800), 'as its height'),
    by: 'width',
    phased: true,
    initial: null,
  }),
  typeProperties(LOGO_STYLE),
  placeProperties,
);
type Values = ValuesOf<typeof properties>;

/** How a logo stands, whether a piece of its own or drawn by a menu. */
export const logoLayout = {
  display: 'inline-flex',
  alignItems: 'center',
  gap: { rem: GAP },
  whiteSpace: 'nowrap',
} as const satisfies Layout;

const layouts = (values: Values) => {
  const { artworkHeight, artworkWidth, shows } = values;
  const artworkAlone = shows === 'artwork';
  return {
    '': { ...logoLayout, ...(values.nameBreaks ? { whiteSpace: 'normal' } : {}) },
    '> :is(img, picture)': { display: shows === 'text' ? 'none' : undefined, flexShrink: 0 },
    img: {
      inlineSize: artworkWidth ?? 'auto',
      maxInlineSize: 'none',
      blockSize: artworkWidth === null ? artworkHeight : 'auto',
    },
    '> .logo-text:not(:only-child)': { display: artworkAlone && !hasTail(values) ? 'none' : 'block' },
    '> .logo-text:not(:only-child) > .logo-name': {
      display: artworkAlone && hasTail(values) ? 'none' : undefined,
    },
    '.logo-tagline': {
      display: values.taglineSeen ? 'block' : 'none',
      fontSize: { em: TAGLINE_SCALE },
      fontWeight: TAGLINE_WEIGHT,
    },
  } as const satisfies Layouts;
};

/** The site's sign: artwork, or its name in letters when there is none. Leads home. */
export const logo = kindOfPiece<Values>({
  kind: 'logo',
  inInk: true,
  label: 'Logo',
  about: 'The brand’s logo, which leads home; another version of it where room is short.',
  needed: true,
  properties,
  css: { '.logo': { color: 'inherit', 'text-decoration': 'none' } },
  layouts,
  someLayouts: {
    at: ['> .logo-text:not(:only-child)', '> .logo-text:not(:only-child) > .logo-name', '.logo-tagline'],
    when: ({ shows, tagline }) => shows !== 'artwork' || tagline.trim() !== '',
  },
  weights: ({ tagline }) => (tagline === '' ? [] : [TAGLINE_WEIGHT]),
  targets: [''],
  box(values, content) {
    const laid = layouts(values);
    const shown = artworkOf(values, content);
    const artwork = shown === null ? null : content.artwork(shown);
    const name = words(values.text || content.siteName);
    const tail = hasTail(values)
      ? box('.logo-tagline', laid['.logo-tagline'], [words(values.tagline)])
      : null;
    if (!artwork) return box('', laid[''], tail ? [box('.logo-text', {}, [name, tail])] : [name]);
    const picture = box('img', laid.img, [], { ratio: artwork.width / artwork.height });
    const beside = '> .logo-text:not(:only-child)';
    return box('', laid[''], [
      box('> :is(img, picture)', laid['> :is(img, picture)'], [picture]),
      box(beside, laid[beside], [values.shows === 'artwork' ? null : name, tail]),
    ]);
  },
  form: 'version',
  summary: (values) => (values.artwork === null ? logoVersions[values.version] : 'its own'),
  caption: () => '',
  html(piece, context, versions) {
    type Logos = readonly PieceVersion<Values>[];
    const later = (phase: Phase) => context.inPhase(piece.id, phase) as Logos | null;
    const logos = { top: versions, scrolled: later('scrolled'), returning: later('returning') };
    const shownIn = (phase: Phase) => {
      const inDark = context.inDark(piece.id, phase) as Logos | null;
      return {
        light: shownArtwork(logos[phase] ?? versions, context),
        dark: inDark && shownArtwork(inDark, context),
      };
    };
    const atTop = shownIn('top');
    const [scrolled, returning] =
      logos.scrolled === null ? [atTop, atTop] : [shownIn('scrolled'), shownIn('returning')];
    const pictures = phasedPicturesHtml(versions, { top: atTop, scrolled, returning }, context).filter(
      Boolean,
    );
    const { text, tagline } = piece.values;
    const words =
      Object.values(logos).some((of) => of?.some(({ values }) => values.shows !== 'artwork')) ||
      pictures.length === 0;
    const tail = tagline.trim() !== '' && el('span', { class: 'logo-tagline' }, tagline);
    const name = text || context.siteName;
    const link = (...inside: Node[]) =>
      el('a', { class: pieceClass(piece, context), href: context.homeHref }, ...inside);
    if (pictures.length === 0 && tail === false) return link(name);
    const named = words && (tail === false ? name : el('span', { class: 'logo-name' }, name));
    const beside = (words || tail !== false) && el('span', { class: 'logo-text' }, named, tail);
    return link(...pictures, beside);
  },
});
