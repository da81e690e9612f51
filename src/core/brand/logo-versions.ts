import type { Id } from '../ids/id';

/** The versions that a logo has, each for a purpose. */
export const logoVersions = {
  full: 'full',
  compact: 'compact',
  fullOnDark: 'full, on dark ground',
  compactOnDark: 'compact, on dark ground',
} as const;
export type LogoVersion = keyof typeof logoVersions;

/** The version for dark grounds of one that is for others. */
export const onDarkVersion: Partial<Record<LogoVersion, LogoVersion>> = {
  full: 'fullOnDark',
  compact: 'compactOnDark',
};

/** What stands in for a version that a brand does not have, the nearest first. */
const otherwise: Record<LogoVersion, readonly LogoVersion[]> = {
  full: ['compact'],
  compact: ['full'],
  fullOnDark: ['full', 'compact'],
  compactOnDark: ['compact', 'full'],
};

/** The artwork that shows as a version of a brand’s logo; null where it has none that does. */
export function logoArtwork(logo: Record<LogoVersion, Id | null>, version: LogoVersion): Id | null {
  const shown = [version, ...otherwise[version]].find((each) => logo[each] !== null);
  return shown === undefined ? null : logo[shown];
}
