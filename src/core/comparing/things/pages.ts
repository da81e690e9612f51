import { languageName } from '../../site/language';
import { pageStandInOf, pageStandIns } from '../../site/page-stand-in';
import type { Site } from '../../site/site';
import { detail, orNothing, quoted, listed, type Thing } from './thing';
import { givenDetails } from './given';

/** The pages of a site, and their order. */
export function pageThings(site: Site): Thing[] {
  const pages = Object.values(site.pages).map((page): Thing => ({
    path: `pages.${page.id}`,
    area: 'Pages',
    words: () => `page ${quoted(page.title)}`,
    details: () => [
      detail('Title', page.title),
      ...Object.entries(page.titles).map(([language, title]) =>
        detail(`Title, ${languageName(language)}`, title),
      ),
      detail('Path', page.path),
      detail('Below', page.parent, () =>
        page.parent === null ? 'the top' : orNothing(site.pages[page.parent]?.title),
      ),
      detail('Tags', page.tags, () => listed(page.tags)),
      detail('Stands in', pageStandInOf(page), () => quoted(pageStandIns[pageStandInOf(page)].name)),
      ...givenDetails(site, page.stands ?? {}, 'Its own '),
    ],
  }));
  return [
    {
      path: 'pages',
      area: 'Pages',
      words: () => 'all pages',
      details: () => [],
      order: { of: 'pages', ids: site.pageOrder, name: (id) => site.pages[id]!.title },
    },
    ...pages,
  ];
}
