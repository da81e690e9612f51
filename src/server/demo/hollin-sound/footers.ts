import { assembly } from '../build';

export const footer = assembly('footers', 'f-big', 'Big footer', [
  {
    name: 'Links',
    values: {
      ground: 'deep',
      ink: 'on-deep',
      padding: { desktop: 48, phone: 32 },
      across: 'start',
      division: { desktop: { by: 'edges' }, tablet: { by: 'stack' } },
      bayGap: 32,
    },
    bays: {
      start: [
        [
          'menu',
          {
            menu: 'm-footer',
            shownAs: { desktop: 'columns', phone: 'column' },
            itemGap: { desktop: 40, phone: 12 },
            itemPaddingBlock: 4,
            itemPaddingInline: 0,
            textSize: 15,
          },
        ],
      ],
      end: [
        ['logo', { version: 'fullOnDark', artworkHeight: 40 }],
        ['text', { text: ['Ferry House, Quay 2, Port Hollin'] }],
      ],
    },
  },
  {
    name: 'Legal bar',
    values: {
      ground: 'deep',
      ink: 'on-deep',
      leastHeight: 64,
      padding: 8,
      lineAbove: 'border-hairline',
      division: { desktop: { by: 'edges' }, tablet: { by: 'stack' } },
      bayGap: { desktop: 24, tablet: 4 },
    },
    bays: {
      start: [
        [
          'text',
          {
            text: {
              all: ['© Hollin Sound Ferries. An invented company, made up for this demo.'],
              de: ['© Hollin Sound Ferries. Eine erfundene Firma, nur für diese Vorführung.'],
            },
            textSize: 14,
          },
        ],
      ],
      end: [
        [
          'menu',
          {
            menu: 'm-legal',
            shownAs: { desktop: 'row', phone: 'column' },
            itemGap: { desktop: 12, phone: 0 },
            itemPaddingInline: 4,
            textSize: 14,
          },
        ],
      ],
    },
  },
]);

export const smallFooter = assembly('footers', 'f-small', 'Small footer', [
  {
    name: 'Legal bar',
    values: { ground: 'soft', leastHeight: 56, padding: 4 },
    bays: {
      start: [['text', { text: ['© Hollin Sound Ferries'], textSize: 14 }]],
      end: [['menu', { menu: 'm-service', textSize: 14 }]],
    },
  },
]);
