import type { Layouts, Track } from '../../boxes/layout';
import { unless, type Rules } from '../../markup/css';
import type { Length } from '../../lengths/formula';
import { TARGET } from '../../properties/target';
import { heldFrom, isFromItem, LIST_PADDING, sideCss } from '../drop-down/hanging';
import type { HangsAt, HangsFromBar, HangsFromItem } from '../piece';
import type { BelowValues, PanelWidth } from './below-properties';
import { forms } from './forms';
import { isUnfolding, type LaidColumn } from './unfolding';

/** What lets drop-downs stand as wide as their bar or the window. */
export const heldBelow = heldFrom('.menu-toggle', '.menu-below');

/** What of its values decides where the parts of what stands below stand. */
export interface LaidBelow extends LaidColumn {
  panel: 'list' | 'columns';
  second: 'inside' | 'beside';
  panelColumns: number;
  panelWidth: PanelWidth;
  belowAlign: HangsFromItem | HangsFromBar;
  belowItemsLeast: Length;
  cardWidth: Length;
  descriptions: boolean;
}

/** By how much what stands below an entry is indented, and the button that opens a drop-down, in CSS px at the usual text size. */
const INDENT = { rem: 16 };
export const TOGGLE = { rem: 24 };

/** What is around the items of a drop-down, and between the columns of one, in CSS px at the usual text size. */
export const PADDING = { list: { rem: LIST_PADDING }, columns: { rem: 16 } };

/** Whether drop-downs have headings of columns. */
export const hasHeads = ({ shownAs, panel }: Pick<LaidBelow, 'shownAs' | 'panel'>) =>
  forms[shownAs].below === 'dropped' && panel === 'columns';

/** Whether a drop-down is as wide as what is in it; else it is as wide as its bar or the window. */
export const asContent = ({ panelWidth }: Pick<LaidBelow, 'panelWidth'>) => panelWidth === 'own';

/** Whether drop-downs are as wide as what is in them. */
const dropsAsContent = (values: Pick<LaidBelow, 'shownAs' | 'panelWidth'>) =>
  forms[values.shownAs].below === 'dropped' && asContent(values);

/** Whether drop-downs hang from their items, not from their bar. */
export const dropsFromItems = (values: Pick<LaidBelow, 'shownAs' | 'panelWidth' | 'belowAlign'>) =>
  dropsAsContent(values) && isFromItem(values.belowAlign);

/** Whether the lists below the items of a drop-down open beside it. */
export const opensBeside = (
  values: Pick<LaidBelow, 'shownAs' | 'turned' | 'panel' | 'panelWidth' | 'belowAlign' | 'second'>,
) => dropsFromItems(values) && !values.turned && values.panel === 'list' && values.second === 'beside';

/** The columns of a panel: as wide as what is in them, or sharing the width of the bar. */
function panelTracks(values: LaidBelow): Track[] {
  const track: Track = asContent(values) ? 'auto' : { least: 0, most: { fr: 1 } };
  return Array.from({ length: values.panelColumns }, () => track);
}

/** Where what stands below items stands, and the buttons that open it. */
export function belowLayouts(values: LaidBelow) {
  const { shownAs, turned, panel } = values;
  const { below } = forms[shownAs];
  const [dropped, headed] = [below === 'dropped', below === 'under a heading'];
  const unfolding = isUnfolding(values);
  const open = !dropped && below !== 'left out' && !turned;
  const columns = dropped && panel === 'columns';
  const foldable = unfolding ? ([{ fr: 1 }, 'auto'] as const) : undefined;
  return {
    '.menu-list > li': {
      display: dropped ? 'flex' : unfolding ? 'grid' : 'block',
      gridTemplateColumns: foldable,
      flex: shownAs === 'cells' ? '1 1 0' : undefined,
    },
    '.menu-below > li': {
      display: unfolding ? 'grid' : undefined,
      gridTemplateColumns: foldable,
      minInlineSize:
        dropsAsContent(values) && values.belowItemsLeast !== 0 ? values.belowItemsLeast : undefined,
    },
    '.menu-toggle': {
      display: dropped || unfolding ? 'inline-grid' : 'none',
      alignSelf: 'center',
      placeContent: 'center',
      inlineSize: unfolding ? TARGET : TOGGLE,
      blockSize: unfolding ? TARGET : TOGGLE,
    },
    '.menu-list > li > .menu-below': {
      display: open && !unfolding ? 'block' : 'none',
      gridTemplateColumns: columns ? panelTracks(values) : undefined,
      gap: columns ? PADDING.columns : undefined,
      gridColumn: unfolding ? '1 / -1' : undefined,
      // Shared out, columns let long labels have lines of their own.
      whiteSpace: columns && !asContent(values) ? 'normal' : undefined,
      padding: dropped ? PADDING[panel] : 0,
      paddingInlineStart: open && !headed ? INDENT : undefined,
    },
    '.menu-below .menu-link': { inlineSize: '100%' },
    '.menu-below .menu-description': { display: values.descriptions ? 'block' : undefined },
  } as const satisfies Layouts;
}

/** Where lists stand that are below the items of other lists, and the buttons that open them. */
export function nestedLayouts(values: LaidBelow) {
  const unfolding = isUnfolding(values);
  return {
    '.menu-below .menu-toggle': { display: unfolding ? 'inline-grid' : 'none' },
    '.menu-below .menu-below': {
      display: unfolding ? 'none' : undefined,
      gridColumn: unfolding ? '1 / -1' : undefined,
      paddingInlineStart: hasHeads(values) ? 0 : INDENT,
    },
  } as const satisfies Layouts;
}

/** How drop-downs want to stand: at an edge of their items, or as wide as their bar or the window. */
export const hangsAt = ({
  panelWidth,
  belowAlign,
}: Pick<BelowValues, 'panelWidth' | 'belowAlign'>): HangsAt =>
  panelWidth === 'own' ? belowAlign : panelWidth;

/** The same as CSS. */
export function hangingSideCss(values: BelowValues): Rules {
  const own = sideCss[hangsAt(values)];
  const said = Object.entries(own).map(([name, css]) => [name, unless(sideCss.start[name] === css, css)]);
  return {
    ...heldBelow('& .menu-list > li', hangsAt(values)),
    '& .menu-list > li > .menu-below': Object.fromEntries(said),
  };
}

/** What opens: a list, or a panel of columns. */
export const belowOpenCss: Rules = {
  '.menu-toggle[aria-expanded="true"] + .menu-below': { display: 'var(--below-as, block)' },
};

/** What is open where no script opens anything. */
export const belowUnscriptedCss: Rules = {
  '.menu-list > li:is(:hover, :focus-within) > .menu-toggle + .menu-below': {
    display: 'var(--below-as, block)',
  },
  '.menu-list .menu-below': { display: 'var(--unscripted-below, revert-layer)' },
};
