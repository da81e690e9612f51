import { EVERYWHERE } from '../../bands/follow';
import { itemLabel } from '../../menus/entries';
import { targetText } from '../../menus/link-text';
import type { Id } from '../../ids/id';
import type { Menu } from '../../site/menu';
import type { Site } from '../../site/site';

/** An item as it is written out, with what stands below it. */
export interface WrittenItem {
  label: string;
  /** As it stands in an `href`; empty for a label that leads nowhere. */
  href: string;
  title: string;
  description: string;
  badge: string;
  newWindow: boolean;
  children: WrittenItem[];
}

/** A menu’s items as they are written out, in the order of the widest band. */
export function writtenItems(site: Site, menu: Menu): WrittenItem[] {
  const written = (id: Id): WrittenItem => {
    const item = menu.items[id]!;
    const said = (name: string) => (item.values[name]?.[EVERYWHERE] as string | undefined) ?? '';
    return {
      label: itemLabel(site, item),
      href: targetText(site, item.link),
      title: said('title'),
      description: said('description'),
      badge: said('badge'),
      newWindow: item.values.newWindow?.[EVERYWHERE] === true,
      children: item.children.map(written),
    };
  };
  return menu.top.map(written);
}

/** Items and all below them in the order in which they are read, each with its level from 1. */
export function flattened(items: readonly WrittenItem[], level = 1): { item: WrittenItem; level: number }[] {
  return items.flatMap((item) => [{ item, level }, ...flattened(item.children, level + 1)]);
}
