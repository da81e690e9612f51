import { colourRoles } from '../brand/colour-roles';
import { fontFamily, fontFileName, fontFilesOf, fontStack, fontSubsets, type FontFile } from '../brand/fonts';
import { cssString, joinRules, writeCss, type Block, type Declarations, type Rules } from '../markup/css';
import { pieceKinds } from '../pieces';
import type { PieceKind } from '../pieces/piece';
import { assemblyKinds } from '../properties/assembly';
import type { Site } from '../site/site';
import { assemblyCss, resetCss } from './base-css';
import { settleNames } from './names';
import { standInCss } from './stand-in';
import { valuesCss } from './values-css';

/** The layers of the stylesheet; a later one wins over an earlier one, whatever the selectors. */
const layers = ['reset', 'page', 'brand', 'pieces', 'values', 'open'];

/** The font files that the site's brand asks for. */
export function siteFonts(site: Site): FontFile[] {
  return fontFilesOf([site.brand.fonts.text, site.brand.fonts.heading]);
}

function fontFace(file: FontFile): Rules {
  const face: Declarations = {
    'font-family': cssString(fontFamily(file.family).name),
    'font-weight': String(file.weight),
    'font-display': 'swap',
    src: `url(${cssString(`fonts/${fontFileName(file)}`)}) format("woff2")`,
    'unicode-range': fontSubsets[file.subset],
  };
  return { '@font-face': face };
}

function brandRules(site: Site): Rules {
  const colours = Object.fromEntries(colourRoles.map((role) => [`--${role}`, site.brand.colours[role]]));
  const { text, heading } = site.brand.fonts;
  return {
    ':root': { ...colours, '--text-font': fontStack(text), '--heading-font': fontStack(heading) },
    body: {
      'background-color': 'var(--ground)',
      color: 'var(--ink)',
      'font-family': 'var(--text-font)',
      'font-size': '1rem',
      'line-height': '1.5',
    },
  };
}

/** The kinds of pieces that the site uses; only their rules are shipped. */
function usedKinds(site: Site): PieceKind[] {
  const used = new Set(
    assemblyKinds.flatMap((kind) =>
      Object.values(site[kind]).flatMap((each) => Object.values(each.pieces).map((piece) => piece.kind)),
    ),
  );
  return pieceKinds.filter((kind) => used.has(kind.kind));
}

/** The one stylesheet of the site: fonts, brand, what its pieces need, and the designer's values per band. */
export function renderStylesheet(site: Site): string {
  const kinds = usedKinds(site);
  const layer = (name: string, ...inside: Block['inside']): Block => ({ at: `@layer ${name}`, inside });
  const withoutScripts: Block = {
    at: '@media (scripting: none)',
    inside: kinds.map((kind) => kind.openWithoutScriptsCss ?? {}),
  };
  return (
    `@layer ${layers.join(', ')};\n` +
    writeCss([
      ...siteFonts(site).map(fontFace),
      layer('reset', resetCss),
      layer('page', standInCss),
      layer('brand', brandRules(site)),
      layer('pieces', joinRules(assemblyCss, ...kinds.map((kind) => kind.css))),
      layer('values', ...valuesCss(site, settleNames(site))),
      layer('open', ...kinds.map((kind) => kind.openCss ?? {}), withoutScripts),
    ])
  );
}
