import type { CssNode, Rules } from '../../markup/css';
import { pieceKinds } from '../../pieces';
import { drawerParts } from '../../properties/bar';
import { phasedHeaderCss, phasedOpenCss, returningOpenCss } from '../../properties/scroll';
import { assemblyCss, resetCss, someAssemblyCss } from './base-css';
import { initialValues } from '../../resolve/settled-values';
import { layoutRules, NOTHING_COUNTED } from './layout-rules';
import { standInCss } from '../page/stand-ins/stand-in';

/** Classes and ids of the pages’ own markup that no rule names. */
const unruled = [
  'header',
  'drawer',
  'footer',
  'content',
  'skip',
  'found',
  'phase-mark',
  'stand-in-text',
  'stand-in-picture',
  'menu-word',
  'basket-label',
  ...drawerParts.map((part) => `drawer-${part}`),
];

const isRules = (node: CssNode): node is Rules => !('inside' in node);

/** The classes that the selectors of rules name. */
function classesIn(nodes: readonly CssNode[]): string[] {
  return nodes.flatMap((node) =>
    isRules(node)
      ? Object.keys(node).flatMap((selector) =>
          [...selector.matchAll(/\.([a-z][a-z0-9-]*)/g)].map(([, name]) => name!),
        )
      : classesIn(node.inside as CssNode[]),
  );
}

/**
 * The class names that the markup of every page and the kinds of pieces have, told from their rules: what a designer names is never called
 * like one of them.
 */
export const ownClasses: ReadonlySet<string> = new Set([
  ...unruled,
  ...classesIn([
    assemblyCss,
    ...someAssemblyCss.map(({ css }) => css),
    resetCss,
    standInCss,
    phasedHeaderCss,
    phasedOpenCss,
    returningOpenCss,
  ]),
  ...pieceKinds.map((each) => each.kind),
  ...pieceKinds.flatMap((kind) =>
    classesIn([
      kind.css,
      layoutRules(
        kind.layouts(initialValues(kind.properties), { ...NOTHING_COUNTED, cards: true, nested: true }),
      ),
      kind.openCss ?? {},
      ...(kind.someCss ?? []).flatMap(({ css }) => css),
    ]),
  ),
]);
