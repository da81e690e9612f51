import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import * as v from 'valibot';
import { newItem, newMenu, newPage, newPiece } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { applyEdits } from './apply';
import { editSchema, type Edit } from './index';
import { overlap } from './overlap';

const at = { in: 'headers', assembly: 'h' } as const;
const onMenu = { on: 'piece', ...at, piece: 'menu' } as const;

function applied(site: Site, ...edits: Edit[]) {
  const outcome = applyEdits(site, edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome;
}

function refusal(...edits: Edit[]): string {
  const outcome = applyEdits(sampleSite(), edits);
  return outcome.ok ? 'not refused' : outcome.reason;
}

test('a value set for the tablet stays there: other bands keep theirs', () => {
  const { site } = applied(sampleSite(), {
    edit: 'setValue',
    place: onMenu,
    property: 'shownAs',
    cell: 'tablet',
    value: 'column',
  });
  expect(site.headers.h!.pieces.menu!.values.shownAs).toEqual({
    desktop: 'row',
    tablet: 'column',
    phone: 'button',
  });
});

test('clearing the last value of a property leaves nothing behind', () => {
  const set = applied(sampleSite(), {
    edit: 'setValue',
    place: onMenu,
    property: 'itemGap',
    cell: 'phone',
    value: 3,
  }).site;
  const { site } = applied(set, { edit: 'clearValue', place: onMenu, property: 'itemGap', cell: 'phone' });
  expect(site).toEqual(sampleSite());
});

test('edits go together or not at all', () => {
  const site = sampleSite();
  const outcome = applyEdits(site, [
    { edit: 'renameSite', name: 'Changed' },
    { edit: 'removePiece', at, piece: 'nobody' },
  ]);
  expect(outcome.ok).toBe(false);
  expect(site.name).toBe('Tern Point');
});

test.each<[string, Edit, string]>([
  ['a page in a menu', { edit: 'removePages', pages: ['small'], below: 'up' }, 'menus.m.items.i3.link'],
  ['a menu in a header', { edit: 'removeMenu', menu: 'm' }, 'headers.h.pieces.menu.values.menu'],
  ['a drawer that a button opens', { edit: 'removeAssembly', at: { in: 'drawers', assembly: 'd' } }, 'opens'],
])('%s is not removed from under what points to it', (_, edit, place) => {
  expect(refusal(edit)).toContain(place);
});

test.each<[string, Edit, string]>([
  [
    'an unknown property',
    { edit: 'setValue', place: onMenu, property: 'colour', cell: 'desktop', value: 1 },
    'no property “colour”',
  ],
  [
    'an unknown band',
    { edit: 'setValue', place: onMenu, property: 'itemGap', cell: 'watch', value: 1 },
    'no value for “watch”',
  ],
  [
    'a value for all widths of a banded property',
    { edit: 'setValue', place: onMenu, property: 'itemGap', cell: 'all', value: 1 },
    'no value for “all”',
  ],
  [
    'a value out of range',
    { edit: 'setValue', place: onMenu, property: 'itemGap', cell: 'desktop', value: -1 },
    'Between items: A length from 0 to 120 px.',
  ],
  [
    'a value of the wrong kind',
    { edit: 'setValue', place: onMenu, property: 'itemGap', cell: 'desktop', value: '12' },
    'Between items',
  ],
  [
    'a menu that is not there',
    { edit: 'setValue', place: onMenu, property: 'menu', cell: 'phone', value: 'gone' },
    'points to a menu that is not there',
  ],
  [
    'a piece that is gone',
    { edit: 'clearValue', place: { ...onMenu, piece: 'x' }, property: 'itemGap', cell: 'desktop' },
    'no longer in “Main header”',
  ],
  [
    'a path that is taken',
    { edit: 'changePage', page: 'small', path: '/BOATS' },
    'already the path of “Boats”',
  ],
  [
    'pages of the same path',
    {
      edit: 'addPages',
      pages: ['x', 'y'].map((id) => newPage({ id, title: id, path: '/same', parent: null })),
    },
    'already the path of “x”',
  ],
  [
    'an item without any words',
    {
      edit: 'addItems',
      menu: 'm',
      items: [newItem({ id: 'x', link: { to: 'nothing' } })],
      parent: null,
      before: null,
    },
    'leads nowhere that could lend it one',
  ],
  ['the last bar', { edit: 'removeBar', at, bar: 'b' }, 'at least one has to stay'],
  [
    'an item below itself',
    { edit: 'moveItems', menu: 'm', items: ['i2'], parent: 'i3', before: null },
    'stands below itself',
  ],
  [
    'a breakpoint past its neighbour',
    { edit: 'moveBreakpoint', band: 'tablet', from: 1020 },
    'at least 40 px wide',
  ],
  ['a site without a band to move', { edit: 'moveBreakpoint', band: 'x', from: 700 }, 'no longer there'],
])('%s is refused with its reason', (_, edit, reason) => {
  expect(refusal(edit)).toContain(reason);
});

test('an edit that nobody knows, or with more in it than belongs there, is not read', () => {
  for (const wrong of [
    null,
    'setValue',
    {},
    { edit: 'explode' },
    { edit: 'constructor' },
    { edit: 'renameSite', name: 'A', force: true },
  ]) {
    expect(v.is(editSchema, wrong)).toBe(false);
  }
});

test('an edit that changes nothing gives back the same site without patches', () => {
  const site = sampleSite();
  const outcome = applied(site, { edit: 'renameSite', name: 'Tern Point' });
  expect(outcome.patches).toEqual([]);
  expect(outcome.site).toBe(site);
});

test('removing an item moves its children up in its place', () => {
  const { site } = applied(sampleSite(), { edit: 'removeItems', menu: 'm', items: ['i2'] });
  expect(site.menus.m!.top).toEqual(['i1', 'i3']);
});

test('whatever is moved where, every piece stands in exactly one bay', () => {
  const move = fc.record({
    piece: fc.constantFrom('logo', 'menu', 'button'),
    bay: fc.constantFrom('start' as const, 'middle' as const, 'end' as const),
    index: fc.nat(4),
  });
  fc.assert(
    fc.property(fc.array(move, { maxLength: 12 }), (moves) => {
      const edits = moves.map(({ piece, bay, index }): Edit => ({
        edit: 'movePiece',
        at,
        piece,
        spot: { bar: 'b', bay, index },
      }));
      const { bays } = applied(sampleSite(), ...edits).site.headers.h!.bars.b!;
      expect(bays.flatMap((bay) => bay.pieces).sort()).toEqual(['button', 'logo', 'menu']);
    }),
  );
});

test('whatever is moved, removed or added where, every item of a menu stands in it exactly once', () => {
  const ids = ['a', 'b', 'c', 'd', 'e', 'f', 'g'];
  const target = fc.option(fc.constantFrom(...ids), { nil: null });
  const step = fc.record({
    do: fc.constantFrom('move' as const, 'remove' as const, 'order' as const),
    items: fc.uniqueArray(fc.constantFrom(...ids), { minLength: 1, maxLength: 3 }),
    parent: target,
    before: target,
  });
  const editOf = ({
    do: what,
    items,
    parent,
    before,
  }: typeof step extends fc.Arbitrary<infer T> ? T : never): Edit => {
    if (what === 'move') return { edit: 'moveItems', menu: 'x', items, parent, before };
    if (what === 'remove') return { edit: 'removeItems', menu: 'x', items };
    const place =
      parent === null
        ? ({ on: 'menu', menu: 'x' } as const)
        : ({ on: 'item', menu: 'x', item: parent } as const);
    return { edit: 'setValue', place, property: 'order', cell: 'phone', value: items };
  };
  const start = applied(sampleSite(), {
    edit: 'addMenu',
    menu: newMenu({
      id: 'x',
      name: 'X',
      top: ['a', 'e', 'g'],
      items: Object.fromEntries(
        ids.map((id) => [
          id,
          newItem({
            id,
            label: id,
            link: { to: 'nothing' },
            children: { a: ['b', 'd'], b: ['c'], e: ['f'] }[id] ?? [],
          }),
        ]),
      ),
    }),
  }).site;
  fc.assert(
    fc.property(fc.array(step, { maxLength: 12 }), (steps) => {
      let site = start;
      for (const each of steps) {
        const outcome = applyEdits(site, [editOf(each)]);
        // A refused edit (a cycle, a fourth level, an item that is gone) changes nothing.
        if (outcome.ok) site = outcome.site;
      }
      const { top, items } = site.menus.x!;
      const listed = [...top, ...Object.values(items).flatMap((item) => item.children)];
      expect([...listed].sort()).toEqual(Object.keys(items).sort());
    }),
  );
});

test('a removed page takes its links along, lets them lead elsewhere, or leaves them with its title', () => {
  const without = (links: Extract<Edit, { edit: 'removePages' }>['links']) =>
    applied(sampleSite(), { edit: 'removePages', pages: ['boats'], below: 'up', links }).site;
  const items = (site: Site) =>
    Object.values(site.menus.m!.items).map(({ id, label, link }) => [id, label, link]);
  const small = ['i3', 'Little ones', { to: 'page', page: 'small' }];
  const home = ['i1', null, { to: 'page', page: 'home' }];
  expect(items(without({ do: 'remove' }))).toEqual([home, small]);
  expect(items(without({ do: 'nowhere' }))).toEqual([home, ['i2', 'Boats', { to: 'nothing' }], small]);
  const led = without({ do: 'lead', page: 'home' });
  expect(items(led)).toEqual([home, ['i2', null, { to: 'page', page: 'home' }], small]);
  expect(led.headers.h!.pieces.button!.values.link).toEqual({ all: { to: 'page', page: 'home' } });
  expect(led.pages.small!.parent).toBeNull();
});

test('paths below a renamed one follow where that is asked for', () => {
  const renamed = (below: boolean) =>
    applied(sampleSite(), { edit: 'changePage', page: 'boats', path: '/ships', below }).site.pages.small!
      .path;
  expect([renamed(true), renamed(false)]).toEqual(['/ships/small', '/boats/small']);
});

test('what uses a token that is removed uses another one; standard tokens stay', () => {
  const site = applied(
    sampleSite(),
    { edit: 'addToken', family: 'radii', token: { id: 'r', name: 'Card', value: 12 } },
    {
      edit: 'setValue',
      place: { on: 'piece', ...at, piece: 'button' },
      property: 'radius',
      cell: 'desktop',
      value: 'r',
    },
  ).site;
  const removed = applied(site, {
    edit: 'removeToken',
    family: 'radii',
    token: 'r',
    instead: 'radius-round',
  }).site;
  expect(removed.headers.h!.pieces.button!.values.radius).toEqual({ desktop: 'radius-round' });
  expect(refusal({ edit: 'removeToken', family: 'colours', token: 'ink', instead: 'muted' })).toContain(
    'stands in every site',
  );
});

test('changes of different things do not overlap, changes of the same thing do, and which one it is is said', () => {
  const made = (edit: Edit) => applied(sampleSite(), edit);
  const gap = (cell: string): Edit => ({
    edit: 'setValue',
    place: onMenu,
    property: 'itemGap',
    cell,
    value: 1,
  });
  const size: Edit = { edit: 'setValue', place: onMenu, property: 'textSize', cell: 'desktop', value: 20 };
  expect(overlap(made(gap('desktop')), [made(size)])).toBeNull();
  const same = made(gap('desktop'));
  expect(overlap(made(gap('desktop')), [made(size), same, made(gap('desktop'))])).toBe(same);
  // Each may be the first to give the property a value.
  expect(overlap(made(gap('desktop')), [made(gap('phone'))])).toBeNull();
  const removed: Edit = { edit: 'removePiece', at, piece: 'menu' };
  expect(overlap(made(gap('desktop')), [made(removed)])).not.toBeNull();
  const moveOther: Edit = { edit: 'movePiece', at, piece: 'logo', spot: { bar: 'b', bay: 'end', index: 0 } };
  const moveButton: Edit = {
    edit: 'movePiece',
    at,
    piece: 'button',
    spot: { bar: 'b', bay: 'start', index: 0 },
  };
  expect(overlap(made(moveOther), [made(moveButton)])).not.toBeNull();
});

test('a piece that stands in drawers only is refused elsewhere, with the reason', () => {
  const put = (into: 'headers' | 'drawers', assembly: string, bar: string) =>
    applyEdits(sampleSite(), [
      {
        edit: 'addPiece',
        at: { in: into, assembly },
        spot: { bar, bay: 'start', index: 0 },
        piece: newPiece('shuts', 'close'),
      },
    ]);
  expect(put('drawers', 'd', 'panel').ok).toBe(true);
  expect(put('headers', 'h', 'b')).toEqual({
    ok: false,
    reason: expect.stringContaining('which stands in a drawer only'),
  });
});

test('edits that are applied in one go are left as they are, also where one changes what another brought', () => {
  const site = sampleSite();
  const assembly = structuredClone(Object.values(site.headers)[0]!);
  const [piece] = Object.keys(assembly.pieces);
  const edits: Edit[] = [
    { edit: 'addAssembly', in: 'headers', assembly: { ...assembly, id: 'second' } },
    { edit: 'removePiece', at: { in: 'headers', assembly: 'second' }, piece: piece! },
  ];
  const before = structuredClone(edits);
  expect(applyEdits(site, edits).ok).toBe(true);
  expect(edits).toEqual(before);
  // So what is sent to the server applies there as it did here.
  expect(applyEdits(site, edits).ok).toBe(true);
});
