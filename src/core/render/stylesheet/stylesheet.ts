import { contrastOn } from '../../colour/contrast';
import { settledMeasured } from '../../fit/measured-rules';
import { wayDown, type WayStage } from '../../fit/way-down';
import type { Id } from '../../ids/id';
import { keptWhileSame } from '../../ids/kept-while-same';
import { ofPair } from '../../ids/of-pair';
import { sameData } from '../../ids/same-data';
import { sameItems } from '../../ids/same-items';
import { hoverable, joinRules, type Block, type CssNode, type Rules } from '../../markup/css';
import { stylesheetText, written, type Stylesheet } from '../../markup/stylesheet';
import { assemblyKinds, type AssemblyKind } from '../../properties/assembly-kind';
import { drawerCss } from '../../properties/drawer';
import {
  phasedHeaderCss,
  phasedMediaCss,
  phasedOpenCss,
  phasedWithoutScriptsCss,
  returningOpenCss,
} from '../../properties/scroll';
import { phasesOf, resolveAssembly, type SettledAssembly } from '../../resolve/assembly';
import type { TypeStyle } from '../../site/brand';
import { seenColour } from '../../site/seen-colour';
import type { Site } from '../../site/site';
import { surroundingsOf } from '../../site/surroundings';
import { unmeasured, type Advances } from '../../text/advances';
import { settleNames, type Names } from '../names';
import { standInCss } from '../page/stand-ins/stand-in';
import { askedNames, withoutUnasked } from './asked-names';
import { assemblyCss, mediaCss, resetCss, someAssemblyCss } from './base-css';
import { cssNames, customNames, tokenDeclarations } from './css-names';
import { darkBrandCss, darkRules, darkValuesCss } from './dark-css';
import { fontNodes } from './font-css';
import { itemsCss } from './items-css';
import { everyStood, initialCss, kindsCss, someCss, typeRules, usedKinds } from './kinds-css';
import { ringCss } from './ring';
import { withoutIdle, type RulesBelow, type RulesByStage, type SettledWay } from './rules-by-stage';
import { shortCss } from './short-css';
import { standingCss, type Standing } from './standing-css';
import { usedFaces, usedFonts, usedTypeStyles, type UsedFace } from './used-type';
import { brandBelow, brandCss, valuesCss } from './values-css';

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
  const named = customNames(brand);
  return [layerOrder, ...written(withoutUnasked(nodes, named, askedNames(nodes, named)))];
}

/** The same as text. */
export const standInStylesheet = (site: Site): string => stylesheetText(standIn(site));

/** What of a stylesheet follows from words: which letters they have, how wide they are, and what they lead to. */
interface Worded {
  fonts: readonly CssNode[];
  items: readonly CssNode[];
  stages: readonly (readonly WayStage[])[];
  standing: readonly Standing[];
}

/** What is written of a site, with all that is shown of it settled. */
interface Writing {
  site: Site;
  assemblies: readonly SettledWay[];
  settled: readonly SettledAssembly[];
  styles: readonly TypeStyle[];
  names: Names;
  /** What only some sites need of what headers, drawers and footers share. */
  shared: readonly Rules[];
  worded: Worded;
}

function writingOf(site: Site, advances: Advances, shown: Shown): Writing {
  const assemblies = settleAll(site, advances, shown);
  const settled = everySettled(assemblies);
  const styles = usedTypeStyles(site, settled);
  const names = settleNames(site);
  const worded: Worded = {
    fonts: fontNodes(site, advances, usedFonts(site, styles, settled)),
    items: itemsCss(site, names),
    stages: assemblies.map(({ stages }) => stages),
    standing: assemblies.map((way) => standingCss({ site, advances, names }, way)),
  };
  const shared = someAssemblyCss.filter(({ when }) => when(site, settled)).map(({ css }) => css);
  return { site, assemblies, settled, styles, names, shared, worded };
}

/** What a stylesheet is written of that is the very same as long as nothing else than words was changed. */
function writtenOf({ site, settled, names, shared }: Writing): unknown[] {
  const shown = settled.map(({ kind, id }) => site[kind][id]);
  const around = surroundingsOf(site).filter((part) => part !== site.menus && part !== site.pages);
  return [...around, names, ...shared, ...shown, ...settled];
}

interface Known {
  of: readonly unknown[];
  worded: Worded;
  stylesheet: Stylesheet;
}
const known = new WeakMap<SettledAssembly, readonly Known[]>();
/** For how many choices of what is shown stylesheets are kept. */
const MOST_KEPT = 4;

