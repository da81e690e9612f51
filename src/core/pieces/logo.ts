import { el, type Node } from '../markup/html';
import { boxCss, lengthAt, type Length } from '../lengths/formula';
import { rem } from '../lengths/length';
import { times, total, widest, type Piecewise } from '../lengths/piecewise';
import { logoVersions, type LogoVersion } from '../brand/logo-versions';
import { choiceKind } from '../properties/kinds/choice';
import { flagKind } from '../properties/kinds/flag';
import type { Id } from '../ids/id';
import { lengthKind } from '../properties/kinds/length';
import { optionalKind } from '../properties/kinds/optional';
import { referenceKind } from '../properties/kinds/reference';
import { textKind } from '../properties/kinds/text';
import { placeProperties } from '../properties/place';
import { AS_IT_COMES, property } from '../properties/property';
import { typeProperties } from '../properties/type';
import { pieceClass, type PieceContext, type PieceKind, type SettledPiece } from './piece';
import { row, type RoomContext } from './room';

/** Between artwork and words, and beside a logo that a menu stands around, in CSS px at the usual text size. */
const GAP = 12;
const BESIDE_LOGO = 16;

/** The size of a tagline, in times of the name's, and its weight. */
const TAGLINE_SCALE = 0.6;
const TAGLINE_WEIGHT = 400;

/** The artwork that a logo shows with these values: its own, else the brand’s in the version asked for; null for none. */
function artworkOf(
  { values }: Pick<SettledPiece, 'values'>,
  context: Pick<PieceContext, 'logo'>,
): string | null {
  return (values.artwork as string | null) ?? context.logo(values.version as LogoVersion);
}

/**
 * The artwork of each band, widest first: a band whose version has none shows that of the next wider band, and where the widest
 * has none, the first there is. Empty when there is none at all.
 */
function shownArtwork(bands: readonly SettledPiece[], context: PieceContext): string[] {
  const shown = bands.map((band) => artworkOf(band, context));
  let last = shown.find((id) => id !== null);
  if (last === undefined) return [];
  return shown.map((id) => (last = id ?? last)!);
}

/**
 * The picture of each band; null for none. Only the markup can choose between files before they are loaded (HTML, 4.8.1 "The
 * picture element"); the narrowest band comes first, since the first source that matches is taken. `when` is a class that tells
 * the phase of scrolling that it is for, where there is one for each.
 */
function pictureHtml(
  bands: readonly SettledPiece[],
  shown: readonly string[],
  context: PieceContext,
  when: string | false,
): Node {
  if (shown.length === 0) return null;
  const picture = (id: string) => context.artwork(id)!;
  const sources = bands
    .map((band, index) => ({ media: context.narrower(band.band), index }))
    .filter(({ index }) => index > 0 && shown[index] !== shown[index - 1])
    .reverse()
    .map(({ media, index }) => {
      const { src, width, height } = picture(shown[index]!);
      return el('source', { media, srcset: src, width, height });
    });
  const { src, width, height, alt } = picture(shown[0]!);
  const alone = sources.length === 0;
  const image = el('img', { class: alone && when, src, width, height, alt: alt || context.siteName });
  return alone ? image : el('picture', { class: when }, ...sources, image);
}

/**
 * The brand's logo with a link home, else the site's name, as it stands inside another piece: the full one, and from a band
 * on, where one is named, the compact one.
 */
export function brandLogoHtml(context: Omit<PieceContext, 'brandLogo'>, compactFrom: Id | null): Node {
  const pictured = (version: LogoVersion) => {
    const id = context.logo(version);
    return id === null ? null : context.artwork(id);
  };
  const full = pictured('full');
  const compact = compactFrom === null ? null : pictured('compact');
  const media = compactFrom === null ? null : context.narrower(compactFrom);
  const link = (...sign: Node[]) => el('a', { class: 'logo menu-logo', href: context.homeHref }, ...sign);
  if (!full) return link(context.siteName);
  const { src, width, height, alt } = full;
  const image = el('img', { src, width, height, alt: alt || context.siteName });
  if (!compact || media === null) return link(image);
  const narrow = el('source', { media, srcset: compact.src, width: compact.width, height: compact.height });
  return link(el('picture', {}, narrow, image));
}

/** The type style of a logo in letters where nothing is said of it. */
const LOGO_STYLE = 'type-sign';

/** Whether a tagline is seen. */
const hasTail = ({ tagline, taglineSeen }: Record<string, unknown>) =>
  (tagline as string).trim() !== '' && Boolean(taglineSeen);

/** The width of artwork at a height. */
function widthAt(id: Id, height: Length, context: RoomContext): Piecewise {
  const { width, height: own } = context.artwork(id)!;
  return times(context.length(height), width / own);
}

/** The width of the logo that a menu stands around. */
export function brandLogoWidth(context: RoomContext, version: LogoVersion, height: Length): Piecewise {
  const id = context.logo(version) ?? context.logo('full');
  const sign =
    id === null ? context.text(context.siteName, { style: LOGO_STYLE }) : widthAt(id, height, context);
  return total(sign, context.rem(2 * BESIDE_LOGO));
}

