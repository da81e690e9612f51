import type { Scripts } from './files';

/** For tests in which scripts do not matter. */
export const noScripts: Scripts = { site: '', notices: '' };