/**
 * The stylesheet of the site: fonts, brand, what its pieces need, and the designer’s values by width. What is known of the
 * widths of texts decides where bars stop fitting. Of headers and footers only those are written that are shown, of the brand what
 * something asks for. It is not written again as long as all that it is written of is the same, as with most labels.
 */
export function siteStylesheet(site: Site, advances: Advances, shown: Shown): Stylesheet {
  const writing = writingOf(site, advances, shown);
  const { worded } = writing;
  const [first] = writing.settled;
  if (!first) return stylesheetOf(writing, lookOf(writing));
  const of = writtenOf(writing);
  const kept = known.get(first) ?? [];
  const same = kept.find((each) => sameItems(each.of, of) && sameData(each.worded, worded));
  if (same) return same.stylesheet;
  const stylesheet = stylesheetOf(
    writing,
    looks(first, of, () => lookOf(writing)),
  );
  known.set(first, [{ of, worded, stylesheet }, ...kept.slice(0, MOST_KEPT - 1)]);
  return stylesheet;
}

/** What of a stylesheet is the same whatever the words. */
interface Look {
  /** The layers below the values, and the one above them. */
  layers: readonly CssNode[];
  open: CssNode;
  below: readonly RulesBelow[];
  dark: readonly RulesByStage[];
}
const looks = keptWhileSame<SettledAssembly, Look>();

function lookOf({ site, assemblies, settled, styles, names, shared }: Writing): Look {
  const kinds = usedKinds(settled);
  const stood = everyStood(site, settled);
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
  return {
    layers: [
      layer('reset', resetCss, ringCss),
      layer('brand', ...tokenNodes(site), bodyRules),
      layer(
        'pieces',
        typeRules(kinds, css),
        joinRules(assemblyCss, ...shared, phased ? phasedHeaderCss : {}, kindsCss(kinds, stood)),
        ...someCss(kinds, stood),
        ...(settled.some(({ kind }) => kind === 'drawers') ? drawerCss : []),
      ),
      layer('initial', withoutIdle(initialCss(kinds, css))),
    ],
    open: layer(
      'open',
      joinRules(...kinds.map((kind) => kind.openCss ?? {})),
      phased ? phasedOpenCss : {},
      returns ? returningOpenCss : {},
      withoutScripts,
      ...(phased ? [{ at: '@media (scripting: none)', inside: [phasedWithoutScriptsCss] }] : []),
      ...mediaCss,
      ...(phased ? phasedMediaCss : []),
    ),
    below: brandBelow({ site, styles, brand, css }),
    dark: darkRules({ site, names, css }, assemblies),
  };
}

/** Layers as they are written, as long as what is asked for is the same. */
const writtenLayers = keptWhileSame<CssNode, Stylesheet>();

function stylesheetOf({ site, assemblies, styles, names, worded }: Writing, look: Look): Stylesheet {
  const { fonts, items, standing } = worded;
  const { brand, css } = cssNames(site);
  const input = { site, assemblies, styles, names, brand, css, standing, below: look.below };
  const nodes = [
    ...fonts,
    ...look.layers,
    layer('values', ...valuesCss(input), ...darkValuesCss(assemblies, look.dark)),
    layer('items', ...items),
    layer('short', ...shortCss({ site, names, assemblies })),
    look.open,
  ];
  const named = customNames(brand);
  const asked = askedNames(nodes, named);
  const all = [...asked].sort().join(' ');
  const writtenAs = (node: CssNode) =>
    writtenLayers(node, [brand, all], () => written(hoverable(withoutUnasked([node], named, asked))));
  return [layerOrder, ...nodes.flatMap(writtenAs)];
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
  // The order of the layers is said once. A view holds what stands outermost in an element each, and where two of them hold the same text,
  // Chromium lays out the whole page with every rule that is changed, which takes twenty times as long.
  const own = siteStylesheet(site, advances, shown).filter((each) => each !== layerOrder);
  return [...standIn(site), ...own];
}

/** Takes over a stylesheet that was written elsewhere of the very same site, so that it is not written again. */
export function takeStylesheet(
  site: Site,
  advances: Advances,
  { shown, stylesheet }: { shown: Shown; stylesheet: Stylesheet },
): void {
  taken.set(site, { advances, shown: namesOf(shown), stylesheet });
}
