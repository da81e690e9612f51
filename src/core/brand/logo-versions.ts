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
