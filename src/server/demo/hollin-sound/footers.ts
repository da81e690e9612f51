import { assembly } from '../build';

/** Links, news and where the line is at home on one deep ground; what is legible on it is worked out. */
const deep = { ground: 'deep', set: true, across: 'start', padding: { desktop: 40, phone: 28 } };

export const footer = assembly('footers', 'f-big', 'Big footer', [
  {
    name: 'Links and news',
    values: {
      ...deep,
      division: { desktop: { by: 'shares', shares: [2, 1] }, tablet: { by: 'stack' } },
      bayGap: { desktop: 32, tablet: 28 },
    },
    bays: [
      {
        values: { along: { desktop: 'start', tablet: 'spread' } },
        pieces: [
          [
            'links',
            {
              menu: 'm-footer',
              grouped: 'columns',
              columns: { desktop: 4, tablet: 2, phone: 1 },
              columnGap: { desktop: 14, tablet: 24, phone: 0 },
              unfolds: { desktop: 'open', phone: 'one' },
              lines: { desktop: null, phone: 'border-hairline' },
              takesRest: true,
            },
          ],
        ],
      },
      [
        [
          'newsletter',
          {
            label: { all: 'The tide letter, once a month', de: 'Der Gezeitenbrief, einmal im Monat' },
            consent: {
              all: [
                'You may write to me; see ',
                { words: 'Privacy', link: { to: 'page', page: 'pg-privacy' } },
              ],
              de: [
                'Sie dürfen mir schreiben; siehe ',
                { words: 'Datenschutz', link: { to: 'page', page: 'pg-privacy' } },
              ],
            },
          },
        ],
      ],
    ],
  },
  {
    name: 'At home',
    values: {
      ...deep,
      lineAbove: 'border-hairline',
      division: { desktop: { by: 'shares', shares: [1, 1, 1] }, tablet: { by: 'stack' } },
      bayGap: { desktop: 48, tablet: 28 },
    },
    bays: [
      [
        [
          'address',
          {
            name: { all: 'Ferry House', de: 'Fährhaus' },
            line1: 'Quay 2',
            line2: 'Port Hollin',
            telephone: '+44 1632 960117',
            telephoneRead: '01632 960 117',
            mail: 'crew@hollin-sound.example',
            asData: true,
          },
        ],
      ],
      [
        [
          'address',
          {
            hours: 'Mon-Fri 6:30-20; Sat 8-18; Sun 9-12, 14-18',
            hoursHeading: { all: 'Ticket office', de: 'Fahrkarten' },
          },
        ],
      ],
      {
        values: { along: 'start' },
        pieces: [
          ['social', { menu: 'm-social' }],
          ['pictures', { menu: 'm-partners', pictureHeight: 24, pictureGap: 12 }],
        ],
      },
    ],
  },
  {
    name: 'Legal bar',
    values: {
      ground: 'deep',
      set: true,
      shade: -18,
      leastHeight: 64,
      padding: 8,
      division: { desktop: { by: 'edges' }, tablet: { by: 'stack' } },
      across: { desktop: 'center', tablet: 'start' },
      bayGap: { desktop: 24, tablet: 4 },
      pieceGap: { desktop: 24, phone: 4 },
    },
    bays: {
      start: [
        // Opened upwards, it lies over nothing that is followed.
        ['language', { form: 'drop', textSize: 14 }],
        [
          'text',
          {
            text: {
              all: ['© 2026 Hollin Sound Ferries, an invented company.'],
              de: ['© 2026 Hollin Sound Ferries, eine erfundene Firma.'],
            },
            yearFollows: true,
            textSize: 14,
          },
        ],
      ],
      end: [
        [
          'links',
          {
            menu: 'm-legal',
            run: { desktop: 'row', phone: 'column' },
            linkGap: { desktop: 20, phone: 8 },
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
    values: {
      ground: 'soft',
      set: true,
      leastHeight: 56,
      padding: 4,
      division: { desktop: { by: 'edges' }, tablet: { by: 'stack' } },
      across: { desktop: 'center', tablet: 'start' },
      bayGap: { desktop: 24, tablet: 0 },
    },
    bays: {
      start: [['text', { text: ['© Hollin Sound Ferries'], textSize: 14 }]],
      end: [
        [
          'links',
          {
            menu: 'm-service',
            run: { desktop: 'row', phone: 'column' },
            linkGap: { desktop: 20, phone: 8 },
            textSize: 14,
          },
        ],
      ],
    },
  },
]);
