import { expect, test } from '@jest/globals';
import { pieceKinds } from '../pieces';
import { statedParts } from '../pieces/stated-parts';
import { settleNames } from '../render/names';
import { sampleSite } from '../site/sample.test-data';
import { newItem, newMenu, newPiece } from '../site/defaults';
import { unmeasured } from '../text/advances';
import { itemHolders, itemSelector } from './items';
import { dimensionsOf } from './dimensions';
import { pointedKey, type Pointed } from './pointed';
import { pointedAt, type ToldElement } from './pointed-at';
import { stepped } from './steps';
import { targetOf } from './target';
import { wordsAt } from './words-at';

/** The sample with a menu of two levels in its header. */
function made() {
  const site = structuredClone(sampleSite());
  const [header] = Object.values(site.headers);
  const menu = newMenu({ id: 'tried', name: 'Tried' });
  for (const [id, children] of [
    ['one', []],
    ['two', ['below']],
    ['below', []],
  ] as const)
    menu.items[id] = newItem({ id, label: id, link: { to: 'nothing' }, children: [...children] });
  menu.top.push('one', 'two');
  site.menus.tried = menu;
  const piece = newPiece('shows', 'menu', { menu: { [site.bands[0]!.id]: 'tried' } });
  header!.pieces.shows = piece;
  const bar = header!.bars[header!.order[0]!]!;
  bar.bays[0]!.pieces.push('shows');
  const at = { in: 'headers' as const, assembly: header!.id };
  return { site, at, bar, name: (id: string) => settleNames(site).get(id)! };
}

const el = (tag: string, classes = '', nth: number | null = null): ToldElement => ({
  tag,
  classes: classes.split(' ').filter(Boolean),
  nth,
});

test('what an element is, is told from the innermost out: items, the part, the piece, its bay, its bar and the header', () => {
  const { site, at, bar, name } = made();
  const chain = [
    el('a', 'menu-link'),
    el('li', '', 0),
    el('ul', 'menu-below'),
    el('li', '', 1),
    el('ul', 'menu-list'),
    el('nav', `menu ${name('shows')}`),
    el('div', 'bay bay-1'),
    el('div', 'bays'),
    el('div', `bar ${name(bar.id)}`),
    el('header', `header ${name(at.assembly)}`),
  ];
  const item = (id: string) => ({ at, on: 'item', piece: 'shows', menu: 'tried', item: id });
  expect(pointedAt(site, unmeasured, chain)).toEqual([
    { pointed: item('below'), element: 1 },
    { pointed: item('two'), element: 3 },
    { pointed: { at, on: 'piece', id: 'shows', part: 'below' }, element: 0 },
    { pointed: { at, on: 'piece', id: 'shows' }, element: 5 },
    { pointed: { at, on: 'bay', bar: bar.id, id: bar.bays[0]!.id }, element: 6 },
    { pointed: { at, on: 'bar', id: bar.id }, element: 8 },
    { pointed: { at, on: 'assembly' }, element: 9 },
  ]);
  // Behind “more” the items stand once again.
  const more = [el('li', '', 1), el('ul'), el('li', 'menu-more', 2), ...chain.slice(4)];
  expect(pointedAt(site, unmeasured, more)[0]).toEqual({ pointed: item('two'), element: 0 });
  expect(pointedAt(site, unmeasured, [el('p'), el('main')])).toEqual([]);
});

test('a part is what its selector names: right in its piece, or anywhere in it', () => {
  const { site, name } = made();
  const button = [el('button', 'menu-button'), el('nav', `menu ${name('shows')}`)];
  expect(pointedAt(site, unmeasured, button)[0]!.pointed).toMatchObject({ part: 'menuButton' });
  const deeper = [button[0]!, el('div'), button[1]!];
  expect(pointedAt(site, unmeasured, deeper)[0]!.pointed).not.toHaveProperty('part');
});

test('the selectors of all parts are such as are understood', () => {
  for (const { kind } of pieceKinds)
    for (const part of statedParts(kind)) {
      const selector = part.selector('rest');
      expect(selector).toMatch(/^&( > | )?([a-z]*(\.[a-z-]+)*( > | )?)*$/);
    }
});

