import { newBar, newItem, newMenu, newPage, newPiece, newSite, type IdSource } from './defaults';
import type { Site } from './site';

/** Ids in the order in which they are asked for: `n1`, `n2` … */
export function countedIds(): IdSource {
  let count = 0;
  return () => `n${(count += 1)}`;
}

const at = (value: unknown) => ({ all: value });

/** A small site for tests: three pages, a nested menu, a header with logo, menu and button, a drawer, a footer. */
export function sampleSite(): Site {
  const site = newSite('Tern Point', countedIds());
  const bar = newBar('b', 'Main bar', {}, { start: ['logo'], middle: ['menu'], end: ['button'] });
  const panel = newBar('panel', 'Panel', {}, { start: ['list'] });
  return {
    ...site,
    pageOrder: ['home', 'boats', 'small'],
    pages: {
      home: newPage({ id: 'home', title: 'Home', path: '/', parent: null }),
      boats: newPage({ id: 'boats', title: 'Boats', path: '/boats', parent: null }),
      small: newPage({ id: 'small', title: 'Small boats', path: '/boats/small', parent: 'boats' }),
    },
    menus: {
      m: newMenu({
        id: 'm',
        name: 'Main',
        top: ['i1', 'i2'],
        items: {
          i1: newItem({ id: 'i1', link: { to: 'page', page: 'home' } }),
          i2: newItem({ id: 'i2', link: { to: 'page', page: 'boats' }, children: ['i3'] }),
          i3: newItem({ id: 'i3', label: 'Little ones', link: { to: 'page', page: 'small' } }),
        },
      }),
    },
    headers: {
      h: {
        id: 'h',
        name: 'Main header',
        order: ['b'],
        bars: { b: bar },
        pieces: {
          logo: newPiece('logo', 'logo'),
          menu: newPiece('menu', 'menu', {
            menu: { desktop: 'm' },
            opens: at('d'),
            shownAs: { desktop: 'row', phone: 'button' },
          }),
          button: newPiece('button', 'button', {
            label: at('Go'),
            link: at({ to: 'page', page: 'boats' }),
            shown: { phone: 'hidden' },
          }),
        },
        values: {},
      },
    },
    drawers: {
      d: {
        id: 'd',
        name: 'Side drawer',
        order: ['panel'],
        bars: { panel },
        pieces: {
          list: newPiece('list', 'menu', { menu: { desktop: 'm' }, shownAs: { desktop: 'column' } }),
        },
        values: {},
      },
    },
    placing: { header: 'h', footer: site.placing.footer, rules: [] },
  };
}
