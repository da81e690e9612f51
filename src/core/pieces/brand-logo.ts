import { box, words, type Box } from '../boxes/box';
import { onDarkVersion, type LogoVersion } from '../brand/logo-versions';
import type { Id } from '../ids/id';
import type { Length } from '../lengths/formula';
import { el, type Node } from '../markup/html';
import { cascaded, type Layout } from '../boxes/layout';
import type { Scheme } from '../properties/schemes';
import { LOGO_STYLE, logoLayout } from './logo';
import type { PieceContent } from './content';
import { pictureHtml } from './stage-picture';
import type { PieceContext } from './piece';

/** The room beside a logo that a menu draws, in CSS px at the usual text size. */
const BESIDE = 8;

/**
 * What is beside a logo that a menu draws. Compact, which it is beside a menu button, a name may stand on several lines.
 */
export const besideLogo = (version: LogoVersion) =>
  ({
    paddingInline: { rem: BESIDE },
    whiteSpace: version === 'compact' ? 'normal' : undefined,
  }) as const satisfies Layout;

/** The logo that a menu draws, as its boxes. */
export function brandLogoBox(content: PieceContent, version: LogoVersion, height: Length): Box {
  const id = content.logo(version);
  const artwork = id === null ? null : content.artwork(id);
  const shown = artwork
    ? box('.menu-logo img', { blockSize: height }, [], { ratio: artwork.width / artwork.height })
    : words(content.siteName);
  return box('.menu-logo', cascaded(logoLayout, besideLogo(version)), [shown], {
    type: { style: LOGO_STYLE },
  });
}

/**
 * The brand's logo with a link home, else the site's name, as it stands inside another piece: the full one, or in the stages that say
 * so the compact one; on dark grounds the artwork that is for these.
 */
export function brandLogoHtml(
  context: PieceContext,
  piece: Id,
  versions: readonly { media: string | null; compact: boolean; stage: number }[],
): Node {
  const link = (sign: Node) => el('a', { class: 'logo menu-logo', href: context.homeHref }, sign);
  if (context.logo('full') === null) return link(context.siteName);
  const shownIn = (scheme: Scheme) => {
    const onDark = context.onDark(piece, scheme);
    return versions.map(({ compact, stage }) => {
      const version = compact ? 'compact' : 'full';
      return context.logo(onDark[stage] ? onDarkVersion[version]! : version)!;
    });
  };
  return link(pictureHtml(versions, { light: shownIn('light'), dark: shownIn('dark') }, context, false));
}
