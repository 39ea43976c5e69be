import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild, ensureNodeModules, ensurePackages, root } from './lib/machine.mjs';
import { PlainError, runCommand } from './lib/say.mjs';

const results = join(root, 'test-results');
const options = {
  cwd: root,
  stdio: ['ignore', 'inherit', 'inherit'],
  env: { ...process.env, NO_COLOR: '1', FORCE_COLOR: undefined },
};

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
  await sideBySide([
    ['Types of the tests', 'npx', ['tsc', '-p', 'tsconfig.tests.json']],
    ['Lint', 'npm', ['run', '--silent', 'lint']],
  ]);
  const unit = run('npx', [
    'vitest',
    'run',
    '--reporter=dot',
    '--reporter=json',
    `--outputFile.json=${join(results, 'unit.json')}`,
  ]);
  const e2e = run('npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts']);
  const counts = sum(unitCounts(), e2eCounts());
  const { flaky } = e2eStats();
  process.stdout.write(
    `\n${counts.passed} passed, ${counts.failed} ` +
      `failed${flaky > 0 ? `, ${flaky} of the passed at the second try` : ''}\n`,
  );
  if (unit !== 0 || e2e !== 0 || counts.passed === 0) throw new PlainError('Tests failed: see above.');
});

/** Steps that need nothing of each other share the two cores. */
async function sideBySide(steps) {
  const ended = steps.map(([name, command, args]) => {
    process.stdout.write(`${name} …\n`);
    const child = spawn(command, args, options);
    return new Promise((resolve) => {
      child.once('close', (status) => resolve({ name, status }));
    });
  });
  for (const { name, status } of await Promise.all(ended))
    if (status !== 0) throw new PlainError(`${name} failed: see above.`);
}

function run(command, args) {
  return spawnSync(command, args, options).status ?? 1;
}

function unitCounts() {
  const report = JSON.parse(readFileSync(join(results, 'unit.json'), 'utf8'));
  return { passed: report.numPassedTests, failed: report.numFailedTests };
}

function e2eCounts() {
  const { expected, unexpected, flaky } = e2eStats();
  return { passed: expected + flaky, failed: unexpected };
}

function e2eStats() {
  return JSON.parse(readFileSync(join(results, 'e2e.json'), 'utf8')).stats;
}

function sum(a, b) {
  return { passed: a.passed + b.passed, failed: a.failed + b.failed };
}
