import { AS_IT_COMES, type Rules } from '../../markup/css';
import type { Id } from '../../ids/id';
import type { CssNames } from '../../properties/property';
import type { Division } from '../../properties/kinds/division';
import { brandRing, ringOn } from '../../resolve/focus-ring';
import { seenColour } from '../../site/seen-colour';
import type { Site } from '../../site/site';

/** How thick each line of the focus ring is, in CSS px (WCAG 2.2, 2.4.13 Focus Appearance: at least 2). */
const LINE = 2;

/** The ring around what has the focus: two lines beside each other, so that one of them stands out on whatever is behind. */
export const ringCss: Rules = {
  ':focus-visible': {
    // Outlines, other than shadows, are drawn on whole pixels; the far line is what is seen of the shadow beyond.
    outline: `${LINE}px solid var(--ring)`,
    'outline-offset': 'var(--ring-offset, 0)',
    'box-shadow': `var(--ring-inset,) 0 0 0 ${2 * LINE}px var(--ring-far)`,
  },
  // What is scrolled to for the focus has its ring in the window too.
  ':is(a, button, input)': { 'scroll-margin': `${4 * LINE}px` },
};

/** The ring in a bar, with `&` for it: by its ground, and inside of pieces that fill the bar from edge to edge. */
export function ringRules(site: Site, css: CssNames, values: Record<string, unknown>): Rules {
  const { across, division, set } = values;
  const usual = brandRing(site);
  const { near, far } = ringOn(site, values);
  // Where what stands on a bar follows its ground, names of the brand mean something else in it.
  const line = (id: Id) => (set ? seenColour(site, id) : css.token(id));
  const turned = near !== usual.near;
  const inside = across === 'stretch' && (division as Division).by !== 'stack';
  return {
    '&': {
      '--ring': turned ? line(near) : AS_IT_COMES,
      '--ring-far': turned ? line(far) : AS_IT_COMES,
      '--ring-offset': inside ? `${-LINE}px` : AS_IT_COMES,
      '--ring-inset': inside ? 'inset' : AS_IT_COMES,
    },
    // The line around a menu button is not covered, which would take from what changes.
    '& .menu-button': { '--ring-offset': inside ? `${-LINE - 1}px` : AS_IT_COMES },
  };
}
