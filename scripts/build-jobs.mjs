// Bundles the jobs that the server starts as processes of their own (src/server/jobs/job-process.ts): `.jobs/NAME.mjs`.
// And the scripts of pages that are tried and of views, `.jobs/tried.js` and `.jobs/frame-host.js`, and the scripts that sites are handed over with, with short names: `.jobs/scripts/NAME.js`.
import { readdirSync } from 'node:fs';
import path from 'node:path';
import { build } from 'esbuild';
import { bundleForNode, root } from './lib/bundle.mjs';

/** What handed-over scripts run in (docs/handed-over.md). */
const browsers = ['chrome111', 'firefox111', 'safari16.4'];

const folder = path.join(root, 'src/server/jobs');

await bundleForNode({
  entryPoints: readdirSync(folder)
    .filter((name) => name.endsWith('.job.ts'))
    .map((name) => ({ in: path.join(folder, name), out: name.replace('.job.ts', '') })),
  outdir: '.jobs',
  outExtension: { '.js': '.mjs' },
});

// The command line (bin/gable-ridge.mjs).
await bundleForNode({ entryPoints: [path.join(root, 'src/cli/main.ts')], outfile: '.jobs/cli.mjs' });

await build({
  entryPoints: ['src/teller/tried.ts', 'src/frame/frame-host.ts'].map((script) => path.join(root, script)),
  outdir: path.join(root, '.jobs'),
  entryNames: '[name]',
  bundle: true,
  minify: true,
  format: 'iife',
  target: browsers,
});

await build({
  entryPoints: readdirSync(path.join(root, 'src/runtime')).map((name) =>
    path.join(root, 'src/runtime', name),
  ),
  outdir: path.join(root, '.jobs/scripts'),
  minify: true,
  target: browsers,
});
