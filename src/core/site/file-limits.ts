/** The largest files that a site takes, in bytes, by what they are to be. */
export const MOST_BYTES = {
  artwork: 2 * 1024 * 1024,
  fonts: 4 * 1024 * 1024,
  files: 8 * 1024 * 1024,
} as const;
export type FileUse = keyof typeof MOST_BYTES;

/** The largest site file that is written and opened, in bytes. */
export const MOST_SITE_FILE = 64 * 1024 * 1024;

/** A size in MB as a person reads it: `3`, `3.2`. */
export function megabytes(bytes: number): string {
  return (bytes / 1048576).toFixed(1).replace('.0', '');
}
