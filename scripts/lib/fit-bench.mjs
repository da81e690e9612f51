// The figures of tests/bench/fit-bench.ts, made ready for Node.js.
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundleForNode, root } from './bundle.mjs';

const outfile = path.join(root, '.jobs/fit-bench.mjs');
await bundleForNode({ entryPoints: ['tests/bench/fit-bench.ts'], outfile });
export const { figures, checksFigures, fullSite } = await import(pathToFileURL(outfile).href);
