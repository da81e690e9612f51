import { newPage } from '../../site/defaults';
import type { Page } from '../../site/page';
import { pageWords } from '../../site/page-words';
import type { Site } from '../../site/site';
import { NOT_FOUND_PATH } from './paths';

/** The page that answers where a site has none, as it is in a language: what stands on all other pages stands on it. */
export function notFoundPage(site: Site, language: string): Page {
  const { notFound } = pageWords(site, language);
  return newPage({ id: 'not-found', title: notFound, path: NOT_FOUND_PATH, parent: null });
}
