import { assemblyKinds } from '../../properties/assembly-kind';
import { newPage } from '../../site/defaults';
import type { Page } from '../../site/page';
import type { Site } from '../../site/site';

/** Where searches are answered. */
export const SEARCH_PATH = '/search';

/** The page that answers searches: the site's own at that path, or a stand-in for it. */
export function searchPage(site: Site): Page {
  return (
    Object.values(site.pages).find((page) => page.path === SEARCH_PATH) ??
    newPage({ id: 'search', title: 'Search', path: SEARCH_PATH, parent: null })
  );
}

/** Whether anything on the site searches it. */
export function hasSearch(site: Site): boolean {
  return assemblyKinds.some((kind) =>
    Object.values(site[kind]).some(({ pieces }) =>
      Object.values(pieces).some((piece) => piece.kind === 'search'),
    ),
  );
}
