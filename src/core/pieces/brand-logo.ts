import { box, words, type Box } from '../boxes/box';
import type { LogoVersion } from '../brand/logo-versions';
import type { Id } from '../ids/id';
import type { Length } from '../lengths/formula';
import { el, type Node } from '../markup/html';
import type { Layout } from '../boxes/layout';
import { LOGO_STYLE, logoLayout } from './logo';
import type { PieceContent } from './content';
import type { PieceContext } from './piece';

/** The room beside a logo that a menu draws, in CSS px at the usual text size. */
const BESIDE = 16;

/** What is beside a logo that a menu draws. */
export const besideLogo = { paddingInline: { rem: BESIDE } } as const satisfies Layout;

/** The logo that a menu draws, as its boxes. */
export function brandLogoBox(content: PieceContent, version: LogoVersion, height: Length): Box {
  const id = content.logo(version) ?? content.logo('full');
  const artwork = id === null ? null : content.artwork(id);
  const shown = artwork
    ? box('.menu-logo img', { blockSize: height }, [], { ratio: artwork.width / artwork.height })
    : words(content.siteName);
  return box('.menu-logo', { ...logoLayout, ...besideLogo }, [shown], { type: { style: LOGO_STYLE } });
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
