import { AS_IT_COMES, joinRules, type Rules } from '../../markup/css';
import { layoutCss } from '../../boxes/layout';
import { isReordered, type SettledBar } from '../../resolve/assembly';
import {
  barLayout,
  bayLayoutAlike,
  baysLayout,
  divisionLayouts,
  ownBarLayouts,
} from '../../resolve/bar-layouts';
import { layoutRules } from './layout-rules';

/** What bars and bays are like until a bar says otherwise. */
export const barCss: Rules = {
  '.bar': layoutCss(barLayout),
  '.bays': layoutCss(baysLayout),
  '.bay': { ...layoutCss(bayLayoutAlike), 'reading-flow': 'flex-visual' },
};

/** What the values of a bar alone say of its boxes; `&` stands for the bar. */
export const ownBarRules = (values: Record<string, unknown>): Rules => layoutRules(ownBarLayouts(values));

/** The rules of a bar's bays as it was settled for a place; `&` stands for the bar. */
export function divisionRules(bar: SettledBar): Rules {
  return joinRules(layoutRules(divisionLayouts(bar)), {
    // The keyboard goes the way of the eye.
    '& > .bays': { 'reading-flow': isReordered(bar) ? 'grid-rows' : AS_IT_COMES },
  });
}
