import { contrastOn } from '../../colour/contrast';
import {
  hoverable,
  joinRules,
  mapped,
  stayingDeclarations,
  type Block,
  type CssNode,
  type Rules,
} from '../../markup/css';
import { stylesheetText, written, type Stylesheet } from '../../markup/stylesheet';
import { pieceKind, pieceKinds } from '../../pieces';
import type { PieceKind, SettledPiece } from '../../pieces/piece';
import { assemblyKinds, type AssemblyKind } from '../../properties/assembly-kind';
import { drawerCss } from '../../properties/drawer';
import type { Id } from '../../ids/id';
import { ofPair } from '../../ids/of-pair';
import type { CssNames } from '../../properties/property';
import {
  phasedHeaderCss,
  phasedMediaCss,
  phasedOpenCss,
  phasedWithoutScriptsCss,
  returningOpenCss,
} from '../../properties/scroll';
import { phasesOf, resolveAssembly, settledPieces, type SettledAssembly } from '../../resolve/assembly';
import { inLanguage } from '../../resolve/in-language';
import { seenColour } from '../../site/seen-colour';
import type { Site } from '../../site/site';
import { settledMeasured } from '../../fit/measured-rules';
import { wayDown } from '../../fit/way-down';
import { withoutUnasked } from './asked-names';
import { assemblyCss, mediaCss, resetCss, someAssemblyCss } from './base-css';
import { cssNames, customNames, tokenDeclarations } from './css-names';
import { darkBrandCss, darkValuesCss } from './dark-css';
import { fontNodes } from './font-css';
import { itemsCss } from './items-css';
import { settleNames } from '../names';
import { standInCss } from '../page/stand-ins/stand-in';
import { unmeasured, type Advances } from '../../text/advances';
import { usedFaces, usedFonts, usedTypeStyles, type UsedFace } from './used-type';
import { ringCss } from './ring';
import { scopeRules, withoutIdle, type SettledWay } from './rules-by-stage';
import { shortCss } from './short-css';
import { sharedLayoutRules } from './layout-rules';
import { initialPieceRules } from './piece-rules';
import { brandCss, initialBarRules, valuesCss } from './values-css';

/** The layers of the stylesheet; a later one wins over an earlier one, whatever the selectors. */
const layers = ['reset', 'page', 'brand', 'pieces', 'initial', 'values', 'items', 'short', 'open'] as const;

/** Which headers and footers the pages show, by their ids; null for all that there are. */
export type Shown = ReadonlySet<Id | null> | null;

/** Every assembly that is shown, settled for each stage of its way; any drawer may be opened. */
function settleAll(site: Site, advances: Advances, shown: Shown): SettledWay[] {
  const isShown = (kind: AssemblyKind, id: Id) => kind === 'drawers' || shown === null || shown.has(id);
  return assemblyKinds.flatMap((kind) =>
    Object.values(site[kind])
      .filter(({ id }) => isShown(kind, id))
      .map((assembly) => {
        const { stages } = wayDown(site, advances, kind, assembly);
        return {
          stages,
          settled: stages.map((stage) => resolveAssembly(site, kind, assembly, stage)),
          measured: settledMeasured(site, kind, assembly, stages),
        };
      }),
  );
}

/** Every form in which an assembly stands at some width, or in some browser. */
function everySettled(ways: readonly SettledWay[]): SettledAssembly[] {
  return ways.flatMap(({ settled, measured }) => [...settled, ...measured]);
}

/** The faces of fonts that are asked for by all that the site has. */
export function siteFaces(site: Site, advances: Advances): UsedFace[] {
  const settled = everySettled(settleAll(site, advances, null));
  return usedFaces(site, usedTypeStyles(site, settled), settled);
}

/** The font files that the site ships for what is shown. */
export function siteFonts(site: Site, advances: Advances, shown: Shown = null) {
  const settled = everySettled(settleAll(site, advances, shown));
  return usedFonts(site, usedTypeStyles(site, settled), settled);
}

/** Whether the ground of the pages is light or dark (CSS Color Adjustment 1, 2.2), by what stands out more on it. */
function groundScheme(site: Site): 'light' | 'dark' {
  const ground = seenColour(site, 'ground');
  return contrastOn('black', ground) >= contrastOn('white', ground) ? 'light' : 'dark';
}

const bodyRules: Rules = {
  body: {
    'background-color': 'var(--ground)',
    color: 'var(--ink)',
    'font-family': 'var(--type-body-family)',
    'font-weight': 'var(--type-body-weight)',
    'font-size': 'var(--type-body-size)',
    'line-height': 'var(--type-body-line-height)',
  },
};

