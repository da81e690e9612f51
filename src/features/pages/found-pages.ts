import type { Edit } from '@/core/edit';
import type { FoundPage } from '@/core/formats/pages/found-page';
import { menuFromPages } from '@/core/menus/from-pages';
import { newPage, type IdSource } from '@/core/site/defaults';
import { pathKey, type Page } from '@/core/site/page';
import type { Site } from '@/core/site/site';

/** The paths that pages of the site have, with the titles of those pages. */
export function takenPaths(site: Site): Map<string, string> {
  return new Map(Object.values(site.pages).map((page) => [pathKey(page.path), page.title]));
}

/** The edits that add pages as they were read, and a menu of them when one is named. */
export function addFoundPages(found: readonly FoundPage[], menuName: string | null, ids: IdSource): Edit[] {
  const pageIds = found.map(() => ids());
  const pages: Page[] = found.map(({ title, path, parent, tags }, index) =>
    newPage({
      id: pageIds[index]!,
      title,
      path,
      tags,
      parent: parent === null ? null : pageIds[parent]!,
    }),
  );
  const add: Edit = { edit: 'addPages', pages };
  return menuName === null
    ? [add]
    : [add, { edit: 'addMenu', menu: menuFromPages(ids(), menuName, pages, () => ids()) }];
}
