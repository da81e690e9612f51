// Everything that says whether the project is sound, on a new machine too: lint, types, unit tests, interface tests.
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { ensureBuild, ensureChromium, ensurePackages } from './lib/prepare.mjs';
import { run, tool } from './lib/run.mjs';

const reports = mkdtempSync(path.join(tmpdir(), 'gable-ridge-'));
const unitReport = path.join(reports, 'unit.json');
const interfaceReport = path.join(reports, 'interface.json');
const node = process.execPath;

const steps = [
  ['format', () => run(node, [tool('prettier', 'bin/prettier.cjs'), '--check', '--log-level=warn', '.'])],
  ['lint', () => run(node, [tool('eslint', 'bin/eslint.js'), '.', '--max-warnings=0'])],
  [
    'layers',
    () =>
      run(node, [
        tool('dependency-cruiser', 'bin/dependency-cruise.mjs'),
        '--config',
        '.dependency-cruiser.cjs',
        'src',
      ]),
  ],
  ['types', () => run(node, [tool('typescript', 'bin/tsc'), '--noEmit'])],
  [
    'unit tests',
    () =>
      run(node, [
        '--experimental-vm-modules',
        '--no-warnings',
        tool('jest', 'bin/jest.js'),
        '--json',
        `--outputFile=${unitReport}`,
      ]),
  ],
  ['build', () => ensureBuild().then(() => 0)],
  [
    'interface tests',
    () =>
      run(node, [tool('@playwright/test', 'cli.js'), 'test'], {
        PLAYWRIGHT_JSON_OUTPUT_FILE: interfaceReport,
      }),
  ],
];

/** Counts of a report; a run that wrote none counts as one failure. */
function countsOf(file, read) {
  try {
    return read(JSON.parse(readFileSync(file, 'utf8')));
  } catch {
    return { passed: 0, failed: 1 };
  }
}

await ensurePackages();
await ensureChromium();
const failed = [];
const times = [];
for (const [name, work] of steps) {
  const start = Date.now();
  if ((await work()) !== 0) failed.push(name);
  times.push(`${name} ${Math.round((Date.now() - start) / 1000)} s`);
}

const unit = countsOf(unitReport, (report) => ({
  passed: report.numPassedTests,
  failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
}));
const browser = countsOf(interfaceReport, ({ stats }) => ({
  passed: stats.expected + stats.flaky,
  failed: stats.unexpected,
}));
console.log(`\nRan ${times.join(', ')}.${failed.length > 0 ? ` Failed: ${failed.join(', ')}.` : ''}`);
console.log(`tests: ${unit.passed + browser.passed} passed, ${unit.failed + browser.failed} failed`);
process.exit(failed.length > 0 || unit.passed === 0 || browser.passed === 0 ? 1 : 0);
