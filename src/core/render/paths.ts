import { artworkTypes, type Artwork } from '../site/artwork';
import { slug } from './names';

/** The file of a page: `/` is `index.html`, `/routes/north` is `routes/north.html`. */
export function pageFile(path: string): string {
  return path === '/' ? 'index.html' : `${path.slice(1)}.html`;
}

/** The relative address from one file of the site to another, so that it works from a folder and from any server. */
export function relativeHref(from: string, to: string): string {
  const source = from.split('/').slice(0, -1);
  const target = to.split('/');
  let shared = 0;
  while (shared < source.length && shared < target.length - 1 && source[shared] === target[shared])
    shared += 1;
  return [...source.slice(shared).map(() => '..'), ...target.slice(shared)].join('/');
}

/** The file of a piece of artwork, told apart from others of its name by its id. */
export function artworkFile(artwork: Artwork): string {
  return `artwork/${slug(artwork.name, 'artwork')}-${slug(artwork.id, 'a')}.${artworkTypes[artwork.type]}`;
}
