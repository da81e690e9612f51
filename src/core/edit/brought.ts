import type { Link } from '../properties/link';
import { newPage } from '../site/defaults';
import type { Site } from '../site/site';
import type { Edit } from './index';

/** Something that a value needs and the site does not have yet: it comes with the value, in one step. */
export type Brought = { is: 'colour'; css: string } | { is: 'page'; path: string };

/** What something is named that came with a value: a colour by what was typed, a page by the end of its path. */
function nameOf(brought: Brought): string {
  if (brought.is === 'colour')
    return /^[a-z]+$/i.test(brought.css) ? capital(brought.css) : `Colour ${brought.css}`;
  const last = brought.path.split('/').filter(Boolean).at(-1) ?? 'Home';
  return capital(last.replaceAll(/[-_.]+/g, ' '));
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** The value that leads to something that comes with it, and the edits that bring it; a colour that is there already is taken. */
export function bringing(site: Site, brought: Brought, id: string): { value: string | Link; edits: Edit[] } {
  const name = nameOf(brought).slice(0, 60);
  if (brought.is === 'page') {
    const page = newPage({ id, title: name, path: brought.path, parent: null });
    return { value: { to: 'page', page: id }, edits: [{ edit: 'addPages', pages: [page] }] };
  }
  const { css } = brought;
  const known = Object.values(site.brand.colours).find(({ value }) => 'css' in value && value.css === css);
  if (known) return { value: known.id, edits: [] };
  return {
    value: id,
    edits: [{ edit: 'addToken', family: 'colours', token: { id, name, value: { css } } }],
  };
}