/** What bars and the kinds of pieces that stand in the site have where nothing was said. */
function initialCss(kinds: readonly PieceKind[], css: CssNames): Rules {
  return joinRules(
    scopeRules(initialBarRules(css), '.bar'),
    ...kinds.map((kind) => scopeRules(initialPieceRules(css, kind), `.${kind.kind}`)),
  );
}

/** The kinds of pieces that stand in the site; only their rules are shipped. */
function usedKinds(settled: readonly SettledAssembly[]): PieceKind[] {
  const used = new Set(
    settled
      .flatMap(settledPieces)
      .flatMap(({ kind, values }) => [kind, ...(pieceKind(kind).draws?.(values) ?? [])]),
  );
  return pieceKinds.filter((kind) => used.has(kind.kind));
}

/** A piece as it stands somewhere, in a language. */
interface Stood {
  kind: string;
  values: SettledPiece['values'];
  stands: AssemblyKind;
}

/** All pieces as they stand at some width, in some language. */
function everyStood({ languages }: Site, settled: readonly SettledAssembly[]): Stood[] {
  return settled.flatMap((assembly) =>
    settledPieces(assembly).flatMap((piece) =>
      [...new Set(languages.map((language) => inLanguage(piece, language).values))].map((values) => ({
        kind: piece.kind,
        values,
        stands: assembly.kind,
      })),
    ),
  );
}

/** What only some of the pieces need of the rules of their kinds, each once. */
function someCss(kinds: readonly PieceKind[], stood: readonly Stood[]): CssNode[] {
  const needed = kinds.flatMap(({ kind, someCss: some = [] }) =>
    some
      .filter(({ when }) => stood.some((piece) => piece.kind === kind && when(piece.values, piece.stands)))
      .flatMap(({ css }) => css),
  );
  return [...new Set(needed)];
}

/** Where the boxes of pieces of a kind stand, without those that none of them has. */
function layoutsOf(kind: PieceKind, stood: readonly Stood[]): Rules {
  const { at, when } = kind.someLayouts ?? { at: [], when: () => true };
  const had = stood.some((piece) => piece.kind === kind.kind && when(piece.values));
  return sharedLayoutRules(kind, had ? [] : at);
}

/** What a kind says, under its own class where others say otherwise of the same selector: the list of a chooser is of several kinds. */
function apartFrom(others: Rules, kind: string, own: Rules): Rules {
  const apart: Rules = {};
  const alike = mapped(own, (declarations, selector) => {
    const before = others[selector] ?? {};
    const isOther = (name: string, value: string) => before[name] !== undefined && before[name] !== value;
    const other = stayingDeclarations(declarations, isOther);
    if (Object.keys(other).length > 0) apart[`.${kind} ${selector}`] = other;
    return stayingDeclarations(declarations, (name, value) => !isOther(name, value));
  });
  return joinRules(alike, apart);
}

/** What kinds of pieces look like where nothing was said, and where their boxes stand. */
const kindsCss = (kinds: readonly PieceKind[], stood: readonly Stood[]): Rules =>
  kinds.reduce<Rules>((others, kind) => {
    const own = joinRules(layoutsOf(kind, stood), kind.css);
    return joinRules(others, apartFrom(others, kind.kind, own));
  }, {});

/** The type styles in which kinds of pieces are set unless they say otherwise, each once for all of its kinds. */
function typeRules(kinds: readonly PieceKind[], css: CssNames): Rules {
  const styleOf = ({ properties }: PieceKind) =>
    properties.find((each) => each.name === 'typeStyle')?.initial as string | undefined;
  const styles = new Set(kinds.flatMap((kind) => styleOf(kind) ?? []));
  const selector = (style: string) =>
    kinds
      .filter((kind) => styleOf(kind) === style)
      .map(({ kind }) => `.${kind}`)
      .join(', ');
  return Object.fromEntries([...styles].map((style) => [selector(style), css.typeCss(style)]));
}

const layerOrder = `@layer ${layers.join(', ')};`;

/** How the block of a layer begins. */
export const layerAt = (name: (typeof layers)[number]) => `@layer ${name}`;

const layer = (name: (typeof layers)[number], ...inside: Block['inside']): Block => ({
  at: layerAt(name),
  inside,
});

/** The tokens of the brand, light and dark. */
function tokenNodes(site: Site): CssNode[] {
  const { brand } = cssNames(site);
  // Bars of scrolling and what browsers draw of fields are as light or dark as the page.
  const scheme = (of: Site) => ({ 'color-scheme': groundScheme(of) });
  return [
    { ':root': { ...scheme(site), ...tokenDeclarations(site, brand) } },
    ...darkBrandCss(site, brand, scheme),
  ];
}

