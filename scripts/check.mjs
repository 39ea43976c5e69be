import { spawnSync } from 'node:child_process';
import { ensureNodeModules, root } from './lib/machine.mjs';
import { PlainError, runCommand } from './lib/say.mjs';

/** What to run while working: types, lint and the unit tests of what changed since the last commit. */
await runCommand(async () => {
  ensureNodeModules();
  const changed = changedFiles();
  const code = changed.filter((file) => /\.(ts|tsx|mjs|js)$/.test(file));
  step('Types', ['tsc', '-b']);
  step('Types of the tests', ['tsc', '-p', 'tsconfig.tests.json']);
  if (changed.length > 0) step('Format', ['prettier', '--check', '--ignore-unknown', ...changed]);
  if (code.length > 0) step('Lint', ['eslint', '--no-warn-ignored', ...code]);
  const unit = ['core', 'contract', 'demo', 'web'].flatMap((project) => ['--project', project]);
  if (code.length > 0) step('Tests', ['vitest', 'related', '--run', '--passWithNoTests', ...unit, ...code]);
});

function changedFiles() {
  const ask = (...args) =>
    spawnSync('git', args, { cwd: root, encoding: 'utf8' }).stdout.split('\n').filter(Boolean);
  return [
    ...ask('diff', '--name-only', '--diff-filter=d', 'HEAD'),
    ...ask('ls-files', '--others', '--exclude-standard'),
  ];
}

function step(name, command) {
  process.stdout.write(`${name} …\n`);
  const { status } = spawnSync('npx', command, { cwd: root, stdio: ['ignore', 'inherit', 'inherit'] });
  if (status !== 0) throw new PlainError(`${name} failed: see above.`);
}
