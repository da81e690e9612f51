import { defaultBands, defaultBrand } from '@/core/site/defaults';
import { SITE_VERSION, type Site } from '@/core/site/site';
import { shrinks, signs } from '@/core/starters/giving-way';
import { assembly, byId, colours, menuOf, pagesFromList, typeStyles } from './build';

/** Orrery House: an invented planetarium, with its name in the middle of the header. */

const pages = pagesFromList(
  `
Home  /
Tonight’s sky  /tonight
Shows  /shows
Workshops  /workshops
Plan a visit  /visit
Friends of the House  /friends
Imprint  /imprint
`,
  { '/': 'night', '/tonight': 'timetable', '/shows': 'news', '/visit': 'fares', '/imprint': 'short' },
);

const menus = [
  menuOf('m-sky', 'Sky', pages, ['/tonight', '/shows', '/workshops'], false),
  menuOf('m-house', 'House', pages, ['/visit', '/friends'], false),
];

const header = assembly('headers', 'h-orrery', 'Main header', [
  {
    name: 'Main bar',
    values: { leastHeight: { desktop: 105, phone: 81 }, lineBelow: 'border-hairline' },
    bays: {
      start: [['menu', { menu: 'm-sky', shownAs: 'row', opens: 'd-orrery' }]],
      middle: [['logo', { text: 'Orrery House', textSize: { desktop: 28, phone: 20 } }]],
      end: [['menu', { menu: 'm-house' }]],
    },
    rules: [
      {
        when: { by: 'centre', margin: 16 },
        turns: [
          ['menu 1', 'shownAs', 'button'],
          ['menu 2', 'shown', 'hidden'],
        ],
      },
      signs,
      shrinks,
    ],
  },
]);

const drawer = assembly(
  'drawers',
  'd-orrery',
  'Drawer',
  [
    {
      name: 'Head',
      values: { part: 'head', leastHeight: 56, padding: 4 },
      bays: { start: [['close', {}]] },
    },
    {
      name: 'Panel',
      values: { division: { by: 'stack' }, across: 'stretch' },
      bays: {
        start: [
          ['menu', { menu: 'm-sky', shownAs: 'column', unfolds: 'one' }],
          ['menu', { menu: 'm-house', shownAs: 'column' }],
        ],
      },
    },
  ],
  { side: 'start' },
);

const footer = assembly('footers', 'f-orrery', 'Footer', [
  {
    name: 'Legal bar',
    values: { ground: 'soft', padding: 16 },
    bays: { middle: [['text', { text: ['Orrery House, an invented planetarium.'] }]] },
  },
]);

/** The second, small demo site. */
export function orreryHouse(id: string): Site {
  return {
    version: SITE_VERSION,
    id,
    name: 'Orrery House',
    address: null,
    embeds: [],
    languages: ['en'],
    words: { values: {} },
    bands: defaultBands,
    brand: {
      ...defaultBrand,
      colours: colours({ accent: '#5a3d8a', deep: '#1d1836' }),
      typeStyles: typeStyles(
        Object.fromEntries(Object.keys(defaultBrand.typeStyles).map((id) => [id, { family: 'archivo' }])),
      ),
    },
    placing: { header: header.id, footer: footer.id, rules: [] },
    pageOrder: pages.map((page) => page.id),
    pages: byId(pages),
    menus: byId(menus),
    headers: byId([header]),
    drawers: byId([drawer]),
    footers: byId([footer]),
    artwork: {},
    fonts: {},
    files: {},
  };
}
