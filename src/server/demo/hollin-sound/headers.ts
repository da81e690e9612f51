import type { SaidBar, SaidRule } from '@/core/site/compose';
import { folds, leaves, shortens, signs } from '@/core/starters/giving-way';
import { assembly } from '../build';

/** The first to give way: room beside items, and the size of the logo. */
const tightens: SaidRule = {
  turns: [
    ['menu', 'itemPaddingInline', 3],
    ['menu', 'itemGap', 0],
    ['logo', 'artworkHeight', 36],
  ],
};

const mainBars: SaidBar[] = [
  {
    name: 'Notice bar',
    values: { ground: 'deep', ink: 'on-deep', leastHeight: 36, padding: 2, stays: 'leaves' },
    bays: {
      start: [
        [
          'text',
          {
            text: {
              all: ['Strong wind on Thursday: the last boat to Great Skerrow leaves at 16:10.'],
              de: ['Starker Wind am Donnerstag: letztes Schiff um 16:10.'],
            },
            textSize: { desktop: 14, phone: 13 },
          },
        ],
      ],
      end: [
        [
          'menu',
          {
            menu: 'm-service',
            landmark: { de: 'Service' },
            textSize: 14,
            itemPaddingBlock: 4,
          },
        ],
      ],
    },
    rules: [leaves('menu')],
  },
  {
    name: 'Main bar',
    values: {
      lineBelow: { desktop: null, 'desktop:scrolled': 'border-hairline' },
      leastHeight: { desktop: 88, 'desktop:scrolled': 64, phone: 72 },
      ground: { desktop: 'none', 'desktop:scrolled': 'ground' },
    },
    bays: {
      start: [
        [
          'logo',
          {
            version: 'full',
            artworkHeight: { desktop: 44, 'desktop:scrolled': 36, phone: 40 },
          },
        ],
      ],
      end: [
        [
          'menu',
          {
            menu: 'm-main',
            landmark: { de: 'Hauptmenü' },
            shownAs: 'row',
            opens: 'd-main',
            itemGap: 2,
            itemPaddingInline: 7,
            descriptions: true,
            panel: 'columns',
            panelColumns: 2,
            belowGap: 4,
            belowMotion: 'drop',
            buttonLabelSeen: { desktop: true, phone: false },
          },
        ],
        [
          'button',
          {
            label: { all: 'Book a crossing', de: 'Jetzt buchen' },
            link: { to: 'page', page: 'pg-book' },
          },
        ],
      ],
    },
    rules: [tightens, folds(), shortens, leaves('button'), signs],
  },
];

export const header = assembly('headers', 'h-main', 'Main header', mainBars, {
  scrolling: { desktop: 'stays', phone: 'returns' },
  lies: 'over',
  phaseAt: 120,
});

export const handbookHeader = assembly(
  'headers',
  'h-handbook',
  'Handbook header',
  [
    {
      name: 'Logo bar',
      values: {
        division: { desktop: { by: 'stack' }, phone: { by: 'edges' } },
        padding: { desktop: 20, phone: 8 },
        leastHeight: 72,
      },
      bays: { start: [['logo', { version: 'compact', artworkHeight: 40 }]] },
    },
    {
      name: 'Menu bar',
      values: { division: { desktop: { by: 'stack' }, phone: { by: 'edges' } }, leastHeight: 72 },
      bays: {
        start: [
          [
            'menu',
            {
              menu: 'm-service',
              shownAs: { desktop: 'column', phone: 'button' },
              opens: 'd-main',
              turned: { desktop: true, phone: false },
              itemGap: 16,
            },
          ],
        ],
      },
    },
    {
      name: 'Contact bar',
      values: {
        division: { by: 'stack' },
        padding: 20,
        leastHeight: 56,
        shown: { desktop: 'shown', phone: 'hidden' },
      },
      bays: {
        start: [
          [
            'contact',
            { link: { to: 'telephone', telephone: '+44 1632 960117' }, words: 'Bridge', icon: 'phone' },
          ],
        ],
      },
    },
  ],
  {
    stands: { desktop: 'spread', phone: 'row' },
    notes: 'For the staff handbook, once it has pages of its own.',
  },
);

/** What stands where nobody should be led away: on the way to paying, and where somebody came to for one thing. */
export const plainHeader = assembly('headers', 'h-plain', 'Plain header', [
  {
    name: 'Main bar',
    values: { leastHeight: 72, lineBelow: 'border-hairline' },
    bays: {
      start: [['logo', { version: { desktop: 'full', phone: 'compact' }, artworkHeight: 40 }]],
      end: [
        [
          'contact',
          { link: { to: 'telephone', telephone: '+44 1632 960117' }, words: '01632 960 117', icon: 'phone' },
        ],
      ],
    },
  },
]);
