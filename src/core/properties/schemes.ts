/** What visitors prefer of light and dark (Media Queries 5, 12.5 "prefers-color-scheme"). */
export type Scheme = 'light' | 'dark';
export const schemes: readonly Scheme[] = ['light', 'dark'];

/** The media query that holds for visitors who prefer dark. */
export const PREFERS_DARK = '(prefers-color-scheme: dark)';