test('one goes out, in, and to what is beside, and comes back to where one was', () => {
  const { site, at, bar } = made();
  const step = (from: Pointed, way: Parameters<typeof stepped>[3]) => stepped(site, unmeasured, from, way);
  const whole: Pointed = { at, on: 'assembly' };
  expect(step(whole, 'out')).toBeNull();
  expect(step(whole, 'before')).toBeNull();
  expect(step(step(whole, 'in')!, 'out')).toEqual(whole);
  const piece: Pointed = { at, on: 'piece', id: 'shows' };
  expect(step(piece, 'out')).toEqual({ at, on: 'bay', bar: bar.id, id: bar.bays[0]!.id });
  const one = step(piece, 'in')!;
  const two = step(one, 'behind')!;
  expect([one, two].map((each) => each.on === 'item' && each.item)).toEqual(['one', 'two']);
  expect(step(two, 'behind')).toBeNull();
  expect(step(two, 'before')).toEqual(one);
  expect(step(one, 'in')).toBeNull();
  const below = step(two, 'in')!;
  expect(step(below, 'out')).toEqual(two);
  expect(step(one, 'out')).toEqual(piece);
  expect(step({ ...piece, part: 'item' }, 'out')).toEqual(piece);
});

test('everything there is can be found on a page, and nothing that is gone', () => {
  const { site, at, name } = made();
  const item: Pointed = { at, on: 'item', piece: 'shows', menu: 'tried', item: 'below' };
  expect(targetOf(site, unmeasured, item)).toEqual({
    selector: `.${name('shows')}`,
    items: [
      { within: null, way: [1, 0] },
      { within: null, way: [2, 1, 0] },
    ],
  });
  expect(targetOf(site, unmeasured, { at, on: 'piece', id: 'shows', part: 'menuButton' })?.selector).toBe(
    `.${name('shows')} > .menu-button`,
  );
  const gone: Pointed[] = [
    { at: { ...at, assembly: 'gone' }, on: 'assembly' },
    { at, on: 'bay', bar: 'gone', id: 'gone' },
    { at, on: 'piece', id: 'gone' },
    { ...item, item: 'gone' },
  ];
  for (const each of gone)
    expect([pointedKey(each), targetOf(site, unmeasured, each)]).toEqual([pointedKey(each), null]);
  expect(itemSelector).toContain('.menu-list > li');
  expect(itemHolders).toContain('.links');
});

test('the lengths that values make are told from the layouts, with where each is seen and what follows it', () => {
  const { site, at, bar, name } = made();
  const of = (pointed: Pointed, width = 1200) =>
    new Map(dimensionsOf(site, unmeasured, pointed, { width }).map((each) => [each.property, each]));
  const ofBar = of({ at, on: 'bar', id: bar.id });
  expect(ofBar.get('leastHeight')!.drawn).toEqual([
    { selector: `.${name(bar.id)}`, stretch: 'height', limit: 'least' },
  ]);
  expect(ofBar.get('pieceGap')!.drawn).toEqual([
    { selector: `.${name(bar.id)} > .bays > .bay`, stretch: 'gap', limit: null },
  ]);
  expect(of({ at, on: 'bay', bar: bar.id, id: bar.bays[0]!.id }).get('pieceGap')).toEqual(
    ofBar.get('pieceGap'),
  );
  const ofMenu = of({ at, on: 'piece', id: 'shows' });
  expect(ofMenu.get('itemPaddingInline')!.drawn).toContainEqual({
    selector: `.${name('shows')} .menu-link`,
    stretch: 'padding-inline',
    limit: null,
  });
  expect(of({ at, on: 'item', piece: 'shows', menu: 'tried', item: 'one' })).toEqual(ofMenu);
  // What says nothing of where things stand makes no line.
  expect([...ofMenu.keys()]).not.toContain('menu');
  expect(of({ at, on: 'piece', id: 'gone' }).size).toBe(0);
});

