import type { Id } from '../ids/id';

/** What a value may point at: the parts of a site, and of its brand, that have an id of their own. */
export const referenceNouns = {
  pages: 'page',
  menus: 'menu',
  drawers: 'drawer',
  artwork: 'piece of artwork',
  files: 'file',
  fonts: 'font family',
  colours: 'colour',
  typeStyles: 'type style',
  radii: 'corner radius',
  shadows: 'shadow',
  borders: 'border',
  durations: 'duration',
  easings: 'easing',
} as const;

export type ReferenceTarget = keyof typeof referenceNouns;
export const referenceTargets = Object.keys(referenceNouns) as ReferenceTarget[];

/** A pointer from a value to a part of the site. */
export interface Reference {
  to: ReferenceTarget;
  id: Id;
}
