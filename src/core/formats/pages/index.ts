import { pageCsv } from './csv';
import type { PageFormat } from './found-page';
import { pageList } from './page-list';
import { sitemap } from './sitemap';

/** The forms in which pages are read; the first that a text looks like is taken. */
export const pageFormats: readonly PageFormat[] = [sitemap, pageCsv, pageList];

/** The form that a text looks like. */
export function pageFormatOf(text: string): PageFormat {
  return pageFormats.find((format) => format.looksLike(text))!;
}
