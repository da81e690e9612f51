import type { Link } from '../properties/link';
import type { Site } from '../site/site';
import { targetLabel } from './entries';

/** A link in words, for where it is read rather than typed. */
export function linkWords(site: Site, link: Link): string {
  if (link.to === 'nothing') return 'nowhere';
  if (link.to === 'page') return site.pages[link.page]?.path ?? '';
  if (link.to === 'section') return `${site.pages[link.page]?.path ?? ''}#${link.section}`;
  const label = targetLabel(site, link);
  const words: Partial<Record<Link['to'], string>> = {
    dialog: `dialog: ${label}`,
    drawer: `drawer: ${label}`,
    language: `language: ${label}`,
  };
  return words[link.to] ?? label;
}
