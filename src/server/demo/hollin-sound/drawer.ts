import { assembly } from '../build';

export const drawer = assembly(
  'drawers',
  'd-main',
  'Main drawer',
  [
    {
      name: 'Head',
      values: { part: 'head', leastHeight: 64, padding: 4, lineBelow: 'border-hairline' },
      bays: {
        start: [['logo', { version: 'compact', artworkHeight: 36 }]],
        end: [['close', {}]],
      },
    },
    {
      name: 'Panel',
      values: { division: { by: 'stack' }, across: 'stretch', pieceGap: 20 },
      bays: {
        start: [
          [
            'profile',
            {
              inName: { all: 'Robin Tern' },
              inLine: { all: '3 crossings booked', de: '3 Fahrten gebucht' },
              inLink: { to: 'page', page: 'pg-account' },
              outName: { all: 'Sign in', de: 'Anmelden' },
              outLink: { to: 'page', page: 'pg-account' },
              shows: 'in',
            },
          ],
          [
            'menu',
            {
              menu: 'm-main',
              landmark: { de: 'Hauptmenü' },
              shownAs: 'column',
              unfolds: 'levels',
              lines: 'border-hairline',
              textSize: 17,
              itemGap: 0,
              itemPaddingInline: 0,
            },
          ],
          [
            'menu',
            {
              menu: 'm-service',
              landmark: { de: 'Service' },
              shownAs: 'column',
              textSize: 15,
              itemGap: 0,
              itemPaddingInline: 0,
            },
          ],
        ],
      },
    },
    {
      name: 'Foot',
      values: { part: 'foot', division: { by: 'stack' }, across: 'stretch', ground: 'soft', padding: 12 },
      bays: {
        start: [
          [
            'button',
            {
              label: { all: 'Book a crossing', de: 'Jetzt buchen' },
              link: { to: 'page', page: 'pg-book' },
            },
          ],
        ],
      },
    },
  ],
  { width: { desktop: 360, phone: { least: [320, { px: 0, share: 0.88 }] } }, shadow: 'shadow-high' },
);
