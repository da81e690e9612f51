import type { Said, SaidPiece } from '../site/compose';
import { closes, folds, leaves, narrows, ownRow, shrinks, signs } from './giving-way';
import type { Starter, StarterSource } from './starter';

function rowMenu({ menu, drawer }: StarterSource, more: Said = {}): SaidPiece {
  return ['menu', { menu, shownAs: 'row', opens: drawer, ...more }];
}

const logo: SaidPiece = ['logo', { version: 'full' }];

function action({ action: link }: StarterSource, more: Said = {}): SaidPiece {
  return ['button', { label: 'Get started', link, ...more }];
}

const thinStrip: Said = { ground: 'deep', ink: 'on-deep', leastHeight: 36, padding: 2 };
const ruled: Said = { lineBelow: 'border-hairline' };

/** Headers of one bar or more across the top of the page. */
export const rowStarters: Starter[] = [
  {
    id: 'plain-row',
    name: 'Plain row',
    about: 'Logo at the start, links and a button at the end, all on one line.',
    bars: (site) => [
      {
        name: 'Main bar',
        values: ruled,
        bays: { start: [logo], end: [rowMenu(site), action(site)] },
        rules: [folds(), leaves('button'), signs, site.shortens],
      },
    ],
  },
  {
    id: 'centred-links',
    name: 'Links in the middle',
    about: 'The menu truly centred between the logo and a button of the second rank.',
    bars: (site) => [
      {
        name: 'Main bar',
        values: ruled,
        bays: {
          start: [logo],
          middle: [rowMenu(site, { itemGap: 0 })],
          end: [action(site, { rank: 'second' })],
        },
        rules: [folds('centre'), leaves('button'), signs, site.shortens],
      },
    ],
  },
  {
    id: 'split-menu',
    name: 'Logo between links',
    about: 'Half of the links before the logo and half after it, the logo in the very middle of the bar.',
    bars: (site) => [
      {
        name: 'Main bar',
        values: { ...ruled, leastHeight: { desktop: 112, phone: 80 } },
        bays: [[rowMenu(site, { around: 'around', balancedBy: 'width', itemGap: 16 })]],
        rules: [closes, folds('centre'), signs],
      },
    ],
  },
  {
    id: 'two-rows',
    name: 'Strip and main row',
    about: 'A thin dark strip over a row in shares of 1 : 3, whose links stand on the bottom edge.',
    bars: (site) => [
      {
        name: 'Strip',
        values: thinStrip,
        bays: {
          start: [['text', { text: [site.siteName] }]],
          end: [['social', { menu: site.socialMenu(), signSize: 16 }]],
        },
        rules: [leaves('social')],
      },
      {
        name: 'Main bar',
        values: {
          division: { desktop: { by: 'shares', shares: [1, 3] }, phone: { by: 'edges' } },
          across: { desktop: 'end', phone: 'center' },
          leastHeight: { desktop: 84, phone: 64 },
          padding: 0,
          lineBelow: 'border-hairline',
        },
        bays: [[logo], { values: { along: { desktop: 'end' } }, pieces: [rowMenu(site)] }],
        rules: [folds(), signs, site.shortens],
      },
    ],
  },
  {
    id: 'centred-stack',
    name: 'Logo over links',
    about: 'The logo centred in a bar of its own, the menu centred in one below it.',
    bars: (site) => [
      { name: 'Logo bar', values: { leastHeight: { desktop: 112, phone: 72 } }, bays: { middle: [logo] } },
      {
        name: 'Menu bar',
        values: { lineAbove: 'border-hairline', lineBelow: 'border-hairline', leastHeight: 48, padding: 4 },
        bays: { middle: [rowMenu(site, { itemGap: 24 })] },
        rules: [folds()],
      },
    ],
  },
  {
    id: 'app-bar',
    name: 'Menu button, logo, basket',
    about: 'A menu button on every width, the logo in the middle, the basket at the far end.',
    bars: (site) => [
      {
        name: 'Main bar',
        values: ruled,
        bays: {
          start: [['menu', { menu: site.menu, shownAs: 'button', opens: site.drawer }]],
          middle: [logo],
          end: [['basket', { link: site.action, count: 2 }]],
        },
        rules: [signs, site.shortens, ownRow('basket')],
      },
    ],
  },
  {
    id: 'shop',
    name: 'Search in the middle',
    about: 'A search field in the very middle, account and basket behind it, the menu in a bar below.',
    bars: (site) => [
      {
        name: 'Shop bar',
        bays: [
          [logo],
          [['search', { form: 'field', fieldWidth: 420, takesRest: false }]],
          [
            ['account', { joinLabel: '' }],
            ['basket', { link: site.action, count: 2, labelSeen: true }],
          ],
        ],
        rules: [
          narrows,
          { turns: [['basket', 'labelSeen', false]] },
          { turns: [['search', 'form', 'icon']] },
          leaves('account'),
          site.shortens,
          ownRow('search'),
        ],
      },
      {
        name: 'Menu bar',
        values: { ground: 'soft', leastHeight: 44, padding: 0 },
        bays: { start: [rowMenu(site)] },
        rules: [folds()],
      },
    ],
  },
  {
    id: 'equal-cells',
    name: 'Equal cells',
    about:
      'Links in cells of the same width that fill the whole bar, each with a ground of its own on hovering.',
    bars: (site) => [
      {
        name: 'Logo bar',
        bays: {
          start: [logo],
          end: [['contact', { link: { to: 'telephone', telephone: '+44 1632 960000' } }]],
        },
        rules: [site.shortens, leaves('contact')],
      },
      {
        name: 'Menu bar',
        values: { ground: 'deep', ink: 'on-deep', across: 'stretch', padding: 0, leastHeight: 56 },
        bays: [
          [
            rowMenu(site, {
              shownAs: 'cells',
              itemGap: 0,
              itemGround: { hover: 'accent', focus: 'accent' },
              itemInk: { hover: 'on-accent', focus: 'on-accent' },
              itemMarker: { hover: false, current: true },
              belowInk: { rest: 'ink', hover: 'on-accent', focus: 'on-accent' },
            }),
          ],
        ],
        rules: [folds()],
      },
    ],
  },
  {
    id: 'notice',
    name: 'Notice on top',
    about: 'A notice that visitors can dismiss, above a plain row with the search behind an icon.',
    bars: (site) => [
      {
        name: 'Notice bar',
        values: { ...thinStrip, ground: 'accent', ink: 'on-accent' },
        bays: [[['notice', { text: ['Something that everybody should know today.'], takesRest: true }]]],
      },
      {
        name: 'Main bar',
        values: ruled,
        bays: { start: [logo], end: [rowMenu(site), ['search', { form: 'icon' }], action(site)] },
        rules: [folds(), leaves('button'), signs, site.shortens, ownRow('search')],
      },
    ],
  },
  {
    id: 'publication',
    name: 'Publication',
    about: 'A strip with languages and a contact, a large name in the middle, links between two lines.',
    bars: (site) => [
      {
        name: 'Strip',
        values: { leastHeight: 36, padding: 0 },
        bays: {
          start: [['language']],
          end: [['contact', { link: { to: 'email', email: 'hello@example.com' }, icon: 'mail' }]],
        },
        rules: [leaves('contact')],
      },
      {
        name: 'Name bar',
        values: { leastHeight: { desktop: 128, phone: 80 } },
        bays: { middle: [['logo', { shows: 'text', textSize: { desktop: 40, phone: 24 } }]] },
        rules: [shrinks],
      },
      {
        name: 'Menu bar',
        values: { lineAbove: 'border-strong', lineBelow: 'border-hairline', leastHeight: 44, padding: 4 },
        bays: { middle: [rowMenu(site, { itemGap: 20 })] },
        rules: [folds()],
      },
    ],
  },
  {
    id: 'two-menus',
    name: 'Service line above',
    about: 'The small menu at the end of a line of its own, the main menu and a button below it.',
    bars: (site) => [
      {
        name: 'Service bar',
        values: { ground: 'soft', leastHeight: 36, padding: 0 },
        bays: {
          end: [
            ['menu', { menu: site.secondMenu, shownAs: 'row', itemPaddingBlock: 4, typeStyle: 'type-small' }],
          ],
        },
        rules: [folds()],
      },
      {
        name: 'Main bar',
        values: ruled,
        bays: { start: [logo], end: [rowMenu(site), action(site)] },
        rules: [folds(), leaves('button'), signs, site.shortens],
      },
    ],
  },
  {
    id: 'split-by-lines',
    name: 'Parts set apart by lines',
    about: 'Logo, menu, search and account set apart by upright lines, stretched to the height of the bar.',
    bars: (site) => [
      {
        name: 'Main bar',
        values: { ...ruled, across: 'stretch', padding: 0, leastHeight: 72 },
        bays: {
          start: [['logo', { ...logo[1], alignSelf: 'center' }], ['divider'], rowMenu(site)],
          end: [
            ['divider'],
            ['search', { form: 'icon', alignSelf: 'center' }],
            ['divider'],
            ['account', { joinLabel: '', alignSelf: 'center' }],
          ],
        },
        rules: [folds(), signs, leaves('account', 'divider'), site.shortens, ownRow('search')],
      },
    ],
  },
];
