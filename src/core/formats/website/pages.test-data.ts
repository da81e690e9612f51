/** A page of a made-up site, and what a person finds in its header and footer. */
export interface MadePage {
  build: string;
  html: string;
  name: string | null;
  /** The menus by name, with how many items each has. */
  menus: Record<string, number>;
  /** How many links of header and footer there are in all, those of logos aside. */
  links: number;
  more?: Partial<{ languages: string[]; address: string[]; telephone: string; mail: string; rights: string }>;
}

const page = (title: string, body: string, lang = 'en') =>
  `<!doctype html><html lang="${lang}"><head><title>${title}</title></head><body>${body}</body></html>`;
const links = (...labels: string[]) =>
  labels
    .map((label) => `<li><a href="/${label.toLowerCase().replace(/\W+/g, '-')}">${label}</a></li>`)
    .join('\n');

/** Ten pages of different build. */
export const madePages: readonly MadePage[] = [
  {
    build: 'landmarks and lists',
    html: page(
      'Boats – Alder Quay',
      `<header><a href="/"><img src="quay.svg" alt="Alder Quay"></a>
      <nav aria-label="Main"><ul>${links('Boats', 'Moorings', 'Prices')}</ul></nav></header>
      <main><h1>Boats</h1><nav><ul>${links('Not this')}</ul></nav></main>
      <footer><nav aria-label="Legal"><ul>${links('Imprint', 'Privacy')}</ul></nav><p>© 2026 Alder Quay</p></footer>`,
    ),
    name: 'Alder Quay',
    menus: { Main: 3, Legal: 2 },
    links: 5,
    more: { rights: '© 2026 Alder Quay' },
  },
  {
    build: 'a menu of three levels',
    html: page(
      'Home | Fen Museum',
      `<header><nav><ul><li><a href="/visit">Visit</a><ul><li><a href="/visit/prices">Prices</a>
      <ul><li><a href="/visit/prices/groups">Groups</a></li></ul></li></ul></li>
      <li><a href="/shows">Shows</a></li></ul></nav></header><footer><a href="/imprint">Imprint</a></footer>`,
    ),
    name: 'Fen Museum',
    menus: { Main: 4, Footer: 1 },
    links: 5,
  },
  {
    build: 'boxes with names, no landmarks',
    html: page(
      'Larch Bakery',
      `<div id="masthead"><div class="brand"><img src="l.png" alt="Larch Bakery logo"></div>
      <ul class="menu">${links('Bread', 'Cakes', 'Shops')}</ul></div>
      <div class="content"><p>Fresh every day.</p></div>
      <div id="footer"><p>Copyright Larch Bakery</p><ul>${links('Jobs')}</ul></div>`,
    ),
    name: 'Larch Bakery',
    menus: { Main: 3, 'Copyright Larch Bakery': 1 },
    links: 4,
  },
  {
    build: 'roles',
    html: page(
      'Reed Choir',
      `<div role="banner"><div role="navigation" aria-label="Pages"><ul>${links('Concerts', 'Sing')}</ul></div></div>
      <div role="contentinfo"><h2>Write</h2><ul><li><a href="mailto:choir@example.org">choir@example.org</a></li></ul></div>`,
    ),
    name: 'Reed Choir',
    menus: { Pages: 2, Write: 1 },
    links: 3,
    more: { mail: 'choir@example.org' },
  },
  {
    build: 'a footer of columns with an address',
    html: page(
      'Wharf School',
      `<header><nav><ul>${links('Courses', 'Teachers')}</ul></nav></header>
      <footer><div><h3>Learn</h3><ul>${links('Evenings', 'Weekends')}</ul></div>
      <div><h3>About</h3><ul>${links('House')}</ul></div>
      <address>Wharf School<br>1 Example Street<br>Port Example<br><a href="tel:+441632960001">01632 960001</a></address>
      </footer>`,
    ),
    name: 'Wharf School',
    menus: { Main: 2, Learn: 2, About: 1 },
    links: 6,
    more: { address: ['Wharf School', '1 Example Street', 'Port Example'], telephone: '+441632960001' },
  },
  {
    build: 'links without a list',
    html: page(
      'Gorse Cycles',
      `<header><nav><a href="/bikes">Bikes</a> <a href="/repairs">Repairs</a></nav></header><footer>© Gorse Cycles</footer>`,
    ),
    name: 'Gorse Cycles',
    menus: { Main: 2 },
    links: 2,
    more: { rights: '© Gorse Cycles' },
  },
  {
    build: 'a navigation beside the header',
    html: page(
      'Plum Theatre',
      `<header><a href="/"><img src="p.svg" alt="Plum Theatre"></a></header>
      <nav><ul>${links('Plays', 'Tickets', 'Bar')}</ul></nav><main></main><footer><ul>${links('Press')}</ul></footer>`,
    ),
    name: 'Plum Theatre',
    menus: { Main: 3, Footer: 1 },
    links: 4,
  },
  {
    build: 'signs without words, and other sites',
    html: page(
      'Ash Studio',
      `<header><nav><ul>${links('Work')}<li><a href="https://pictures.example.com/ash" aria-label="Pictures"><svg></svg></a></li>
      <li><a href="/search"><img src="s.svg" alt="Search"></a></li></ul></nav></header><footer></footer>`,
    ),
    name: 'Ash Studio',
    menus: { Main: 3 },
    links: 3,
  },
  {
    build: 'two languages',
    html: `<html lang="de"><head><title>Start · Birkenhof</title><link rel="alternate" hreflang="en" href="/en/">
      <link rel="alternate" hreflang="x-default" href="/"></head><body><header><nav><ul>${links('Hof', 'Zimmer')}</ul></nav></header>
      <footer><p>Folgen</p><ul>${links('Anfahrt')}</ul></footer></body></html>`,
    name: 'Birkenhof',
    menus: { Main: 2, Folgen: 1 },
    links: 3,
    more: { languages: ['de', 'en'] },
  },
  {
    build: 'broken markup',
    html: `<title>Elm Fair</title><header><nav><ul><li><a href=/rides>Rides<li><a href=/food>Food</ul></nav>
      <footer><ul><li><a href="javascript:alert(1)">Print</a><li><a href=/times onclick="steal()">Times</ul>`,
    name: 'Elm Fair',
    menus: { Main: 2, Footer: 1 },
    links: 4,
  },
];
