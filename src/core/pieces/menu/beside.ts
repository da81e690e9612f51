import { layoutCss, type Layouts } from '../../boxes/layout';
import { rem } from '../../lengths/length';
import type { Declarations, Rules } from '../../markup/css';
import { hangingLookCss, LIST_PADDING } from '../drop-down/hanging';
import type { BesideSide } from '../piece';
import { PADDING } from './below';
import { turnedAlong, type ToggleSign } from './toggle-sign';

/** An item of a drop-down, below that. */
const ITEM = '> li';

/** Where the boxes of a drop-down stand whose items open lists beside it, below the drop-down; else as in every other. */
export const besideLayouts = {
  [ITEM]: { display: 'grid', gridTemplateColumns: [{ fr: 1 }, 'auto'] },
  [`${ITEM} > .menu-toggle`]: { display: 'inline-grid' },
  [`${ITEM} > .menu-below`]: { display: 'none', padding: PADDING.list, paddingInlineStart: PADDING.list },
} as const satisfies Layouts;

/** A list beside another looks as that does, and is as high as it needs: where the window is too low for that, it stands inside. */
const freely: Declarations = { 'max-block-size': 'none', overflow: 'visible' };

/** Where lists begin: their first items are level with the ones that they belong to. */
const level = (above: boolean) => (above ? `auto ${rem(-LIST_PADDING)}` : `${rem(-LIST_PADDING)} auto`);

/** What lets lists open beside drop-downs, at their end or their start; `panels` are the selectors of the drop-downs, `above` is for those that open upwards. */
export function besideCss(
  { toggleSign }: { toggleSign: ToggleSign },
  { side, panels, above }: { side: BesideSide; panels: readonly string[]; above: boolean },
): Rules {
  const below = (inside: string) => panels.map((panel) => `${panel} ${inside}`.trim()).join(', ');
  const laid = Object.entries(besideLayouts).map(([selector, layout]) => [
    below(selector),
    layoutCss(layout),
  ]);
  const sign = turnedAlong(toggleSign, side);
  return {
    [below('')]: freely,
    ...Object.fromEntries(laid),
    [below(`${ITEM} > .menu-below`)]: {
      ...layoutCss(besideLayouts[`${ITEM} > .menu-below`]),
      ...hangingLookCss(true),
      ...freely,
      opacity: '1',
      translate: 'none',
      'z-index': '1',
      'inline-size': 'max-content',
      'inset-inline': side === 'end' ? '100% auto' : 'auto 100%',
      'inset-block': level(above),
    },
    ...(sign === null ? {} : { [below(`${ITEM} > .menu-toggle::before`)]: sign }),
  };
}
