import { box, words, type Box } from '../../boxes/box';
import type { Layout, Layouts } from '../../boxes/layout';
import { signAndWords } from '../../boxes/sign';
import type { Length } from '../../lengths/formula';
import { el, type Element, type Node } from '../../markup/html';
import { unless, type Rules } from '../../markup/css';
import type { AssemblyKind } from '../../properties/assembly-kind';
import type { Hanging, PieceKind } from '../piece';
import {
  arrowSeenCss,
  FREE_BELOW,
  hangingAboveCss,
  hangingCss,
  hangingLookCss,
  heldFrom,
  LIST_PADDING,
  sideCss,
  someHangingCss,
} from './hanging';
import { bareList } from '../bare-list';
import { CHEVRON, chevronCss, chevronOpenCss } from '../chevron';

/**
 * A chooser: a button with a list that stands in the flow, or hangs from it while it is open. It is the means by which pieces other than
 * menus have drop-downs; the script of menus opens it too.
 */
const CHOOSER = '.chooser';

/** Its button, which is also dressed as a link of its piece: what is said of it here wins over that. */
export const TOGGLE = '.chooser > .chooser-toggle';

/** How the list of a chooser stands: beside each other, below each other, or hanging from a button. */
export const chooserForms = { row: 'a row', list: 'a list', drop: 'a button with a drop-down' } as const;
export type ChooserForm = keyof typeof chooserForms;

/** Where its boxes stand. */
export function chooserLayouts(form: ChooserForm, gap: Length) {
  const drops = form === 'drop';
  return {
    '.chooser': { display: drops ? 'grid' : undefined },
    [TOGGLE]: {
      ...(drops ? signAndWords : nothingOf(signAndWords)),
      display: drops ? 'inline-flex' : 'none',
      alignItems: drops ? 'center' : undefined,
      paddingBlock: drops ? { em: 0.25 } : undefined,
    },
    '.chooser-list': {
      display: drops ? 'none' : 'flex',
      flexDirection: form === 'list' ? 'column' : undefined,
      alignItems: form === 'row' ? 'center' : 'stretch',
      gap: drops ? 0 : gap,
      padding: drops ? { rem: LIST_PADDING } : undefined,
    },
  } as const satisfies Layouts;
}

/** A layout that names the same without saying anything. */
const nothingOf = (layout: Layout): Layout =>
  Object.fromEntries(Object.keys(layout).map((name) => [name, undefined]));

/** What every chooser looks like. */
export const chooserCss: Rules = { '.chooser-list': bareList };

/** What those look like besides that are a button at some width. */
const droppingCss: Rules = {
  [CHOOSER]: { position: 'relative' },
  // In the flow it is as wide as its piece.
  '.chooser-list': { ...hangingCss, '--below-least': '0' },
  '.chooser-toggle::after': chevronCss,
  '.chooser-toggle[aria-expanded="true"]::after': chevronOpenCss,
};

/** How it looks in its form: hanging, or in the flow; the same selectors and properties for all values. */
export const chooserFormCss = (
  form: ChooserForm,
  { belowAlign, belowArrow }: { belowAlign: 'start' | 'middle' | 'end'; belowArrow: boolean },
): Rules => {
  const drops = form === 'drop';
  const hanging = Object.entries({ ...hangingLookCss(true), ...sideCss[belowAlign] });
  return {
    '& .chooser-list': {
      ...Object.fromEntries(hanging.map(([name, css]) => [name, unless(!drops, css)])),
      '--opened': unless(!drops, 'block'),
    },
    ...arrowSeenCss(`& ${CHOOSER}`, drops && belowArrow),
  };
};

/** What is open is seen; where it stands in the flow, it is as it is anyway. */
const opened = { display: 'var(--opened, revert-layer)' };

export const chooserOpenCss: Rules = {
  '.chooser-toggle[aria-expanded="true"] + .chooser-list': opened,
};

/** Where scripts are off. */
export const chooserUnscriptedCss: Rules = {
  [`${CHOOSER}:is(:hover, :focus-within) > .chooser-toggle + .chooser-list`]: opened,
};

const drops = ({ form }: { form: ChooserForm }) => form === 'drop';

/** What only choosers with some values need. */
export const someChooserCss = [
  { css: [droppingCss], when: drops },
  {
    css: [{ '.footer .chooser-list': hangingAboveCss }],
    when: (values: { form: ChooserForm }, stands: AssemblyKind) => drops(values) && stands === 'footers',
  },
  ...someHangingCss(
    '.chooser-list',
    '.chooser-toggle[aria-expanded="true"] + .chooser-list',
    `${CHOOSER}:has(> [aria-expanded="true"])`,
  ),
] as const;

/** The boxes of a chooser: its button where it has one, else its list. */
export function chooserBox(
  laid: ReturnType<typeof chooserLayouts>,
  form: ChooserForm,
  toggle: { said: string; dress: Partial<Box>; sign: Box | null },
  items: readonly Box[],
): Box {
  const button = box(
    TOGGLE,
    laid[TOGGLE],
    [
      toggle.sign,
      words(toggle.said),
      box('.chooser-toggle::after', { inlineSize: CHEVRON, blockSize: CHEVRON }, []),
    ],
    toggle.dress,
  );
  return form === 'drop'
    ? box(CHOOSER, laid['.chooser'], [button])
    : box('.chooser-list', laid['.chooser-list'], items);
}

/** What hangs from a chooser's button. */
export function chooserHanging(
  laid: ReturnType<typeof chooserLayouts>,
  items: readonly Box[],
  edge: number,
): Hanging {
  const list = box('.chooser-list', { ...laid['.chooser-list'], display: 'block' }, items, { edge });
  return { entry: null, under: CHOOSER, selector: CHOOSER, box: list };
}

/** What a kind says of its drop-downs that has a chooser. */
export const chooserHangs = {
  at: ({ belowAlign }) => belowAlign,
  gap: ({ belowGap }) => belowGap,
  most: ({ belowMost }) => belowMost,
  free: FREE_BELOW,
  css: sideCss,
  held: heldFrom('.chooser-toggle', '.chooser-list'),
} satisfies Omit<
  NonNullable<
    PieceKind<{
      belowAlign: 'start' | 'middle' | 'end';
      belowGap: Length;
      belowMost: Length | null;
    }>['hanging']
  >,
  'boxes'
>;

/** The markup of a chooser; with its button where some width shows that. */
export function chooserHtml(
  { id, drops }: { id: string; drops: boolean },
  toggle: { class: string; said: readonly Node[]; label: string | null },
  items: readonly Element[],
): Element {
  const button = el(
    'button',
    {
      class: `chooser-toggle ${toggle.class}`,
      type: 'button',
      'aria-expanded': 'false',
      'aria-controls': id,
      'aria-label': toggle.label,
    },
    ...toggle.said,
  );
  const list = el('ul', { class: 'chooser-list', id: drops && id }, ...items);
  return drops ? el('div', { class: 'chooser' }, button, list) : list;
}
