import { defaultBands } from '@/core/site/defaults';
import { SITE_VERSION, type Site } from '@/core/site/site';
import type { Artwork } from '@/core/site/artwork';
import { defaultBrand, newMenu } from '@/core/site/defaults';
import type { Menu, MenuItem } from '@/core/site/menu';
import type { Page } from '@/core/site/page';
import type { SaidBar, SaidRule } from '@/core/site/compose';
import { folds, leaves, shortens, signs } from '@/core/starters/giving-way';
import type { LinkedFile } from '@/core/site/file';
import { assembly, byId, colours, menuOf, menuWith, pagesFromList, typeStyles } from './build';

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

const fullLogo = `<svg xmlns="http://www.w3.org/2000/svg" width="212" height="48" viewBox="0 0 212 48">
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

const markOnly = fullLogo
  .replace('width="212"', 'width="48"')
  .replace('viewBox="0 0 212 48"', 'viewBox="0 0 48 48"')
  .replace(/ *<g[\s\S]*<\/g>\n/, '');

const onDark = (svg: string) => svg.replaceAll('#123f59', '#f3f7f5').replaceAll('#b4552d', '#f2b08a');

/** The versions of the logo as files, by the id and name of the artwork. */
export const hollinArtwork = [
  { id: 'a-logo', name: 'Hollin logo', svg: fullLogo },
  { id: 'a-mark', name: 'Hollin mark', svg: markOnly },
  { id: 'a-logo-dark', name: 'Hollin logo on dark', svg: onDark(fullLogo) },
  { id: 'a-mark-dark', name: 'Hollin mark on dark', svg: onDark(markOnly) },
] as const;

/** A file to be linked to. */
export const timetable = {
  name: 'winter-timetable.txt',
  text: 'Hollin Sound Ferries: winter timetable\n\nPort Hollin 07:10  Wren Island 07:55\nPort Hollin 09:40  Great Skerrow 10:50\nPort Hollin 16:10  Great Skerrow 17:20\n',
};

/** Titles in the site’s second language, by path. */
const german: Record<string, string> = {
  '/': 'Startseite',
  '/sailings': 'Abfahrten',
  '/sailings/today': 'Abfahrten heute',
  '/sailings/timetable': 'Fahrplan',
  '/sailings/notices': 'Betriebsmeldungen',
  '/routes': 'Verbindungen',
  '/fares': 'Fahrpreise und Fahrkarten',
  '/fares/foot-passengers': 'Fußpassagiere',
  '/fares/cars': 'Personenkraftwagen und Kleintransporter',
  '/on-board': 'An Bord',
  '/islands': 'Inseln entdecken',
  '/help': 'Hilfe',
  '/help/refunds': 'Umbuchungen und Erstattungen',
  '/freight': 'Fracht und Fahrzeugverladung',
  '/company': 'Unternehmen',
  '/account': 'Mein Konto',
};

const tagsOf = (path: string) =>
  ['/book', '/basket', '/account'].includes(path) ? ['shop'] : path.startsWith('/handbook') ? ['staff'] : [];

const pages = pagesFromList(pageList).map((page): Page => ({
  ...page,
  titles: german[page.path] === undefined ? {} : { de: german[page.path]! },
  tags: tagsOf(page.path),
}));

const mainPaths = ['/sailings', '/routes', '/fares', '/on-board', '/islands', '/help'];
const mainMenu = menuWith(menuOf('m-main', 'Main', pages, mainPaths, true), pages, [], {
  'Visit the islands': { shown: { desktop: 'shown', tablet: 'hidden', phone: 'shown' } },
  'Today’s sailings': { icon: 'clock', description: 'What leaves when, with delays' },
  Timetable: { icon: 'calendar', description: 'All sailings of the season' },
  'Live notices': { icon: 'bell', badge: '2', description: 'Weather, works and cancellations' },
});
const titleOf = ({ link }: MenuItem) =>
  link.to === 'page' ? pages.find(({ id }) => id === link.page)!.title : null;

/** Who holds a phone wants to know when the boat leaves and what it costs. */
const phoneOrder = ['Sailings', 'Fares & tickets', 'Help', 'Routes', 'On board', 'Visit the islands'].map(
  (title) => mainMenu.top.find((id) => titleOf(mainMenu.items[id]!) === title)!,
);

const menus: Menu[] = [
  { ...mainMenu, values: { order: { phone: phoneOrder } } },
  menuWith(
    menuOf('m-service', 'Service', pages, ['/freight', '/company', '/account'], false),
    pages,
    [
      { label: 'English', link: { to: 'language', language: 'en' } },
      { label: 'Deutsch', link: { to: 'language', language: 'de' } },
    ],
    { 'Freight & vehicles': { icon: 'truck' }, 'My account': { icon: 'user' }, English: { icon: 'globe' } },
  ),
  menuWith(
    menuOf('m-footer', 'Footer', pages, ['/sailings', '/fares', '/help', '/company'], true),
    pages,
    [],
  ),
  menuWith(newMenu({ id: 'm-legal', name: 'Legal' }), pages, [
    { link: { to: 'dialog', page: 'pg-terms' } },
    { link: { to: 'page', page: 'pg-privacy' } },
    { label: 'Winter timetable', link: { to: 'file', file: 'fl-timetable' } },
    { label: '01632 960 117', link: { to: 'telephone', telephone: '+44 1632 960117' } },
    { label: 'crew@hollin-sound.example', link: { to: 'email', email: 'crew@hollin-sound.example' } },
  ]),
];

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

const header = assembly('headers', 'h-main', 'Main header', mainBars, {
  scrolling: { desktop: 'stays', phone: 'returns' },
  lies: 'over',
  phaseAt: 120,
});

const handbookHeader = assembly(
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

const drawer = assembly(
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

const footer = assembly('footers', 'f-big', 'Big footer', [
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

const smallFooter = assembly('footers', 'f-small', 'Small footer', [
  {
    name: 'Legal bar',
    values: { ground: 'soft', leastHeight: 56, padding: 4 },
    bays: {
      start: [['text', { text: ['© Hollin Sound Ferries'], textSize: 14 }]],
      end: [['menu', { menu: 'm-service', textSize: 14 }]],
    },
  },
]);

/** What was read of bytes that the demo brings. */
export interface DemoBytes {
  artwork: Record<string, Pick<Artwork, 'type' | 'width' | 'height' | 'bytes' | 'hash'>>;
  timetable: Pick<LinkedFile, 'bytes' | 'hash'>;
}

/** The demo site, once the bytes of its artwork and files are kept. */
export function hollinSound(id: string, bytes: DemoBytes): Site {
  return {
    version: SITE_VERSION,
    id,
    name: 'Hollin Sound Ferries',
    address: 'https://www.hollin-sound.example',
    languages: ['en', 'de'],
    words: { values: {} },
    bands: defaultBands,
    brand: {
      ...defaultBrand,
      colours: colours(
        {
          ground: '#fffefb',
          soft: '=c-foam',
          deep: '=c-deep-water',
          ink: '#16303f',
          muted: '#56696f',
          'on-deep': '#f3f7f5',
          accent: '=c-rust',
          line: '#cfd8d8',
          shade: 'rgb(18 63 89 / 20%)',
        },
        { Foam: '#eef2f1', 'Deep water': '#123f59', Rust: '#a8481f', Buoy: 'oklch(78% 0.15 75)' },
      ),
      typeStyles: typeStyles({
        'type-heading': {
          family: 'source-serif-4',
          size: { from: { at: 360, px: 30 }, to: { at: 1200, px: 46 } },
        },
      }),
      logo: { full: 'a-logo', compact: 'a-mark', fullOnDark: 'a-logo-dark', compactOnDark: 'a-mark-dark' },
      values: { gutter: { desktop: 32, phone: 20 } },
    },
    placing: { header: header.id, footer: footer.id },
    pageOrder: pages.map((page) => page.id),
    pages: byId(pages),
    menus: byId(menus),
    headers: byId([header, handbookHeader]),
    drawers: byId([drawer]),
    footers: byId([footer, smallFooter]),
    artwork: byId(
      hollinArtwork.map(({ id: artwork, name }) => ({
        id: artwork,
        name,
        alt: 'Hollin Sound Ferries',
        ...bytes.artwork[artwork]!,
      })),
    ),
    fonts: {},
    files: byId([{ id: 'fl-timetable', name: timetable.name, ...bytes.timetable }]),
  };
}
