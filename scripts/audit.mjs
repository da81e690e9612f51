// All tests, with samples many times as large and with what only an audit tries, and a table of what came of them; takes hours.
// Words after it (`npm run audit -- fit boxes`) name the interface tests that are run.
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { ensureBuild, ensureChromium, ensurePackages } from './lib/prepare.mjs';
import { run, tool } from './lib/run.mjs';

await Promise.all([ensurePackages(), ensureChromium()]);
await ensureBuild();
const named = process.argv.slice(2);
const unit =
  named.length > 0
    ? 0
    : await run(
        process.execPath,
        ['--experimental-vm-modules', '--no-warnings', tool('jest', 'bin/jest.js'), '--maxWorkers=2'],
        { GABLE_AUDIT: '1' },
      );
const report = path.join(mkdtempSync(path.join(tmpdir(), 'gable-ridge-')), 'audit.json');
const code = await run(process.execPath, [tool('@playwright/test', 'cli.js'), 'test', ...named], {
  GABLE_AUDIT: '1',
  PLAYWRIGHT_JSON_OUTPUT_FILE: report,
});

/** The tests of a suite and of those in it, each with what it is called. */
const testsIn = ({ specs = [], suites = [] }) => [
  ...specs.map(({ title, ok, tests }) => ({ title, ok, seconds: tests[0].results.at(-1).duration / 1000 })),
  ...suites.flatMap(testsIn),
];
const { suites } = JSON.parse(readFileSync(report, 'utf8'));
console.table(
  suites.map((suite) => {
    const tests = testsIn(suite);
    return {
      tests: suite.title,
      passed: tests.filter(({ ok }) => ok).length,
      failed: tests.filter(({ ok }) => !ok).length,
      seconds: Math.round(tests.reduce((sum, { seconds }) => sum + seconds, 0)),
    };
  }),
);
for (const { title } of suites.flatMap(testsIn).filter(({ ok }) => !ok)) console.log(`Failed: ${title}`);
process.exit(code || unit);
