import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild, ensureNodeModules, ensurePackages, root } from './lib/machine.mjs';
import { PlainError, runCommand } from './lib/say.mjs';
import { beginTestRun } from './lib/test-run.mjs';

const results = join(root, 'test-results');
/** What ends a run from outside; nothing of it may be left running then. */
const endings = { SIGINT: 2, SIGHUP: 1, SIGTERM: 15 };

/**
 * Types, lint, unit, integration against a real MariaDB, end to end in Chromium; a closing line with the
 * counts.
 */
await runCommand(async () => {
  ensurePackages(['mariadb-server', 'chromium-headless-shell']);
  ensureNodeModules();
  rmSync(results, { recursive: true, force: true });
  mkdirSync(results, { recursive: true });
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
  await sideBySide([
    ['Types of the tests', () => command('npx', ['tsc', '-p', 'tsconfig.tests.json'])],
    ['Lint', () => command('npm', ['run', '--silent', 'lint'])],
  ]);
  const unit = await command('npx', [
    'vitest',
    'run',
    '--reporter=dot',
    '--reporter=json',
    `--outputFile.json=${join(results, 'unit.json')}`,
  ]);
  const e2e = await command('npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts']);
  const counts = sum(unitCounts(), e2eCounts());
  process.stdout.write(`\n${counts.passed} passed, ${counts.failed} failed\n`);
  if (unit !== 0 || e2e !== 0 || counts.passed === 0) throw new PlainError('Tests failed: see above.');
}

/** Starts a command of a run and resolves with its exit code. */
function commandsOf(run) {
  const options = {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, ...run.env, NO_COLOR: '1', FORCE_COLOR: undefined },
  };
  return (name, args) =>
    new Promise((resolve) => {
      spawn(name, args, options).once('close', (status) => resolve(status ?? 1));
    });
}

/** Steps that need nothing of each other share the two cores. */
async function sideBySide(steps) {
  const ended = steps.map(async ([name, start]) => {
    process.stdout.write(`${name} …\n`);
    return { name, status: await start() };
  });
  for (const { name, status } of await Promise.all(ended))
    if (status !== 0) throw new PlainError(`${name} failed: see above.`);
}

function unitCounts() {
  const report = JSON.parse(readFileSync(join(results, 'unit.json'), 'utf8'));
  return { passed: report.numPassedTests, failed: report.numFailedTests };
}

function e2eCounts() {
  const { stats } = JSON.parse(readFileSync(join(results, 'e2e.json'), 'utf8'));
  return { passed: stats.expected, failed: stats.unexpected + stats.flaky };
}

function sum(a, b) {
  return { passed: a.passed + b.passed, failed: a.failed + b.failed };
}
