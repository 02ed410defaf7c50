import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { installChromium, installPackages } from './install.mjs';

const UNIT_RESULTS = '.cache/unit.json';
const E2E_RESULTS = '.cache/e2e.json';

/** Runs one step, says how long it took, and tells whether it went well. */
function step(name, args) {
  const start = Date.now();
  console.log(`\n── ${name}`);
  const { status } = spawnSync(process.execPath, args, { stdio: 'inherit' });
  console.log(
    `── ${name}: ${status === 0 ? 'good' : 'FAILED'}, ${((Date.now() - start) / 1000).toFixed(0)} s`,
  );
  return status === 0;
}

/** The results a test runner left, or null when it never came to leave any. */
function resultsIn(file) {
  return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null;
}

function unitCounts() {
  const results = resultsIn(UNIT_RESULTS);
  if (!results) return { passed: 0, failed: 1 };
  // A suite that breaks before its first test has no failed tests of its own.
  const broken = results.testResults.filter(
    ({ status, assertionResults }) => status === 'failed' && assertionResults.length === 0,
  ).length;
  return { passed: results.numPassedTests, failed: results.numFailedTests + broken };
}

function e2eCounts() {
  const results = resultsIn(E2E_RESULTS);
  if (!results) return { passed: 0, failed: 1 };
  const { expected, unexpected, flaky } = results.stats;
  return { passed: expected, failed: unexpected + flaky + results.errors.length };
}

const firstLine = (message) => message?.split('\n').find((line) => line.trim() !== '') ?? '';

/** What failed of the unit tests, by file and name: told last, where it is read first. */
function unitFailures() {
  return (resultsIn(UNIT_RESULTS)?.testResults ?? []).flatMap(
    ({ name, status, message, assertionResults }) => [
      ...(status === 'failed' && assertionResults.length === 0 ? [`${name}: ${firstLine(message)}`] : []),
      ...assertionResults
        .filter((one) => one.status === 'failed')
        .map((one) => `${name} › ${one.fullName}: ${firstLine(one.failureMessages?.[0])}`),
    ],
  );
}

/** What failed of the end-to-end tests, or only passed when it was tried again. */
function e2eFailures() {
  const within = (suite) => [
    ...(suite.specs ?? [])
      .filter(({ tests }) => tests.some(({ status }) => status === 'unexpected' || status === 'flaky'))
      .map(({ file, title }) => `${file} › ${title}`),
    ...(suite.suites ?? []).flatMap(within),
  ];
  return (resultsIn(E2E_RESULTS)?.suites ?? []).flatMap(within);
}

installPackages();
installChromium();
mkdirSync('.cache', { recursive: true });
for (const file of [UNIT_RESULTS, E2E_RESULTS]) rmSync(file, { force: true });

const steps = [
  step('types', ['node_modules/typescript/bin/tsc', '-p', 'tsconfig.json']),
  step('layers', ['--import', 'tsx', 'scripts/layers.ts']),
  step('lint', ['node_modules/@biomejs/biome/bin/biome', 'check', '.']),
  step('unit tests', [
    'node_modules/vitest/vitest.mjs',
    'run',
    '--reporter=default',
    '--reporter=json',
    `--outputFile.json=${UNIT_RESULTS}`,
  ]),
];
const isBuilt = step('build', ['scripts/build.mjs']);
// Without a build the end-to-end tests would run against an older one.
steps.push(isBuilt, isBuilt && step('end-to-end tests', ['node_modules/@playwright/test/cli.js', 'test']));

const counts = [unitCounts(), e2eCounts()];
const passed = counts.reduce((sum, count) => sum + count.passed, 0);
const failed = counts.reduce((sum, count) => sum + count.failed, 0);
for (const failure of [...unitFailures(), ...e2eFailures()]) console.log(`failed: ${failure}`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 && steps.every(Boolean) ? 0 : 1);
