import type { TurnAmount, TurnOffer } from '../../properties/giving';
import { shownAsLabels } from './forms';

/** Forms in which no items leave one by one. */
const WHOLE = ['button', 'column', 'columns', 'scrolling'];

const items = (before: string): TurnAmount => ({
  words: [before, 'one by one'],
  least: 1,
  most: 40,
  step: 1,
  usual: 'all items but one',
});

/** To show in another form. */
export const formTurns: readonly TurnOffer[] = Object.entries(shownAsLabels).map(
  ([value, label]): TurnOffer => ({
    id: value,
    label,
    value,
    ...(value === 'button'
      ? { tried: { as: 'rule', effort: 2.7, says: 'becomes a menu button', needs: 'opens' } }
      : {}),
  }),
);

/** To stand otherwise around the logo. */
export const logoTurns: readonly TurnOffer[] = Object.entries({
  after: 'links behind the logo',
  below: 'links in a row below the logo',
}).map(([value, label]): TurnOffer => ({
  id: `links-${value}`,
  label,
  value,
  beforehand: true,
  // Behind a button there are no links to be seen.
  excludes: ['button'],
  needs: 'around',
}));

/** To say the label of the menu button to readers only. */
export const buttonTurns: readonly TurnOffer[] = [
  {
    id: 'sign',
    label: 'menu button without its word',
    value: false,
    needs: 'opens',
    tried: { as: 'value', effort: 1.5 },
  },
];

/** To let items go behind “more”. */
export const behindTurns: readonly TurnOffer[] = [
  {
    id: 'behind',
    label: 'items behind “more”',
    amount: items('at most'),
    excludes: WHOLE,
    tried: { as: 'rule', effort: 2.5, says: 'lets items go behind “more”' },
  },
];

/** To leave items out. */
export const leftOutTurns: readonly TurnOffer[] = [
  { id: 'leftOut', label: 'fewer items', amount: items('by at most'), excludes: WHOLE },
];

/** To show icons alone. */
export const signTurns: readonly TurnOffer[] = [
  {
    id: 'signs',
    label: 'icons without labels',
    value: true,
    tried: { as: 'value', effort: 2 },
  },
];
