// Bundles the jobs that the server starts as processes of their own (src/server/jobs/job-process.ts): `.jobs/NAME.mjs`.
import { readdirSync } from 'node:fs';
import path from 'node:path';
import { bundleForNode, root } from './lib/bundle.mjs';

const folder = path.join(root, 'src/server/jobs');

await bundleForNode({
  entryPoints: readdirSync(folder)
    .filter((name) => name.endsWith('.job.ts'))
    .map((name) => ({ in: path.join(folder, name), out: name.replace('.job.ts', '') })),
  outdir: '.jobs',
  outExtension: { '.js': '.mjs' },
});
