import { expect, test } from '@jest/globals';
import { applyEdits } from '@/core/edit/apply';
import { stageAt, wayDown } from '@/core/fit/way-down';
import { unmeasured } from '@/core/text/advances';
import { newBar, newItem, newMenu } from '@/core/site/defaults';
import type { MenuItem } from '@/core/site/menu';
import type { Site } from '@/core/site/site';
import { pieceTitle } from '@/core/site/uses';
import { countedIds, sampleSite } from '@/core/site/sample.test-data';
import { drawerForButton } from './menu-drawer';
import { movedSpot, spotBeside } from './plan/move';
import { startPiece } from './plan/new-piece';
import { commonScale, viewsOf } from './preview/views';
import { openedDrawer } from './preview/opened-drawer';
import { heldSelection } from './selection';
import { hasPhases, sharedGroups, sheetColumns, sheetGroups, sheetTable } from '../sheet/sheet-model';

const site = sampleSite();
const header = site.headers.h!;
const at = { in: 'headers', assembly: 'h' } as const;

test('a piece moved by keys goes on from bay to bay and stops at the ends', () => {
  expect(movedSpot(header, 'logo', 'right')).toEqual({ bar: 'b', bay: 'middle', index: 0 });
  expect(movedSpot(header, 'button', 'left')).toEqual({ bar: 'b', bay: 'middle', index: 1 });
  expect(movedSpot(header, 'logo', 'left')).toBeNull();
  expect(movedSpot(header, 'button', 'right')).toBeNull();
  expect(movedSpot(header, 'logo', 'down')).toBeNull();
});

test('a piece moved within its bay changes places with its neighbour', () => {
  const both = structuredClone(header);
  both.bars.b = newBar('b', 'Main bar', {}, { start: ['logo', 'menu'], end: ['button'] });
  expect(movedSpot(both, 'logo', 'right')).toEqual({ bar: 'b', bay: 'start', index: 1 });
  expect(spotBeside(both, 'logo', 'menu', 'after')).toEqual({ bar: 'b', bay: 'start', index: 1 });
  expect(spotBeside(both, 'button', 'menu', 'before')).toEqual({ bar: 'b', bay: 'start', index: 1 });
});

test('the sheet names what a value follows, by band', () => {
  const groups = sheetGroups(site, { on: 'piece', ...at, piece: 'menu' });
  const shownAs = groups.flatMap((group) => group.rows).find((row) => row.name === 'shownAs')!;
  expect(shownAs.cells.map((cell) => [cell!.text, cell!.own, cell!.follows])).toEqual([
    ['row', true, null],
    ['row', false, 'Desktop'],
    ['menu button', true, null],
  ]);
  expect(sheetColumns(site.bands).map((column) => column.range)).toEqual(['≥ 1024', '640–1023', '< 640']);
});

test('the sheet says names instead of ids, and has one cell for what is the same at every width', () => {
  const rows = sheetGroups(site, { on: 'piece', ...at, piece: 'menu' }).flatMap((group) => group.rows);
  expect(rows.find((row) => row.name === 'opens')!.cells.map((cell) => cell!.text)).toEqual(['Side drawer']);
  const link = sheetGroups(site, { on: 'piece', ...at, piece: 'button' })
    .flatMap((group) => group.rows)
    .find((row) => row.name === 'link')!;
  expect(link.cells[0]!.text).toBe('/boats');
});

test('by state, a state without a value of its own follows another, and says which', () => {
  const styled = structuredClone(site);
  styled.headers.h!.pieces.menu!.values = { itemInk: { hover: 'accent' } };
  const rows = sheetGroups(styled, { on: 'piece', ...at, piece: 'menu' }, 'state');
  const ink = rows.find((group) => group.name === 'Items')!.rows.find((row) => row.name === 'itemInk')!;
  expect(ink.cells.map((cell) => [cell!.own, cell!.follows])).toEqual([
    [false, 'the bar'],
    [false, 'the bar'],
    [false, 'the bar'],
    [true, null],
    [false, 'the bar'],
    [false, 'Hover'],
    [false, 'Hover'],
  ]);
  const below = rows.find((group) => group.name === 'Items of drop-downs')!.rows[0]!;
  // What is not said of drop-downs follows the items; what is said of neither is as the panel has it.
  expect(below.cells.map((cell) => cell && [cell.text, cell.follows])).toEqual([
    ['Ink', 'items'],
    ['Ink', 'items'],
    ['Ink', 'items'],
    ['Accent', 'Items'],
    ['Ink', 'items'],
    null,
    ['Accent', 'Items'],
  ]);
  expect(below.cells[5]).toBeNull();
  expect(sheetGroups(styled, { on: 'bar', ...at, bar: 'b' }, 'state')).toEqual([]);
});

