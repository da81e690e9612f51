import type { Id } from '../ids/id';
import { el, type Node } from '../markup/html';
import type { Phase } from '../properties/phases';
import { PREFERS_DARK } from '../properties/schemes';
import type { PieceContext } from './piece';

/** A picture of each stage by its artwork, widest first; for visitors who prefer dark, others where these are given. */
export interface StagePictures {
  light: readonly Id[];
  dark: readonly Id[] | null;
}

/** Whether the same is shown. */
const samePictures = (one: StagePictures, other: StagePictures): boolean =>
  one.light.join() === other.light.join() &&
  (one.dark ?? one.light).join() === (other.dark ?? other.light).join();

/**
 * The picture of each stage; null for none. Only the markup can choose between files before they are loaded (HTML, 4.8.1 "The
 * picture element"); the narrowest stage comes first, since the first source that matches is taken, and what is for visitors who prefer dark
 * before all others. `when` is a class that tells the phase of scrolling that it is for, where there is one for each.
 */
export function pictureHtml(
  versions: readonly { media: string | null }[],
  { light, dark }: StagePictures,
  context: PieceContext,
  when: string | false,
): Node {
  if (light.length === 0) return null;
  const picture = (id: string) => context.artwork(id)!;
  const source = (media: string, id: Id) => {
    const { src, width, height } = picture(id);
    return el('source', { media, srcset: src, width, height });
  };
  /** The sources of stages that show another picture than the wider one. */
  const narrower = (shown: readonly Id[], under = '') =>
    versions
      .map(({ media }, index) => ({ media, index }))
      .filter(({ index }) => index > 0 && shown[index] !== shown[index - 1])
      .reverse()
      .map(({ media, index }) => source(`${under}${media}`, shown[index]!));
  const otherwise = dark !== null && dark.join() !== light.join();
  const sources = [
    ...(otherwise ? [...narrower(dark, `${PREFERS_DARK} and `), source(PREFERS_DARK, dark[0]!)] : []),
    ...narrower(light),
  ];
  const { src, width, height, alt } = picture(light[0]!);
  const alone = sources.length === 0;
  const image = el('img', { class: alone && when, src, width, height, alt: alt || context.siteName });
  return alone ? image : el('picture', { class: when }, ...sources, image);
}

/**
 * The pictures of the phases of scrolling, with classes that tell in which of them each is left out (properties/scroll.ts); one alone where all
 * phases show the same, and where none of them shows any, none.
 */
export function phasedPicturesHtml(
  versions: readonly { media: string | null }[],
  { top, scrolled, returning }: Record<Phase, StagePictures>,
  context: PieceContext,
): Node[] {
  const apart = !samePictures(returning, scrolled);
  if (!apart && samePictures(scrolled, top)) return [pictureHtml(versions, top, context, false)];
  return [
    pictureHtml(versions, top, context, 'at-top'),
    pictureHtml(versions, scrolled, context, `when-scrolled${apart ? ' not-returning' : ''}`),
    apart && pictureHtml(versions, returning, context, 'when-returning'),
  ];
}