/** The stylesheet of what stands in for the content of pages, with what of the brand it asks for: what takes its place has one of its own. */
const standIn = ofPair(writtenStandIn, (site) => [cssNames(site).css, site.bands]);

function writtenStandIn(site: Site): Stylesheet {
  const { brand, css } = cssNames(site);
  const styles = Object.values(site.brand.typeStyles);
  const nodes = [
    layer('page', standInCss),
    layer('brand', ...tokenNodes(site)),
    layer('values', ...brandCss({ site, styles, brand, css })),
  ];
  return [layerOrder, ...written(withoutUnasked(nodes, customNames(brand)))];
}

/** The same as text. */
export const standInStylesheet = (site: Site): string => stylesheetText(standIn(site));

/**
 * The stylesheet of the site: fonts, brand, what its pieces need, and the designer’s values by width. What is known of the
 * widths of texts decides where bars stop fitting. Of headers and footers only those are written that are shown, of the brand what
 * something asks for.
 */
function siteStylesheet(site: Site, advances: Advances, shown: Shown): Stylesheet {
  const assemblies = settleAll(site, advances, shown);
  const settled = everySettled(assemblies);
  const kinds = usedKinds(settled);
  const stood = everyStood(site, settled);
  const styles = usedTypeStyles(site, settled);
  const names = settleNames(site);
  const { brand, css } = cssNames(site);
  // On paper nothing can be opened either.
  const withoutScripts: Block = {
    at: '@media (scripting: none), print',
    inside: kinds.flatMap((kind) => [kind.openWithoutScriptsCss ?? {}, kind.withoutScriptsCss ?? {}]),
  };
  const phased = settled.some((assembly) => assembly.phased);
  const returns = settled.some(
    ({ kind, id }) => kind === 'headers' && phasesOf(kind, site.headers[id]!).includes('returning'),
  );
  const standing = phased ? [{ at: '@media (scripting: none)', inside: [phasedWithoutScriptsCss] }] : [];
  const input = { site, assemblies, styles, names, brand, css, advances };
  const nodes = [
    ...fontNodes(site, advances, usedFonts(site, styles, settled)),
    layer('reset', resetCss, ringCss),
    layer('brand', ...tokenNodes(site), bodyRules),
    layer(
      'pieces',
      typeRules(kinds, css),
      joinRules(
        assemblyCss,
        ...someAssemblyCss.filter(({ when }) => when(site, settled)).map((some) => some.css),
        phased ? phasedHeaderCss : {},
        kindsCss(kinds, stood),
      ),
      ...someCss(kinds, stood),
      ...(settled.some(({ kind }) => kind === 'drawers') ? drawerCss : []),
    ),
    layer('initial', withoutIdle(initialCss(kinds, css))),
    layer('values', ...valuesCss(input), ...darkValuesCss(input)),
    layer('items', ...itemsCss(site, names)),
    layer('short', ...shortCss({ site, names, assemblies })),
    layer(
      'open',
      joinRules(...kinds.map((kind) => kind.openCss ?? {})),
      phased ? phasedOpenCss : {},
      returns ? returningOpenCss : {},
      withoutScripts,
      ...standing,
      ...mediaCss,
      ...(phased ? phasedMediaCss : []),
    ),
  ];
  return [layerOrder, ...written(hoverable(withoutUnasked(nodes, customNames(brand))))];
}

/** The same as text. */
export const renderStylesheet = (site: Site, advances = unmeasured, shown: Shown = null): string =>
  stylesheetText(siteStylesheet(site, advances, shown));

/** A stylesheet of views that was written elsewhere, of what is shown and what is known of texts. */
interface Taken {
  advances: Advances;
  shown: string;
  stylesheet: Stylesheet;
}
const taken = new WeakMap<Site, Taken>();
const namesOf = (shown: Shown) => JSON.stringify(shown && [...shown].sort());

/** All that a page is styled with, as views hold it. */
export function viewStylesheet(site: Site, advances = unmeasured, shown: Shown = null): Stylesheet {
  const known = taken.get(site);
  if (known?.advances === advances && known.shown === namesOf(shown)) return known.stylesheet;
  return [...standIn(site), ...siteStylesheet(site, advances, shown)];
}

/** Takes over a stylesheet that was written elsewhere of the very same site, so that it is not written again. */
export function takeStylesheet(
  site: Site,
  advances: Advances,
  { shown, stylesheet }: { shown: Shown; stylesheet: Stylesheet },
): void {
  taken.set(site, { advances, shown: namesOf(shown), stylesheet });
}
