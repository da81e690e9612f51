import { defaultBands } from '@/core/site/defaults';
import { SITE_VERSION, type Site } from '@/core/site/site';
import type { Artwork } from '@/core/site/artwork';
import { assembly, byId, menuOf, pagesFromList } from './build';

/** Hollin Sound Ferries: an invented ferry line between three made-up islands and a mainland harbour. */

const pageList = `
Home  /
Sailings  /sailings
  Today’s sailings  /sailings/today
  Timetable  /sailings/timetable
  Live notices  /sailings/notices
Routes  /routes
  Port Hollin – Wren Island  /routes/wren
  Port Hollin – Great Skerrow  /routes/great-skerrow
  Port Hollin – Little Skerrow  /routes/little-skerrow
  Island hopper  /routes/island-hopper
Fares & tickets  /fares
  Foot passengers  /fares/foot-passengers
  Cars and vans  /fares/cars
  Islander card  /fares/islander-card
  Groups and schools  /fares/groups
On board  /on-board
  The ships  /on-board/ships
  Food and drink  /on-board/food
  Travelling with animals  /on-board/animals
  Getting about on board  /on-board/access
Visit the islands  /islands
  Wren Island  /islands/wren
  Great Skerrow  /islands/great-skerrow
  Little Skerrow  /islands/little-skerrow
  Walks and bays  /islands/walks
Help  /help
  Find a booking  /help/booking
  Changes and refunds  /help/refunds
  Lost property  /help/lost-property
  Contact  /help/contact
Freight & vehicles  /freight
  Book freight  /freight/book
  Loading and lashing  /freight/loading
Book  /book
Basket  /basket
My account  /account
Company  /company
  Who we are  /company/about
  Working with us  /company/jobs
  Newsroom  /company/news
Staff handbook  /handbook
  Safety on deck  /handbook/safety
Terms of carriage  /terms
Privacy  /privacy
`;

export const hollinLogo = `<svg xmlns="http://www.w3.org/2000/svg" width="212" height="48" viewBox="0 0 212 48">
  <path fill="#123f59" d="M4 27h40l-6 13a4 4 0 0 1-3.600 2H13.600a4 4 0 0 1-3.600-2z"/>
  <path fill="#b4552d" d="M23 4v20H8z"/>
  <path fill="#123f59" d="M26 8v16h13z"/>
  <path fill="none" stroke="#123f59" stroke-width="2.500" stroke-linecap="round" d="M2 46q5-4 10 0t10 0 10 0 10 0 6-2"/>
  <g fill="none" stroke="#123f59" stroke-width="3.200" stroke-linecap="round" stroke-linejoin="round">
    <path d="M60 8v16M71 8v16M60 16h11"/>
    <circle cx="84" cy="18.500" r="5.500"/>
    <path d="M97 8v16M104 8v16M111 13v11M111 8v.1M118 24V13M118 17q2-4 5.500-4t4 4v7"/>
  </g>
  <g fill="none" stroke="#b4552d" stroke-width="2" stroke-linecap="round" stroke-linejoin="round">
    <path d="M66 33q-6-2-6 1.600t6 2.400-6 4M72 38a3 3 0 1 0 6 0 3 3 0 1 0-6 0M83 35v4q0 2 2.500 2t2.500-2v-4M93 41v-6M93 37q1-2 3-2t2 2v4M109 32v9M109 38a3 3 0 1 0-6 0 3 3 0 1 0 6 0"/>
    <path d="M122 41v-9h6M122 36.500h5M133 38h6a3 3 0 1 0-1 2M144 41v-6q1-1 3-1M151 41v-6q1-1 3-1M158 35v6M158 31.500v.1M163 38h6a3 3 0 1 0-1 2M178 35q-4-1-4 1.200t4 1.600-4 3"/>
  </g>
</svg>`;

const pages = pagesFromList(pageList);

const mainPaths = ['/sailings', '/routes', '/fares', '/on-board', '/islands', '/help'];
const menus = [
  menuOf('m-main', 'Main', pages, mainPaths, true),
  menuOf('m-service', 'Service', pages, ['/freight', '/company', '/account'], false),
  menuOf('m-footer', 'Footer', pages, ['/sailings', '/fares', '/help', '/company'], true),
];

