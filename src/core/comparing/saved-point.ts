import * as v from 'valibot';
import { nameSchema } from '../site/name';

/** What a saved point was made for: by the designer, or by itself before something. */
export const pointMade = {
  byHand: 'by hand',
  release: 'before a release',
  import: 'before an import',
  upgrade: 'before an upgrade',
} as const;
export type PointMade = keyof typeof pointMade;

/** A named moment of a site to return to. */
export interface SavedPoint {
  id: string;
  name: string;
  made: PointMade;
  revision: number;
  /** When it was made, in ms since 1970. */
  at: number;
}

export const pointNameSchema = nameSchema;

/** What a site's files are served under as they were at a saved point: `hollin-sound~i1a2b3`. Ids hold no such sign. */
export const pointAddress = (site: string, point: string): string => `${site}~${point}`;

/** The site, and the saved point of it, that an address names. */
export function addressedPoint(address: string): { site: string; point: string | null } {
  const [site = '', point] = address.split('~', 2);
  return { site, point: point ?? null };
}

export const pointBodySchema = v.strictObject({ name: pointNameSchema });
