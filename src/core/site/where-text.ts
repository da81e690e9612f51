import { languageName } from './language';
import type { Where } from './placing-schema';
import type { Site } from './site';

/** The pages that a rule is for, in words. */
export function whereText(site: Site, where: Where): string {
  switch (where.by) {
    case 'below':
      return `${site.pages[where.page]?.title ?? '?'} and all below it`;
    case 'tag':
      return `Tagged “${where.tag}”`;
    case 'language':
      return `All in ${languageName(where.language)}`;
    case 'pages':
      return where.pages.length === 1
        ? (site.pages[where.pages[0]!]?.title ?? '?')
        : `${where.pages.length} pages by hand`;
  }
}