const scrolling = structuredClone(site);
scrolling.headers.h!.values = { scrolling: { desktop: 'stays', phone: 'returns' } };
scrolling.headers.h!.bars.b!.values = { leastHeight: { desktop: 80, 'desktop:scrolled': 48, phone: 56 } };
const theBar = { on: 'bar', ...at, bar: 'b' } as const;

test('by state, what is in effect is shown where nothing is said, with what it comes from', () => {
  const rows = sheetGroups(site, { on: 'piece', ...at, piece: 'button' }, 'state').flatMap(
    (group) => group.rows,
  );
  const shown = (name: string) =>
    rows.find((row) => row.name === `button${name}`)!.cells.flatMap((cell) => (cell ? [cell.text] : []));
  expect(shown('Ink')).toEqual(Array(4).fill('Ink on accent'));
  expect(shown('Ground')).toEqual(['Accent', 'Accent', 'Accent', 'Accent']);
  expect(shown('Edge')).toEqual(['none', '2 px, as its text', 'none', '2 px, as its text']);
  expect(shown('Marker')).toEqual(['none', 'none', 'none', 'none']);
  expect(shown('Weight')).toEqual(['600', '600', '600', '600']);
  expect(rows.flatMap(({ cells }) => cells).every((cell) => cell === null || cell.follows !== null)).toBe(
    true,
  );
  expect(rows[0]!.cells[0]!.swatch).not.toBeNull();
});

test('of a bay only what does something in its bar is offered, band by band', () => {
  const shared = structuredClone(site);
  shared.headers.h!.bars.b!.values = { division: { tablet: { by: 'shares', shares: [1, 1, 1] } } };
  const cells = (of: typeof site, bay: string) =>
    sheetGroups(of, { on: 'bay', ...at, bar: 'b', bay })
      .flatMap((group) => group.rows)
      .find((row) => row.name === 'along')
      ?.cells.map((cell) => cell !== null);
  expect(cells(site, 'start')).toEqual([true, true, true]);
  expect(cells(site, 'middle')).toBeUndefined();
  expect(cells(shared, 'middle')).toEqual([false, true, true]);
});

test('by scroll, a property has a row for each band, and a column of returning only where its header returns', () => {
  const height = sheetGroups(scrolling, theBar, 'scroll').find(({ name }) => name === 'Least height')!;
  expect(height.rows.map(({ label, said }) => [label, said])).toContainEqual([
    'Phone',
    'Least height on the Phone',
  ]);
  expect(height.rows.map(({ cells }) => cells.map((cell) => cell && [cell.text, cell.follows]))).toEqual([
    [['80 px', null], ['48 px', null], null],
    [['80 px', 'Desktop'], ['48 px', 'Desktop'], null],
    [
      ['56 px', null],
      ['48 px', 'Desktop'],
      ['48 px', 'Desktop, Scrolled'],
    ],
  ]);
  const { columns } = sheetTable(scrolling, [theBar], 'scroll');
  expect(columns.map(({ label }) => label)).toEqual(['Top', 'Scrolled', 'Returning']);
});

test('only what stands in a header has phases, and where nothing returns there is no column for it', () => {
  expect(hasPhases(scrolling, theBar)).toBe(true);
  expect(hasPhases(scrolling, { on: 'bar', in: 'footers', assembly: 'f', bar: 'fb' })).toBe(false);
  expect(sheetTable(site, [theBar], 'scroll').columns.map(({ key }) => key)).toEqual(['top', 'scrolled']);
});

test('several things at once share their rows by scroll too, each band for itself', () => {
  const both = structuredClone(scrolling);
  both.headers.h!.order = ['b', 'second'];
  both.headers.h!.bars.second = newBar(
    'second',
    'Second',
    { leastHeight: { desktop: 80, 'desktop:scrolled': 30 } },
    {},
  );
  const groups = sharedGroups(both, [theBar, { ...theBar, bar: 'second' }], 'scroll');
  const height = groups.find(({ name }) => name === 'Least height')!;
  expect(height.rows.map(({ cells }) => cells.map((cell) => cell?.text))).toEqual([
    ['80 px', 'differs', undefined],
    ['80 px', 'differs', undefined],
    ['differs', 'differs', 'differs'],
  ]);
});

