import { evenLetters } from '../fit/even-letters.test-data';
import { newBar, newItem, newMenu, newPage, newPiece } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';

export const copy = (site: Site) => JSON.parse(JSON.stringify(site)) as Site;

/** The sample, in which nothing is found but what its small size brings. */
export function tidy(): Site {
  const site = copy(sampleSite());
  site.drawers.d!.pieces.close = newPiece('close', 'close');
  site.drawers.d!.bars.panel!.bays[2]!.pieces.push('close');
  const footer = site.footers[site.placing.footer!]!;
  const bar = footer.bars[footer.order[0]!]!;
  footer.pieces.words = newPiece('words', 'text', { text: { all: ['All rights reserved.'] } });
  bar.bays[0]!.pieces.push('words');
  return site;
}

const at = (value: unknown) => ({ all: value });
const piece = (site: Site, id: string) => site.headers.h!.pieces[id]! as { values: Record<string, object> };
const artwork = {
  name: 'Boat',
  type: 'image/png' as const,
  width: 90,
  height: 40,
  alt: 'A boat',
  bytes: 900,
};

/** A menu that no header shows, with a picture. */
const withPicture = (id: string) => ({
  ...newMenu({ id: 'spare', name: 'Spare' }),
  top: ['pictured'],
  items: {
    pictured: newItem({
      id: 'pictured',
      label: 'Boats for hire',
      link: { to: 'page', page: 'boats' },
      values: { picture: at(id) },
    }),
  },
});

/** A text in the header, in its bar. */
function withText(site: Site, words: string, values: Record<string, object> = {}): void {
  site.headers.h!.pieces.said = newPiece('said', 'text', { text: { all: [words] }, ...values });
  site.headers.h!.bars.b!.bays[1]!.pieces.push('said');
}

/** Letters of which one is narrow in the site’s own fonts, and as wide as the others in what stands in for them. */
const narrowLetter: Advances = {
  of: ({ name }, text) =>
    [...text].reduce((sum, letter) => sum + (letter === 'i' && !/^(arimo|tinos)/.test(name) ? 0.2 : 0.5), 0),
};

/** Letters of which the fonts lack one. */
const without = (letter: string): Advances => ({
  ...evenLetters,
  lacks: (_, character) => character === letter,
});

/** An item below another is called so, and the drawer has its list otherwise. */
function calledBelow(site: Site, label: string, list: Record<string, object>): void {
  Object.assign(site.menus.m!.items.i3!, { label });
  Object.assign(site.drawers.d!.pieces.list!.values, list);
}

const family = (bytes: number, weights: [string, string], format = 'woff2') => ({
  id: 'tern',
  name: 'Tern',
  files: [{ hash: 'b'.repeat(64), format, weights, slant: 'normal', bytes }],
});
const inFamily = (site: Site, font: ReturnType<typeof family>) => {
  Object.assign(site.fonts, { tern: font });
  Object.assign(site.brand.typeStyles['type-nav']!.values, { family: { all: 'tern' } });
};

/** For each check a change that brings the fault, and part of what is then said, with the letters that it takes. */
export const faults: Readonly<
  Record<string, readonly (readonly [change: (site: Site) => void, says: string, advances?: Advances])[]>
