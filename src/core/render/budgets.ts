import { SCRIPT, STYLESHEET } from './page/page';

const KB = 1024;

/** What the stylesheet and the script of a site should come to at the most, in bytes as hosts send them (Brotli). */
export const budgets: Readonly<Record<string, number>> = { [STYLESHEET]: 5 * KB, [SCRIPT]: 2.5 * KB };