test('the sheet of what is gone is empty', () => {
  expect(sheetGroups(site, { on: 'piece', ...at, piece: 'gone' })).toEqual([]);
});

test('a selection that is gone gives way to the first bar', () => {
  expect(heldSelection(site, at, { on: 'piece', id: 'gone' })).toEqual({ on: 'bar', id: 'b' });
});

test('a menu button without a drawer gets the first there is, or one made for it with the menu inside', () => {
  const piece = { ...header.pieces.menu!, values: { menu: { desktop: 'm' } } };
  expect(drawerForButton(site, at, piece, countedIds())).toMatchObject([
    { edit: 'setValue', property: 'opens', value: 'd' },
  ]);
  const without = {
    ...site,
    drawers: {},
    headers: { h: { ...header, pieces: { ...header.pieces, menu: piece } } },
  };
  const outcome = applyEdits(without, drawerForButton(without, at, piece, countedIds()));
  if (!outcome.ok) throw new Error(outcome.reason);
  const [drawer] = Object.values(outcome.site.drawers);
  const pieces = Object.values(drawer!.pieces);
  expect(pieces.map(({ kind }) => kind)).toEqual(['close', 'menu']);
  expect(pieces[1]!.values).toEqual({
    menu: { desktop: 'm' },
    shownAs: { desktop: 'column' },
  });
  expect(outcome.site.headers.h!.pieces.menu!.values.opens).toEqual({ all: drawer!.id });
});

test('a menu button that opens a drawer already keeps it', () => {
  expect(drawerForButton(site, at, header.pieces.menu!, countedIds())).toEqual([]);
});

test('a new menu shows the first menu in the form that suits its place', () => {
  expect(startPiece(site, 'menu', 'footers', countedIds()).values).toEqual({
    menu: { desktop: 'm' },
    shownAs: { desktop: 'columns' },
  });
  expect(startPiece(site, 'menu', 'headers', countedIds()).values).toEqual({ menu: { desktop: 'm' } });
});

test('new social links show the first menu of which every item has a sign', () => {
  const item = (values: MenuItem['values']) => ({
    ...newItem({ id: 'i', label: 'Boats', link: { to: 'nothing' } }),
    values,
  });
  const menu = (id: string, values: MenuItem['values']) => ({
    ...newMenu({ id, name: id }),
    top: ['i'],
    items: { i: item(values) },
  });
  const menus = { ...site.menus, none: menu('none', { icon: { all: null } }) };
  const started = (of: Site) => startPiece(of, 'social', 'footers', countedIds()).values;
  expect(started({ ...site, menus })).toEqual({});
  const signed = { ...menus, signs: menu('signs', { icon: { all: 'mail' } }) };
  expect(started({ ...site, menus: signed })).toEqual({ menu: { all: 'signs' } });
  const pictured = { ...menus, pictures: menu('pictures', { picture: { all: 'artwork' } }) };
  expect(started({ ...site, menus: pictured })).toEqual({ menu: { all: 'pictures' } });
});

test('a drawer can be opened only where the menu is a menu button', () => {
  const way = wayDown(site, unmeasured, 'headers', header);
  const at = (width: number) => openedDrawer(site, 'headers', header, stageAt(way, width));
  expect([1024, 1023, 640, 639].map(at)).toEqual([null, null, null, 'd']);
});

test('views stay within their bands and stand side by side in the room', () => {
  const views = viewsOf(site.bands, { desktop: 500, phone: 320 });
  expect(views.map((view) => view.width)).toEqual([1024, 768, 320]);
  const scale = commonScale([1216, 768, 375], 1172, 16);
  expect(scale * (1216 + 768 + 375) + 2 * 16).toBeCloseTo(1172);
  expect(commonScale([320], 5000, 16)).toBe(1);
});

test('pieces are told apart by what they say', () => {
  expect(Object.values(header.pieces).map((piece) => pieceTitle(site, piece))).toEqual([
    'Logo',
    'Menu: Main',
    'Button “Go”',
  ]);
});
