import { signs } from './giving-way';
import type { Starter } from './starter';

/** Headers along the side of the page, that turn into a bar on the phone. */
export const sideStarters: Starter[] = [
  {
    id: 'side-turned',
    name: 'Along the side, turned',
    about:
      'A narrow strip at the side with turned links in its middle; a row with a menu button on the phone.',
    values: {
      stands: { desktop: 'spread', phone: 'row' },
      sideWidth: 128,
    },
    bars: ({ menu, drawer, action, shortens }) => [
      {
        name: 'Logo bar',
        values: {
          division: { desktop: { by: 'stack' }, phone: { by: 'edges' } },
          across: 'center',
          padding: { desktop: 16, phone: 8 },
        },
        bays: { middle: [['logo', { version: 'compact' }]] },
        rules: [shortens],
      },
      {
        name: 'Menu bar',
        values: { division: { desktop: { by: 'stack' }, phone: { by: 'edges' } }, across: 'center' },
        bays: {
          start: [
            [
              'menu',
              {
                menu,
                shownAs: { desktop: 'column', phone: 'button' },
                opens: drawer,
                turned: { desktop: true, phone: false },
                itemGap: 16,
              },
            ],
          ],
        },
        rules: [signs],
      },
      {
        name: 'Contact bar',
        values: {
          division: { by: 'stack' },
          across: 'center',
          shown: { desktop: 'shown', phone: 'hidden' },
        },
        bays: { start: [['button', { label: 'Contact', link: action, rank: 'third' }]] },
      },
    ],
  },
  {
    id: 'side-panel',
    name: 'Side panel',
    about: 'A wide panel at the side with the whole menu as a column, on its own ground.',
    values: { stands: { desktop: 'side', phone: 'row' }, sideWidth: 304, sideGutter: 24 },
    bars: ({ menu, drawer, shortens }) => [
      {
        name: 'Logo bar',
        values: { padding: { desktop: 24, phone: 8 } },
        bays: { start: [['logo', { version: { desktop: 'full', phone: 'compact' } }]] },
        rules: [shortens],
      },
      {
        name: 'Menu bar',
        values: {
          division: { desktop: { by: 'stack' }, phone: { by: 'edges' } },
          across: { desktop: 'stretch', phone: 'center' },
        },
        bays: [
          [['menu', { menu, shownAs: { desktop: 'column', phone: 'button' }, opens: drawer, itemGap: 0 }]],
        ],
        rules: [signs],
      },
      {
        name: 'Search bar',
        values: { shown: { desktop: 'shown', phone: 'hidden' } },
        bays: { start: [['search', { fieldWidth: 192 }]] },
      },
    ],
  },
];
