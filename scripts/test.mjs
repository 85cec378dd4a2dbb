import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureCertutil, ensureChromium } from './chromium.mjs';
import {
  buildIfNeeded,
  installWithoutWaiting,
  root,
  run,
  say,
  step,
  StepFailed,
} from './steps.mjs';

/** Everything that is checked, in one command: types, style, units, build, and the real interface. */
const results = join(root, 'test-results');
const unitReport = join(results, 'unit.json');
const e2eReport = join(results, 'e2e.json');
let passed = 0;
let failed = 0;

async function main() {
  const [hasChromium, { compiled }] = await Promise.all([
    // One after the other: packages are installed by one at a time.
    ensureChromium().then(async (has) => (await ensureCertutil()) && has),
    installWithoutWaiting(),
  ]);
  // Each of these keeps one core busy for a while: together they end sooner.
  await Promise.all([
    compiled,
    step('Checking types', 'npm', ['run', '-s', 'typecheck']),
    step('Checking style', 'npm', ['run', '-s', 'lint']),
    buildIfNeeded(),
  ]);
  rmSync(results, { recursive: true, force: true });
  mkdirSync(results);
  say('Unit and server tests …');
  // Left to itself the runner keeps one core free.
  const jest = ['jest', '--json', `--outputFile=${unitReport}`, '--silent'];
  const { output: unitOutput } = await run('npx', jest, { quiet: true });
  for (const figure of unitOutput.match(/^Measured: .*$/gm) ?? []) say(figure);
  const units = readReport(unitReport);
  count(
    units?.numPassedTests ?? 0,
    (units?.numFailedTests ?? 0) + (units?.numRuntimeErrorTestSuites ?? 0),
  );
  if (!units || !units.success) tellFailures(units);
  say(`Unit and server tests: ${passed} passed, ${failed} failed`);
  if (!hasChromium) return count(0, 1);
  say('Tests of the real interface …');
  const { output } = await run('npx', ['playwright', 'test', '-c', 'e2e/playwright.config.ts'], {
    quiet: true,
  });
  const report = readReport(e2eReport);
  figuresOf(report).forEach((figure) => say(`Measured: ${figure}`));
  const stats = report?.stats;
  const e2eFailed = stats ? stats.unexpected + stats.flaky : 1;
  if (e2eFailed > 0) console.error(output);
  say(`Tests of the real interface: ${stats?.expected ?? 0} passed, ${e2eFailed} failed`);
  return count(stats?.expected ?? 0, e2eFailed);
}

function count(good, bad) {
  passed += good;
  failed += bad;
}

/** What journeys measured and say whatever it is. */
const figuresOf = (suite) => [
  ...(suite?.specs ?? []).flatMap(({ tests }) =>
    tests.flatMap(({ annotations }) =>
      annotations.filter(({ type }) => type === 'figure').map(({ description }) => description),
    ),
  ),
  ...(suite?.suites ?? []).flatMap(figuresOf),
];

const readReport = (path) => (existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : null);

function tellFailures(report) {
  if (!report) {
    failed += 1;
    console.error('The unit tests gave no report.');
  }
  for (const suite of report?.testResults ?? []) {
    if (suite.status === 'failed') console.error(suite.message);
  }
}

try {
  await main();
} catch (error) {
  if (!(error instanceof StepFailed)) throw error;
  console.error(error.message);
  failed += 1;
}
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
