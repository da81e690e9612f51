import type { SaidRule } from '../site/compose';
import { USUAL_MARGIN } from '../site/collapse-rule';

/** How ready-made headers give way where room is short: what their rules have in common. */

/** The menu becomes a menu button where the bar stops fitting, or already where its middle is no longer truly centred. */
export const folds = (by: 'fit' | 'centre' = 'fit'): SaidRule => ({
  when: { by, margin: USUAL_MARGIN },
  turns: [['menu', 'shownAs', 'button']],
});

/** The menu button goes without its word. */
export const signs: SaidRule = { turns: [['menu', 'buttonLabelSeen', false]] };

/** Artwork of the logo goes without its words. */
export const shortens: SaidRule = { turns: [['logo', 'version', 'compact']] };

/** A logo of letters gets smaller and may stand on several lines. */
export const shrinks: SaidRule = {
  turns: [
    ['logo', 'textSize', 14, -2],
    ['logo', 'nameBreaks', true],
  ],
};

/** A piece that nobody is to miss moves to a row of its own. */
export const ownRow = (kind: string): SaidRule => ({ turns: [[kind, 'ownRow', true]] });

/** Pieces that can be done without are no longer shown. */
export const leaves = (...kinds: string[]): SaidRule => ({
  turns: kinds.map((kind) => [kind, 'shown', 'hidden']),
});

/** A field of a search in the middle gets narrower as long as it can, so that it stays truly centred. */
export const narrows: SaidRule = {
  when: { by: 'centre', margin: USUAL_MARGIN },
  turns: [['search', 'fieldWidth', 140, -70]],
};

/** The links of a menu move closer together as long as they can, so that what stands between or beside them stays truly centred. */
export const closes: SaidRule = {
  when: { by: 'centre', margin: USUAL_MARGIN },
  turns: [
    ['menu', 'itemGap', 4, -4],
    ['menu', 'itemPaddingInline', 4, -2],
  ],
};