const header = assembly('headers', 'h-main', 'Main header', [
  {
    name: 'Notice bar',
    values: { ground: 'deep', ink: 'on-deep', leastHeight: 32, padding: 2 },
    bays: {
      start: [
        [
          'text',
          {
            text: 'Strong wind on Thursday: the last boat to Great Skerrow leaves at 16:10.',
            textSize: { desktop: 14, phone: 13 },
          },
        ],
      ],
      end: [
        [
          'menu',
          {
            menu: 'm-service',
            textSize: 14,
            itemPaddingBlock: 4,
            shown: { desktop: 'shown', tablet: 'hidden' },
          },
        ],
      ],
    },
  },
  {
    name: 'Main bar',
    values: { edge: 'below', leastHeight: { desktop: 72, phone: 56 } },
    bays: {
      start: [['logo', { artwork: 'a-logo', artworkHeight: { desktop: 44, phone: 36 } }]],
      end: [
        [
          'menu',
          {
            menu: 'm-main',
            shownAs: { desktop: 'row', tablet: 'button' },
            opens: 'd-main',
            itemGap: 2,
            itemPaddingInline: 7,
          },
        ],
        [
          'button',
          {
            label: 'Book a crossing',
            link: { to: 'page', page: 'pg-book' },
            shown: { desktop: 'shown', phone: 'hidden' },
          },
        ],
      ],
    },
  },
]);

const drawer = assembly(
  'drawers',
  'd-main',
  'Main drawer',
  [
    {
      name: 'Panel',
      values: { bays: 'stacked', across: 'start', pieceGap: 24 },
      bays: {
        start: [
          ['menu', { menu: 'm-main', shownAs: 'column', textSize: 17, itemGap: 2 }],
          ['menu', { menu: 'm-service', shownAs: 'column', textSize: 15, itemGap: 0 }],
          ['button', { label: 'Book a crossing', link: { to: 'page', page: 'pg-book' } }],
        ],
      },
    },
  ],
  { width: { desktop: 344, phone: 304 } },
);

const footer = assembly('footers', 'f-big', 'Big footer', [
  {
    name: 'Links',
    values: {
      ground: 'deep',
      ink: 'on-deep',
      padding: { desktop: 48, phone: 32 },
      across: 'start',
      bays: { desktop: 'beside', tablet: 'stacked' },
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
      end: [['text', { text: 'Ferry House, Quay 2, Port Hollin · 01632 960 117' }]],
    },
  },
  {
    name: 'Legal bar',
    values: { ground: 'deep', ink: 'on-deep', leastHeight: 48, padding: 4 },
    bays: {
      start: [
        [
          'text',
          { text: '© Hollin Sound Ferries. An invented company, made up for this demo.', textSize: 14 },
        ],
      ],
    },
  },
]);

const smallFooter = assembly('footers', 'f-small', 'Small footer', [
  {
    name: 'Legal bar',
    values: { ground: 'soft', leastHeight: 48, padding: 4 },
    bays: {
      start: [['text', { text: '© Hollin Sound Ferries', textSize: 14 }]],
      end: [['menu', { menu: 'm-service', textSize: 14 }]],
    },
  },
]);

/** The demo site; `logo` describes the artwork once its bytes are kept. */
export function hollinSound(id: string, logo: Pick<Artwork, 'type' | 'width' | 'height' | 'hash'>): Site {
  return {
    version: SITE_VERSION,
    id,
    name: 'Hollin Sound Ferries',
    language: 'en',
    bands: defaultBands,
    brand: {
      colours: {
        ground: '#fffefb',
        soft: '#eef2f1',
        deep: '#123f59',
        ink: '#16303f',
        muted: '#56696f',
        'on-deep': '#f3f7f5',
        accent: '#a8481f',
        'on-accent': '#ffffff',
        line: '#cfd8d8',
      },
      fonts: { text: 'figtree', heading: 'source-serif-4' },
      values: { gutter: { desktop: 32, phone: 20 } },
    },
    placing: { header: header.id, footer: footer.id },
    pageOrder: pages.map((page) => page.id),
    pages: byId(pages),
    menus: byId(menus),
    headers: byId([header]),
    drawers: byId([drawer]),
    footers: byId([footer, smallFooter]),
    artwork: byId([{ id: 'a-logo', name: 'Hollin logo', alt: 'Hollin Sound Ferries', ...logo }]),
  };
}
