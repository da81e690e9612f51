import type { Menu, MenuItem } from '@/core/site/menu';
import { newMenu } from '@/core/site/defaults';
import type { Page } from '@/core/site/page';
import type { PageStandInId } from '@/core/site/page-stand-in';
import { menuOf, menuWith, pagesFromList } from '../build';
import { partners } from './artwork';

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

const standIns: Record<string, PageStandInId> = {
  '/': 'deck',
  '/sailings': 'timetable',
  '/sailings/today': 'timetable',
  '/sailings/timetable': 'timetable',
  '/sailings/notices': 'news',
  '/fares': 'fares',
  '/fares/foot-passengers': 'fares',
  '/fares/cars': 'fares',
  '/islands': 'story',
  '/islands/wren': 'story',
  '/freight': 'harbour',
  '/company/news': 'news',
  '/basket': 'short',
  '/handbook': 'short',
  '/privacy': 'short',
};

export const pages = pagesFromList(pageList, standIns).map((page): Page => ({
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

export const menus: Menu[] = [
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
    { link: { to: 'page', page: 'pg-islands' } },
    { label: 'Winter timetable', link: { to: 'file', file: 'fl-timetable' } },
  ]),
  menuWith(
    newMenu({ id: 'm-social', name: 'Follow us' }),
    pages,
    [
      { label: 'Messages', link: { to: 'address', address: 'https://messages.example/hollin-sound' } },
      { label: 'Pictures', link: { to: 'address', address: 'https://pictures.example/hollin-sound' } },
      { label: 'Community', link: { to: 'address', address: 'https://community.example/hollin-sound' } },
    ],
    {
      Messages: { icon: 'message-circle' },
      Pictures: { icon: 'camera' },
      Community: { icon: 'users' },
    },
  ),
  menuWith(
    newMenu({ id: 'm-partners', name: 'Partners' }),
    pages,
    partners.map(({ name, address }) => ({ label: name, link: { to: 'address', address } })),
    Object.fromEntries(partners.map(({ id, name }) => [name, { picture: id }])),
  ),
];
