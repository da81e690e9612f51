// Everything that says whether the project is sound, on a new machine too: lint, types, unit tests, interface tests.
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { ensureBuild, ensureChromium, ensurePackages } from './lib/prepare.mjs';
import { missingFromDocs } from './lib/named-in-docs.mjs';
import { run, tool } from './lib/run.mjs';
import { ignoredSources } from './lib/tracked.mjs';

const reports = mkdtempSync(path.join(tmpdir(), 'gable-ridge-'));
const unitReport = path.join(reports, 'unit.json');
const interfaceReport = path.join(reports, 'interface.json');
const node = process.execPath;

const check = (name, ...args) => [name, () => run(node, args)];
/** What needs no other, longest first: done two at a time, as there are two cores. */
const checks = [
  ['build', () => ensureBuild().then(() => 0)],
  check('lint', tool('eslint', 'bin/eslint.js'), '.', '--max-warnings=0'),
  check('format', tool('prettier', 'bin/prettier.cjs'), '--check', '--log-level=warn', '.'),
  check('types', tool('typescript', 'bin/tsc'), '--noEmit'),
  check(
    'layers',
    tool('dependency-cruiser', 'bin/dependency-cruise.mjs'),
    '--config',
    '.dependency-cruiser.mjs',
    'src',
  ),
  check('unused code', tool('knip', 'bin/knip.js'), '--no-progress'),
  ['tracked files', async () => ignoredSources()],
  ['files that docs name', async () => missingFromDocs()],
];
const tests = [
  check(
    'unit tests',
    '--experimental-vm-modules',
    '--no-warnings',
    tool('jest', 'bin/jest.js'),
    '--json',
    '--maxWorkers=2',
    `--outputFile=${unitReport}`,
  ),
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

/** The tests of a report that passed at a second go only. */
const flakyIn = (suites = []) =>
  suites.flatMap(({ suites: inner, specs = [], file }) => [
    ...specs
      .filter(({ tests: all }) => all.some(({ status }) => status === 'flaky'))
      .map(({ title }) => `${file} › ${title}`),
    ...flakyIn(inner),
  ]);

// Two things that are fetched do not have to wait for each other.
await Promise.all([ensurePackages(), ensureChromium()]);
const failed = [];
const times = [];
/** Does the steps that nobody has begun, one after another, whatever becomes of them. */
async function inTurn(steps) {
  for (let step = steps.shift(); step; step = steps.shift()) {
    const [name, work] = step;
    const start = Date.now();
    if ((await work()) !== 0) failed.push(name);
    times.push(`${name} ${Math.round((Date.now() - start) / 1000)} s`);
  }
}
await Promise.all([inTurn(checks), inTurn(checks)]);
await inTurn(tests);

const unit = countsOf(unitReport, (report) => ({
  passed: report.numPassedTests,
  failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
}));
const browser = countsOf(interfaceReport, ({ stats, suites }) => ({
  passed: stats.expected + stats.flaky,
  failed: stats.unexpected,
  again: flakyIn(suites),
}));
console.log(`\nRan ${times.join(', ')}.${failed.length > 0 ? ` Failed: ${failed.join(', ')}.` : ''}`);
for (const title of browser.again ?? []) console.log(`Passed at a second go only: ${title}`);
console.log(`tests: ${unit.passed + browser.passed} passed, ${unit.failed + browser.failed} failed`);
process.exit(failed.length > 0 || unit.passed === 0 || browser.passed === 0 ? 1 : 0);
