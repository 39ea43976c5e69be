import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { stripVTControlCharacters } from 'node:util';
import { ensureBuild, ensureNodeModules, ensurePackages, root } from './lib/machine.mjs';
import { PlainError, runCommand } from './lib/say.mjs';
import { beginTestRun } from './lib/test-run.mjs';

const reports = join(root, 'test-results');
/** Of a reason for a failure, so much is repeated at the end. */
const longestWhy = 4000;
/** What ends a run from outside; nothing of it may be left running then. */
const endings = { SIGINT: 2, SIGHUP: 1, SIGTERM: 15 };

/**
 * Types, lint, unit, integration against a real MariaDB, end to end in Chromium; a closing line with the
 * counts.
 */
await runCommand(async () => {
  ensurePackages(['mariadb-server', 'chromium-headless-shell']);
  ensureNodeModules();
  rmSync(reports, { recursive: true, force: true });
  mkdirSync(reports, { recursive: true });
  ensureBuild();
  const run = beginTestRun();
  for (const [name, number] of Object.entries(endings))
    process.once(name, () => void run.end().then(() => process.exit(128 + number)));
  try {
    await test(commandsOf(run));
  } finally {
    await run.end();
  }
});

async function test(command) {
  const unit = ['--reporter=dot', '--reporter=json', `--outputFile.json=${join(reports, 'unit.json')}`];
  const failed = [
    ...(await sideBySide({
      'types of the tests': () => command('npx', ['tsc', '-p', 'tsconfig.tests.json']),
      lint: () => command('npm', ['run', '--silent', 'lint']),
      'unit and integration tests': () => command('npx', ['vitest', 'run', ...unit]),
    })),
    ...(await sideBySide({
      'end to end': () => command('npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts']),
    })),
  ];
  for (const { name, why } of [...unitFailures(), ...e2eFailures()])
    process.stdout.write(`\nFailed: ${name}\n${why.slice(0, longestWhy)}\n`);
  const counts = sum(unitCounts(), e2eCounts());
  process.stdout.write(`\n${counts.passed} passed, ${counts.failed} failed\n`);
  if (failed.length > 0) throw new PlainError(`Failed, see above: ${failed.join(', ')}.`);
  if (counts.passed === 0) throw new PlainError('No test was run.');
}

/** Starts a command of a run and resolves with its exit code and all that it printed. */
function commandsOf(run) {
  const options = {
    cwd: root,
    stdio: ['ignore', 'pipe', 'pipe'],
    env: { ...process.env, ...run.env, NO_COLOR: '1', FORCE_COLOR: undefined },
  };
  return (name, args) =>
    new Promise((resolve) => {
      const child = spawn(name, args, options);
      const printed = [];
      for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => printed.push(part));
      child.once('close', (status) => resolve({ status: status ?? 1, printed: Buffer.concat(printed) }));
    });
}

/**
 * Commands that need nothing of each other share the cores; what one prints is shown when it has ended.
 * Resolves with those that failed.
 */
async function sideBySide(commands) {
  const names = Object.keys(commands);
  process.stdout.write(`Running ${names.join(', ')} …\n`);
  const begun = performance.now();
  const ended = names.map(async (name) => {
    const { status, printed } = await commands[name]();
    const seconds = Math.round((performance.now() - begun) / 1000);
    const what = name[0].toUpperCase() + name.slice(1);
    process.stdout.write(`\n${what}: ${status === 0 ? 'passed' : 'failed'} after ${seconds} s\n`);
    process.stdout.write(printed);
    return status === 0 ? [] : [name];
  });
  return (await Promise.all(ended)).flat();
}

function unitCounts() {
  return counted('unit.json', (report) => ({
    passed: report.numPassedTests,
    failed: report.numFailedTests,
  }));
}

function e2eCounts() {
  return counted('e2e.json', ({ stats }) => ({
    passed: stats.expected,
    failed: stats.unexpected + stats.flaky,
  }));
}

/** What failed, each with its reason: said again at the end, where whoever sees only that finds it. */
function unitFailures() {
  const failuresOf = ({ testResults }) =>
    testResults.flatMap(({ name: file, message, assertionResults }) => [
      ...(message && assertionResults.length === 0 ? [{ name: file, why: message }] : []),
      ...assertionResults
        .filter(({ status }) => status === 'failed')
        .map(({ fullName, failureMessages }) => ({
          name: `${file} › ${fullName}`,
          why: failureMessages.join('\n'),
        })),
    ]);
  return read('unit.json', failuresOf, []);
}

function e2eFailures() {
  const specsOf = ({ suites = [], specs = [] }) => [...specs, ...suites.flatMap(specsOf)];
  const failuresOf = (report) =>
    specsOf(report)
      .filter(({ ok }) => !ok)
      .map(({ file, line, title, tests }) => ({
        name: `${file}:${line} › ${title}`,
        why: tests.flatMap(({ results }) => results.flatMap(({ errors }) => errors.map(textOf))).join('\n'),
      }));
  return read('e2e.json', failuresOf, []);
}

function textOf({ message, stack }) {
  return stripVTControlCharacters(message ?? stack ?? '');
}

/** What a report counts; none where its tests were never begun, which has been said then. */
function counted(file, count) {
  return read(file, count, { passed: 0, failed: 0 });
}

function read(file, reading, without) {
  const path = join(reports, file);
  return existsSync(path) ? reading(JSON.parse(readFileSync(path, 'utf8'))) : without;
}

function sum(a, b) {
  return { passed: a.passed + b.passed, failed: a.failed + b.failed };
}
