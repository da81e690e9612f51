import type { Declarations } from '../markup/css';

/** A list without what browsers give it: its items stand as its layout says. */
export const bareList: Declarations = { margin: '0', padding: '0', 'list-style': 'none' };