test('the size of a text is that of its style until it has its own, and its line stands beside the text', () => {
  const { site, at } = made();
  const header = site.headers[at.assembly]!;
  header.pieces.words = newPiece('words', 'text');
  header.bars[header.order[0]!]!.bays[0]!.pieces.push('words');
  const size = (from: typeof site) =>
    dimensionsOf(from, unmeasured, { at, on: 'piece', id: 'words' }, { width: 1200 }).find(
      ({ property }) => property === 'textSize',
    )!;
  expect(size(site)).toMatchObject({ px: 15, fixed: null, drawn: [{ stretch: 'text', limit: null }] });
  const own = structuredClone(site);
  own.headers[at.assembly]!.pieces.words!.values = { textSize: { [site.bands[0]!.id]: 21 } };
  expect(size(own).px).toBe(21);
});

test('a length is set in the cell of the band at that width, which narrower ones follow down to the next that says its own', () => {
  const [widest, middle, narrowest] = sampleSite().bands;
  const gapAt = (width: number, said: Record<string, unknown> | undefined) => {
    const { site, at, bar } = made();
    if (said) Object.assign(bar.values, { pieceGap: said });
    return dimensionsOf(site, unmeasured, { at, on: 'bar', id: bar.id }, { width }).find(
      ({ property }) => property === 'pieceGap',
    )!;
  };
  expect(gapAt(1200, undefined)).toMatchObject({
    cell: widest!.id,
    followers: [middle!.name, narrowest!.name],
    fixed: null,
  });
  const said = { [widest!.id]: 20, [narrowest!.id]: 6 };
  expect(gapAt(1200, said)).toMatchObject({ px: 20, followers: [middle!.name] });
  expect(gapAt(400, said)).toMatchObject({ cell: narrowest!.id, px: 6, followers: [] });
  const grows = { [widest!.id]: { from: { at: 320, px: 8 }, to: { at: 1320, px: 18 } } };
  expect(gapAt(1220, grows)).toMatchObject({
    px: 17,
    fixed: expect.stringContaining('grows with the window'),
  });
});

test('what is typed at an item is its label in the language of the view; at a piece the text that is seen', () => {
  const { site, at } = made();
  site.languages = ['en', 'de'];
  const item: Pointed = { at, on: 'item', piece: 'shows', menu: 'tried', item: 'one' };
  const english = wordsAt(site, item, 'en', 'one')!;
  expect(english).toMatchObject({ what: 'Label', text: 'one', own: 'one' });
  expect(english.say('First')).toEqual({ edit: 'labelItem', menu: 'tried', item: 'one', label: 'First' });
  expect(english.say(' ')).toMatchObject({ label: null });
  const german = wordsAt(site, item, 'de', 'one')!;
  expect(german.own).toBe('');
  expect(german.say('Erstes')).toMatchObject({ language: 'de', label: 'Erstes' });
  const header = site.headers[at.assembly]!;
  header.pieces.button = newPiece('button', 'button', { label: { all: 'Book' } });
  const button: Pointed = { at, on: 'piece', id: 'button' };
  expect(wordsAt(site, button, 'en', 'Book')!.say('Go')).toMatchObject({
    edit: 'setValue',
    property: 'label',
    cell: 'all',
    value: 'Go',
  });
  expect(wordsAt(site, { at, on: 'assembly' }, 'en', 'Book')).toBeNull();
  expect(wordsAt(site, { ...item, item: 'gone' }, 'en', 'one')).toBeNull();
});

test('while the page is scrolled a length is that of the phase, and is set there', () => {
  const { site, at, bar } = made();
  const [widest, middle] = site.bands;
  Object.assign(site.headers[at.assembly]!.values, { scrolling: { [widest!.id]: 'stays' } });
  const heights = { [widest!.id]: 80, [`${widest!.id}:scrolled`]: 48 };
  Object.assign(bar.values, { leastHeight: heights });
  const heightIn = (phase: 'top' | 'scrolled') =>
    dimensionsOf(site, unmeasured, { at, on: 'bar', id: bar.id }, { width: 1200, phase }).find(
      ({ property }) => property === 'leastHeight',
    );
  expect(heightIn('top')).toMatchObject({ cell: widest!.id, px: 80 });
  const scrolled = heightIn('scrolled')!;
  expect(scrolled).toMatchObject({ cell: `${widest!.id}:scrolled`, px: 48, fixed: null });
  expect(scrolled.followers[0]).toBe(middle!.name);
});
