import type { Layouts } from '../../boxes/layout';
import { scaled } from '../../lengths/formula';
import { unless, type Rules } from '../../markup/css';
import { asContent, hasHeads, type LaidBelow } from './below';

/** An item of the second level that is a card where it stands in a panel of columns. */
const CARD = '.menu-below > li > .menu-card';

/** What is between the parts of a card, in CSS px at the usual text size; and the padding of its button, in times of its text. */
const GAP = { rem: 12 };
const BUTTON = [{ em: 0.5 }, { em: 1 }] as const;

/** Where the parts of cards stand: below each other in panels; elsewhere cards are links as others are. */
export function cardLayouts(values: LaidBelow) {
  const seen = hasHeads(values);
  return {
    [CARD]: {
      display: seen ? 'flex' : undefined,
      flexDirection: seen ? 'column' : undefined,
      alignItems: seen ? 'start' : undefined,
      gap: seen ? GAP : undefined,
      // In columns that share what there is, no wider than its own.
      inlineSize: seen && asContent(values) ? values.cardWidth : undefined,
      maxInlineSize: seen && !asContent(values) ? values.cardWidth : undefined,
      whiteSpace: seen ? 'normal' : undefined,
    },
    [`${CARD} > .menu-picture`]: {
      display: seen ? 'block' : 'none',
      inlineSize: '100%',
      blockSize: scaled(values.cardWidth, 0.5),
    },
    [`${CARD} > .menu-card-words`]: { display: seen ? 'block' : 'none' },
    // Signs are for lists; a badge stands below the button.
    [`${CARD} > .icon`]: { display: seen ? 'none' : undefined },
    [`${CARD} > .menu-label`]: { display: seen ? 'block' : undefined, padding: seen ? BUTTON : undefined },
  } as const satisfies Layouts;
}

/** The layouts of the parts of a card, by what they are. */
export function laidCard(values: LaidBelow) {
  const laid = cardLayouts(values);
  return {
    whole: laid[CARD]!,
    picture: laid[`${CARD} > .menu-picture`]!,
    words: laid[`${CARD} > .menu-card-words`]!,
    button: laid[`${CARD} > .menu-label`]!,
  };
}

/** What cards look like. */
export function cardCss(values: LaidBelow): Rules {
  const plain = !hasHeads(values);
  return {
    // Its label is no text of a row that would have to keep room for a heavier state.
    [`& ${CARD}::after`]: { display: unless(plain, 'none') },
    [`& ${CARD} > .menu-picture`]: { 'object-fit': 'cover', 'border-radius': 'var(--radius-small)' },
    [`& ${CARD} > .menu-label`]: {
      'background-color': unless(plain, 'var(--accent)'),
      color: unless(plain, 'var(--on-accent)'),
      'border-radius': 'var(--radius-small)',
    },
  };
}
