// The tests that only try a sample in `npm test`, with samples many times as large; takes half an hour or more.
import { ensureBuild, ensureChromium, ensurePackages } from './lib/prepare.mjs';
import { run, tool } from './lib/run.mjs';

await Promise.all([ensurePackages(), ensureChromium()]);
await ensureBuild();
const sampled = [
  'tests/fit.spec.ts',
  'tests/boxes.spec.ts',
  'tests/alignment.spec.ts',
  'tests/killed-server.spec.ts',
];
process.exit(
  await run(process.execPath, [tool('@playwright/test', 'cli.js'), 'test', ...sampled], { GABLE_AUDIT: '1' }),
);
