import { AS_IT_COMES } from '../../markup/css';
import { kindOfPiece, nestedWays } from '../piece';
import { menuBox } from './boxes';
import { hangingBoxes } from './hanging-boxes';
import { arrowSeenCss, FREE_BELOW, hangingAboveCss, sideCss, someHangingCss } from '../drop-down/hanging';
import {
  heldBelow,
  dropsFromItems,
  belowOpenCss,
  belowUnscriptedCss,
  hangingSideCss,
  hangsAt,
  hasHeads,
} from './below';
import { besideCss } from './beside';
import { cardCss } from './card';
import { menuButtonJointCss } from './button';
import { menuSignOpenCss } from './button-sign';
import { anyVariant } from '../variants';
import { forms, shownAsLabels, WITH_LOGO, withLogoMarkup, withLogoSummary } from './forms';
import { fillsBay, menuLayouts } from './layouts';
import { leavingCss, leftOf } from './leaving';
import { headsCss, menuCss, moreCss, scrollingBlocks, scrollingCss } from './looks';
import { menuHtml, openedBy } from './markup';
import { reservedWeight } from './parts';
import { toggleSignCss } from './toggle-sign';
import { mayOpenAtFirst, unfoldingCss } from './unfolding';
import { menuPieceProperties, type MenuValues } from './properties';

/** Whether a rule is of something that stands in the list of a menu. */
const standsInList = (selector: string) =>
  !selector.includes('.menu-button') &&
  /\.menu-(?:list(?: >|:)|link|label|badge|description|below|toggle)/.test(selector);

/** The logo that a menu draws, where it draws one. */
const logoBoxes = ['.menu-logo', '.menu-logo img'];
const isLogo = (selector: string) => logoBoxes.some((at) => selector.endsWith(` ${at}`));

/** A menu of the site: as a row, a column, columns with headings, or behind a menu button. */
export const menu = kindOfPiece<MenuValues>({
  kind: 'menu',
  label: 'Menu',
  about: 'A menu in a row, a column or columns, or behind a menu button.',
  properties: menuPieceProperties,
  needed: true,
  rowOf: 'menu',
  headings: (values) => (values.shownAs === 'columns' || hasHeads(values) ? [values.headingStyle] : []),
  css: menuCss,
  layouts: menuLayouts,
  targets: ['> .menu-button', '.menu-link', '.menu-toggle', '.menu-more > .menu-toggle', '.menu-logo'],
  box: menuBox,
  hanging: {
    boxes: hangingBoxes,
    at: hangsAt,
    gap: ({ belowGap }) => belowGap,
    most: ({ belowMost }) => belowMost,
    free: FREE_BELOW,
    css: sideCss,
    held: heldBelow,
    beside: besideCss,
  },
  jointCss(values, counts) {
    const weight = reservedWeight(values);
    return {
      ...menuButtonJointCss(values),
      ...unfoldingCss(values),
      ...toggleSignCss(values),
      ...(counts.cards ? cardCss(values) : {}),
      ...hangingSideCss(values),
      ...arrowSeenCss('& .menu-list > li', values.belowArrow && dropsFromItems(values)),
      // A heavier text is wider: each item keeps the room of its heaviest state, so that its neighbours stand still.
      '& .menu-link::after': {
        content: weight === null ? AS_IT_COMES : 'attr(data-label) / ""',
        'font-weight': weight === null ? AS_IT_COMES : String(weight),
      },
    };
  },
  opensBranch: mayOpenAtFirst,
  takesRest: fillsBay,
  keepsMiddle: ({ around }) => around === 'around',
  draws: ({ around }) => (around ? ['logo'] : []),
  someLayouts: {
    at: ['.menu-list:has(+ .menu-logo)', ...logoBoxes],
    when: ({ around }) => around !== null,
  },
  shortCss: leavingCss,
  unseen: ({ shownAs, around }, selector) =>
    (!forms[shownAs].list && standsInList(selector)) || (around === null && isLogo(selector)),
  someCss: [
    { css: [...scrollingBlocks, scrollingCss], when: ({ shownAs }) => shownAs === 'scrolling' },
    ...someHangingCss(
      '.menu-list > li > .menu-below',
      '.menu-list > li > [aria-expanded="true"] + .menu-below',
      '.menu-list > li:has(> .menu-toggle[aria-expanded="true"])',
    ),
    { css: [headsCss], when: ({ shownAs }) => forms[shownAs].below === 'under a heading' },
    {
      css: [{ '.footer .menu-list > li > .menu-below': hangingAboveCss }],
      when: (_, stands) => stands === 'footers',
    },
    { css: [moreCss], when: (values) => leftOf(values).behind > 0 },
  ],
  openCss: {
    ...belowOpenCss,
    ...menuSignOpenCss,
  },
  openWithoutScriptsCss: belowUnscriptedCss,
  form: 'shownAs',
  summary: ({ around, shownAs, opens }) => {
    const logo = around ? withLogoSummary[around] : '';
    if (shownAs !== 'button') return `${shownAsLabels[shownAs]}${logo}`;
    return opens === null ? 'opens no drawer, so it is not seen' : '→ menu button';
  },
  caption: ({ menu: shown }, nameOf) => (shown === null ? 'none chosen' : (nameOf(shown) ?? '')),
  opens: openedBy,
  items: {
    selector: '.menu-list > li, .menu-below > li',
    // Behind them stands the button with those that have left for want of room.
    ways: (_, entries) => [...nestedWays(entries), ...nestedWays(entries, [entries.length])],
  },
  variant({ menu: shown, around, shownAs }, context) {
    if (shown === null) return null;
    if (forms[shownAs].list) return `${context.menuOrder(shown)}${withLogoMarkup(around)}`;
    // Beside a menu button stands its logo, in whatever list that is.
    return around ? anyVariant(WITH_LOGO) : null;
  },
  html: menuHtml,
});
