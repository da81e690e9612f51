// Bundles the jobs that the server starts as processes of their own (src/server/jobs/job-process.ts): `.jobs/NAME.mjs`.
import { readdirSync } from 'node:fs';
import path from 'node:path';
import { build } from 'esbuild';

const root = path.resolve(import.meta.dirname, '..');
const folder = path.join(root, 'src/server/jobs');

await build({
  absWorkingDir: root,
  entryPoints: readdirSync(folder)
    .filter((name) => name.endsWith('.job.ts'))
    .map((name) => ({ in: path.join(folder, name), out: name.replace('.job.ts', '') })),
  outdir: '.jobs',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  packages: 'external',
  logLevel: 'warning',
});
