import { expect, test } from '@jest/globals';
import { applyEdits } from '@/core/edit/apply';
import type { Pointed } from '@/core/pointing/pointed';
import { newBar, newItem, newMenu } from '@/core/site/defaults';
import { sampleSite } from '@/core/site/sample.test-data';
import type { Site } from '@/core/site/site';
import type { Direction } from '../plan/move';
import { movedByKey } from './moved-by-key';

function made() {
  const site = JSON.parse(JSON.stringify(sampleSite())) as Site;
  const header = Object.values(site.headers)[0]!;
  const second = newBar('second', 'Second');
  header.bars.second = second;
  header.order.push('second');
  const menu = newMenu({ id: 'tried', name: 'Tried' });
  for (const [id, children] of [
    ['one', []],
    ['two', ['below', 'last']],
    ['below', []],
    ['last', []],
  ] as const)
    menu.items[id] = newItem({ id, label: id, link: { to: 'nothing' }, children: [...children] });
  menu.top.push('one', 'two');
  site.menus.tried = menu;
  return { site, header, at: { in: 'headers' as const, assembly: header.id } };
}

test('bars move among bars and items among those beside them, and no further', () => {
  const { site, header, at } = made();
  const move = (pointed: Pointed, direction: Direction) => movedByKey(site, at, header, pointed, direction);
  const item = (id: string): Pointed => ({ at, on: 'item', piece: 'shows', menu: 'tried', item: id });
  const after = (moved: ReturnType<typeof move>) => {
    const outcome = applyEdits(site, [moved!.edit]);
    if (!outcome.ok) throw new Error(outcome.reason);
    return outcome.site;
  };
  const bar: Pointed = { at, on: 'bar', id: 'second' };
  expect(after(move(bar, 'up')).headers[header.id]!.order.at(-1)).not.toBe('second');
  expect(move(bar, 'up')!.said).toBe(`Second: place ${header.order.length - 1} of ${header.order.length}`);
  expect(move(bar, 'down')).toBeNull();
  expect(after(move(item('one'), 'right')).menus.tried!.top).toEqual(['two', 'one']);
  expect(after(move(item('last'), 'left')).menus.tried!.items.two!.children).toEqual(['last', 'below']);
  expect(move(item('last'), 'left')!.said).toBe('last: place 1 of 2');
  expect([move(item('one'), 'left'), move(item('last'), 'down'), move(item('gone'), 'down')]).toEqual([
    null,
    null,
    null,
  ]);
  expect(move({ at, on: 'assembly' }, 'down')).toBeNull();
});