/** The site's sign: artwork, or its name in letters when there is none. Leads home. */
export const logo: PieceKind = {
  kind: 'logo',
  label: 'Logo',
  properties: [
    property<LogoVersion>({
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
      by: null,
      initial: '',
    }),
    property<'artwork' | 'text' | 'both'>({
      name: 'shows',
      label: 'Shows',
      group: 'Content',
      kind: choiceKind({ artwork: 'artwork', text: 'text', both: 'artwork and text' }),
      by: 'width',
      initial: 'artwork',
      css: (value) => ({ '& > :is(img, picture)': { display: value === 'text' ? 'none' : 'block' } }),
    }),
    property({
      name: 'tagline',
      label: 'Tagline',
      group: 'Content',
      kind: textKind(120, 'none'),
      by: null,
      initial: '',
    }),
    property<boolean>({
      name: 'taglineSeen',
      label: 'Tagline is',
      group: 'Content',
      kind: flagKind('left out', 'shown'),
      by: 'width',
      initial: true,
      css: (value) => ({ '& .logo-tagline': { display: value ? AS_IT_COMES : 'none' } }),
    }),
    property({
      name: 'artworkHeight',
      label: 'Artwork height',
      group: 'Space',
      kind: lengthKind(8, 400),
      by: 'width',
      phased: true,
      initial: 40,
      // Of both sizes one is said: jointCss.
    }),
    property<Length | null>({
      name: 'artworkWidth',
      label: 'Artwork width',
      group: 'Space',
      kind: optionalKind(lengthKind(8, 800), 'as its height'),
      by: 'width',
      phased: true,
      initial: null,
    }),
    ...typeProperties(LOGO_STYLE),
    ...placeProperties,
  ],
  css: {
    '.logo': {
      display: 'inline-flex',
      'align-items': 'center',
      color: 'inherit',
      'text-decoration': 'none',
      gap: rem(GAP),
      'white-space': 'nowrap',
    },
    '.logo-tagline': {
      display: 'block',
      'font-size': `${TAGLINE_SCALE}em`,
      'font-weight': String(TAGLINE_WEIGHT),
    },
    '.menu-logo': { 'padding-inline': rem(BESIDE_LOGO) },
    '.logo img': { 'inline-size': 'auto', 'max-inline-size': 'none' },
  },
  jointCss: ({ artworkHeight, artworkWidth, shows, ...tail }) => ({
    '& > .logo-text:not(:only-child)': { display: shows === 'artwork' && !hasTail(tail) ? 'none' : 'block' },
    '& > .logo-text:not(:only-child) > .logo-name': {
      display: shows === 'artwork' && hasTail(tail) ? 'none' : AS_IT_COMES,
    },
    '& img': {
      'block-size': artworkWidth === null ? boxCss(artworkHeight as Length) : 'auto',
      'inline-size': artworkWidth === null ? AS_IT_COMES : boxCss(artworkWidth as Length),
    },
  }),
  weights: ({ tagline }) => (tagline === '' ? [] : [TAGLINE_WEIGHT]),
  room(values, context) {
    const artwork = artworkOf({ values }, context) ?? context.logo('full') ?? context.logo('compact');
    const { shows, text, tagline } = values as Record<string, string>;
    const name = context.text(text || context.siteName);
    const tail = hasTail(values)
      ? [context.text(tagline!, { scale: TAGLINE_SCALE, weight: TAGLINE_WEIGHT })]
      : [];
    if (artwork === null) return { preferred: widest(name, ...tail) };
    const lines = shows === 'artwork' ? tail : [name, ...tail];
    const beside = lines.length === 0 ? [] : [widest(lines[0]!, ...lines)];
    const pictured =
      shows === 'text'
        ? []
        : [
            values.artworkWidth === null
              ? widthAt(artwork, values.artworkHeight as Length, context)
              : context.length(values.artworkWidth as Length),
          ];
    return { preferred: row(context, [...pictured, ...beside], context.rem(GAP)) };
  },
  height: (values, { line, at, artwork }) => {
    const { shows } = values;
    const shown = artwork(values);
    const named = shows !== 'artwork' || !shown;
    const words = line * ((named ? 1 : 0) + (hasTail(values) ? TAGLINE_SCALE : 0));
    if (shows === 'text') return words;
    const high =
      values.artworkWidth === null || !shown
        ? lengthAt(values.artworkHeight as Length, at)
        : (lengthAt(values.artworkWidth as Length, at) * shown.height) / shown.width;
    return Math.max(high, words);
  },
  form: 'version',
  summary: (values) => (values.artwork === null ? logoVersions[values.version as LogoVersion] : 'its own'),
  caption: () => '',
  html(piece, context, bands) {
    const atTop = shownArtwork(bands, context);
    const scrolled = shownArtwork(context.scrolled(piece.id) ?? bands, context);
    const differs = scrolled.join() !== atTop.join();
    const pictures = [
      pictureHtml(bands, atTop, context, differs && 'at-top'),
      differs && pictureHtml(bands, scrolled, context, 'when-scrolled'),
    ].filter(Boolean);
    const { text, tagline } = piece.values as { text: string; tagline: string };
    const words = bands.some((band) => band.values.shows !== 'artwork') || pictures.length === 0;
    const tail = tagline.trim() !== '' && el('span', { class: 'logo-tagline' }, tagline);
    const name = text || context.siteName;
    const link = (...inside: Node[]) =>
      el('a', { class: pieceClass(piece, context), href: context.homeHref }, ...inside);
    if (pictures.length === 0 && tail === false) return link(name);
    const named = words && (tail === false ? name : el('span', { class: 'logo-name' }, name));
    const beside = (words || tail !== false) && el('span', { class: 'logo-text' }, named, tail);
    return link(...pictures, beside);
  },
};
