import { menuCsv } from './csv';
import type { MenuFormat } from './found-item';
import { htmlMenu } from './html';
import { itemList } from './list';
import { markdownMenu } from './markdown';
import { opml } from './opml';

/** The forms in which menus come in and go out; on reading, the first that a text looks like is taken. */
export const menuFormats: readonly MenuFormat[] = [opml, htmlMenu, menuCsv, markdownMenu, itemList];

/** The form that a text looks like. */
export function menuFormatOf(text: string): MenuFormat {
  return menuFormats.find((format) => format.looksLike(text))!;
}
