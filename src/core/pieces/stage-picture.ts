import type { Id } from '../ids/id';
import { el, type Node } from '../markup/html';
import type { PieceContext } from './piece';

/**
 * The picture of each stage, given by its artwork, widest first; null for none. Only the markup can choose between files before they are loaded (HTML, 4.8.1 "The
 * picture element"); the narrowest stage comes first, since the first source that matches is taken. `when` is a class that tells
 * the phase of scrolling that it is for, where there is one for each.
 */
export function pictureHtml(
  versions: readonly { media: string | null }[],
  shown: readonly Id[],
  context: PieceContext,
  when: string | false,
): Node {
  if (shown.length === 0) return null;
  const picture = (id: string) => context.artwork(id)!;
  const sources = versions
    .map(({ media }, index) => ({ media, index }))
    .filter(({ index }) => index > 0 && shown[index] !== shown[index - 1])
    .reverse()
    .map(({ media, index }) => {
      const { src, width, height } = picture(shown[index]!);
      return el('source', { media, srcset: src, width, height });
    });
  const { src, width, height, alt } = picture(shown[0]!);
  const alone = sources.length === 0;
  const image = el('img', { class: alone && when, src, width, height, alt: alt || context.siteName });
  return alone ? image : el('picture', { class: when }, ...sources, image);
}