> = {
  'over-pictures': [
    [
      (site) => {
        Object.assign(site.headers.h!.values, { lies: { desktop: 'over' } });
        Object.assign(site.headers.h!.bars.b!.values, { ground: { desktop: 'none' } });
      },
      'Over a picture nothing promises more than',
    ],
  ],
  targets: [
    [
      (site) => {
        Object.assign(site.menus.m!.items.i1!, { label: 'A' });
        Object.assign(site.menus.m!.items.i2!, { label: 'B' });
        Object.assign(piece(site, 'menu').values, {
          itemGap: { desktop: 0 },
          itemPaddingBlock: { desktop: 0 },
          itemPaddingInline: { desktop: 0 },
          textSize: { desktop: 12 },
        });
      },
      'one meets the wrong one',
    ],
    [
      (site) => {
        site.headers.h!.pieces.more = newPiece('more', 'links', { menu: at('m') });
        site.headers.h!.bars.b!.bays[2]!.pieces.push('more');
      },
      'a finger needs 44 px. So it is in 2 more pieces.',
    ],
  ],
  'larger-text': [[(site) => withText(site, 'w'.repeat(50)), 'With text at 200 %']],
  shift: [
    [
      (site) => {
        withText(site, `${'i'.repeat(40)} `.repeat(6));
        Object.assign(site.headers.h!.bars.b!.values, { leastHeight: { desktop: 0 } });
      },
      'the page jumps by',
      narrowLetter,
    ],
  ],
  landmarks: [
    [
      (site) => {
        site.menus.other = { ...copy(site).menus.m!, id: 'other' };
        site.headers.h!.pieces.second = newPiece('second', 'menu', { menu: { desktop: 'other' } });
        site.headers.h!.bars.b!.bays[2]!.pieces.push('second');
      },
      'readers hear “Main” with a number',
    ],
  ],
  current: [
    [
      (site) => Object.assign(piece(site, 'menu').values, { itemMarker: { current: false } }),
      'the current page looks as every other does',
    ],
    [
      (site) => Object.assign(piece(site, 'menu').values, { itemMarker: { rest: true } }),
      'Only who listens is told where they are',
    ],
    [
      (site) => {
        site.pages.far = newPage({ id: 'far', title: 'Far', path: '/far', parent: null });
        site.pageOrder.push('far');
      },
      'On “Far” none of its items is marked',
    ],
  ],
  'line-length': [[(site) => withText(site, 'Boats and ferries '.repeat(30)), 'its lines have up to']],
  glyphs: [
    [(site) => withText(site, 'Sail with us ⛵'), 'has no ⛵', without('⛵')],
    [
      (site) => {
        calledBelow(site, 'Anchored ⚓', { menu: {} });
        Object.assign(piece(site, 'menu').values, { shownAs: { desktop: 'row' } });
      },
      'has no ⚓',
      without('⚓'),
    ],
    [
      (site) => {
        calledBelow(site, 'Under way ⚑', { unfolds: { desktop: 'several' } });
        site.headers.h!.bars.b!.bays = site.headers.h!.bars.b!.bays.map((bay) => ({
          ...bay,
          pieces: bay.pieces.filter((id) => id !== 'menu'),
        }));
      },
      'has no ⚑',
      without('⚑'),
    ],
  ],
  'drop-downs': [
    [
      (site) => {
        Object.assign(site.menus.m!.items.i3!, { label: 'w'.repeat(60) });
        Object.assign(piece(site, 'menu').values, { shownAs: { desktop: 'row' } });
      },
      'no room beside its item',
    ],
  ],
  fonts: [
    [(site) => Object.assign(site.fonts, { tern: family(20_000, ['400', '400']) }), 'No type style'],
    [(site) => inFamily(site, family(20_000, ['900', '900'])), 'browsers take the nearest'],
    [(site) => inFamily(site, family(300_000, ['100', '900'])), 'has 293 KB'],
    [(site) => inFamily(site, family(20_000, ['100', '900'], 'ttf')), 'as WOFF2 it has about half'],
  ],
  weight: [
    [
      (site) => {
        const { m } = site.menus;
        for (let count = 0; count < 2000; count += 1) {
          const id = `x${count}`;
          const address = `https://tern.example/${(count * 7919).toString(36)}/${(count * 104729).toString(36)}`;
          m!.items[id] = newItem({ id, label: `${count * 31}`, link: { to: 'address', address } });
          m!.top.push(id);
        }
      },
      'waits for a second answer',
    ],
  ],
  bands: [
    [
      (site) => {
        for (const { values } of Object.values(site.headers.h!.pieces))
          for (const cells of Object.values(values)) delete (cells as Record<string, unknown>).phone;
      },
      'all is as on the Tablet',
    ],
  ],
  'bare-pages': [
    [(site) => Object.assign(site.placing, { header: null }), 'No header with anything in it'],
    [(site) => Object.assign(site.placing, { footer: null }), 'No footer with anything in it'],
  ],
  reach: [
    [
      (site) => {
        site.pages.far = newPage({ id: 'far', title: 'Far', path: '/far', parent: null });
        site.pageOrder.push('far');
      },
      'on any width',
    ],
    [
      (site) => {
        // Each leads to the next alone, by its footer.
        const { m } = site.menus;
        m!.items = { i1: m!.items.i1! };
        m!.top = ['i1'];
        delete (piece(site, 'button').values as Record<string, unknown>).link;
        ['home', 'p1', 'p2', 'p3'].forEach((from, index) => {
          const id = `p${index + 1}`;
          site.pages[id] = newPage({ id, title: `Part ${index + 1}`, path: `/${id}`, parent: null });
          site.pageOrder.push(id);
          const footer = { ...copy(site).footers[site.placing.footer!]!, id: `f${index}` };
          footer.pieces = {
            go: newPiece('go', 'button', { label: at('On'), link: at({ to: 'page', page: id }) }),
          };
          footer.bars[footer.order[0]!]!.bays[0]!.pieces = ['go'];
          site.footers[footer.id] = footer;
          site.pages[from]!.stands = { footer: footer.id };
        });
      },
      'it is 4 steps from the home page',
    ],
    [
      (site) => {
        Object.assign(site.menus.m!.items.i2!.values, { shown: { phone: 'hidden' } });
        delete (piece(site, 'button').values as Record<string, unknown>).link;
      },
      'On the Phone no header',
    ],
  ],
  contrast: [
    [
      (site) => Object.assign(piece(site, 'menu').values, { itemInk: { rest: 'line', hover: 'line' } }),
      'the text has 1.',
    ],
    [
      (site) => {
        withText(site, 'Open today');
        Object.assign(site.headers.h!.bars.b!.values, { ink: { desktop: 'line' } });
      },
      'Its ink has 1.',
    ],
    [
      (site) => {
        site.headers.h!.pieces.search = newPiece('search', 'search', {
          fieldEdge: { rest: 'border-hairline' },
        });
        site.headers.h!.bars.b!.bays[2]!.pieces.push('search');
      },
      'neither its line nor its ground stands out',
    ],
    [
      (site) => {
        const { ink } = site.brand.colours;
        site.brand.colours.ink = { ...ink!, dark: { css: '#223' } };
        site.brand.colours.ground = { ...site.brand.colours.ground!, dark: { css: '#112' } };
      },
      'In the dark scheme:',
    ],
  ],
  'text-size': [
    [
      (site) => Object.assign(piece(site, 'menu').values, { textSize: { desktop: 15, phone: 9 } }),
      'On the Phone its text is 9 px',
    ],
    [
      (site) =>
        Object.assign(piece(site, 'menu').values, { textSize: { desktop: 15, tablet: 11, phone: 9 } }),
      'On the Tablet its text is 11 px',
    ],
  ],
  'focus-ring': [
    [
      (site) => Object.assign(site.brand.values, { ringFar: { all: 'accent' }, ring: { all: 'accent' } }),
      'the ring around what has the focus',
    ],
  ],
  'dead-links': [
    [
      (site) => {
        site.menus.m!.items.i4 = newItem({ id: 'i4', label: 'Boats', link: { to: 'nothing' } });
        site.menus.m!.top.push('i4');
      },
      'leads nowhere',
    ],
  ],
  drawers: [
    [
      (site) => Object.assign(piece(site, 'menu').values, { opens: { all: null } }),
      'Nothing on any page opens it',
    ],
    [
      (site) => {
        delete site.drawers.d!.pieces.close;
        site.drawers.d!.bars.panel!.bays[2]!.pieces.pop();
      },
      'no close button',
    ],
  ],
  footers: [
    [
      (site) => {
        const footer = site.footers[site.placing.footer!]!;
        footer.pieces.news = newPiece('news', 'newsletter');
        footer.bars[footer.order[0]!]!.bays[0]!.pieces.push('news');
      },
      'nobody answers',
    ],
  ],
  sticky: [
    [
      (site) => {
        Object.assign(site.headers.h!.values, { scrolling: { desktop: 'stays' } });
        Object.assign(site.headers.h!.bars.b!.values, { leastHeight: { desktop: 220 } });
      },
      'of the height',
    ],
  ],
  fit: [
    [
      (site) => {
        const { m } = site.menus;
        for (const id of ['x', 'y', 'z']) {
          m!.items[id] = newItem({ id, label: `Longer ${id}`, link: { to: 'page', page: 'boats' } });
          m!.top.push(id);
        }
        Object.assign(piece(site, 'menu').values, { shownAs: { desktop: 'row' } });
      },
      'Logo and Menu: Main need up to',
    ],
    [
      (site) => Object.assign(piece(site, 'button').values, { label: { all: 'w'.repeat(70) }, shown: {} }),
      'need up to',
    ],
    [
      // In a drawer, where a word is wider than all of it.
      (site) => {
        const drawer = site.drawers.d!;
        drawer.pieces.wide = newPiece('wide', 'button', { label: { all: 'w'.repeat(60) } });
        drawer.bars.panel!.bays[0]!.pieces.push('wide');
      },
      'more than there are',
    ],
  ],
  labels: [
    [
      (site) =>
        Object.assign(site.menus.m!.items.i2!, { label: 'Everything that floats and carries people' }),
      'has 41 letters',
    ],
    [(site) => Object.assign(site.menus.m!.items.i3!, { label: 'Boats' }), 'Two items are called'],
    [
      (site) => Object.assign(site.menus.m!.items.i3!, { link: { to: 'page', page: 'boats' } }),
      'in the same menu',
    ],
  ],
  translations: [[(site) => site.languages.push('de'), 'not said in Deutsch']],
  artwork: [
    [
      (site) => {
        site.artwork.boat = { id: 'boat', hash: 'a'.repeat(64), ...artwork };
      },
      'used nowhere',
    ],
    [
      (site) => {
        site.artwork.boat = { id: 'boat', hash: 'a'.repeat(64), ...artwork };
        site.menus.spare = withPicture('boat');
      },
      'shown nowhere holds it',
    ],
    [
      (site) => {
        site.artwork.boat = { id: 'boat', hash: 'a'.repeat(64), ...artwork, alt: '', bytes: 300_000 };
        Object.assign(site.brand.logo, { full: 'boat' });
      },
      'which every visitor waits for',
    ],
  ],
  rules: [
    [
      (site) => {
        const header = site.headers.h!;
        header.pieces.short = newPiece('short', 'text', { text: { all: ['Hi'] } });
        header.bars.wide = {
          ...newBar('wide', 'Wide bar', {}, { start: ['short'] }),
          rules: [
            {
              id: 'r',
              when: { by: 'fit', margin: 0 },
              turns: [{ piece: 'short', property: 'shown', value: 'hidden' }],
            },
          ],
        };
        header.order.push('wide');
      },
      'never begins',
    ],
  ],
  'placing-rules': [
    [
      (site) =>
        site.placing.rules.push({ id: 'p', where: { by: 'tag', tag: 'none' }, gives: { header: null } }),
      'it is for no page',
    ],
  ],
  unused: [
    [
      (site) => {
        site.headers.draft = { ...copy(site).headers.h!, id: 'draft', name: 'Draft' };
      },
      'stands on no page',
    ],
    [
      (site) => {
        site.headers.h!.bars.empty = newBar('empty', 'Empty bar');
        site.headers.h!.order.push('empty');
      },
      'Nothing stands in this bar',
    ],
    [
      (site) => {
        site.artwork.boat = { id: 'boat', hash: 'a'.repeat(64), ...artwork };
        site.menus.spare = withPicture('boat');
      },
      'shows this menu',
    ],
  ],
  hidden: [
    [
      (site) => Object.assign(piece(site, 'button').values, { shown: { desktop: 'hidden' } }),
      'hidden at every width',
    ],
  ],
  repeated: [
    [
      (site) => Object.assign(site.headers.h!.bars.b!.values, { pieceGap: { desktop: 20, tablet: 20 } }),
      'Between pieces on the Tablet repeats what the Desktop says',
    ],
  ],
  tokens: [
    [
      (site) => {
        site.brand.colours.sea = { id: 'sea', name: 'Sea', value: { css: 'teal' } };
      },
      'Nothing uses it',
    ],
  ],
};
