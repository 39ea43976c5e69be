import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { join } from 'node:path';
import { PlainError } from './say.mjs';

export const root = join(import.meta.dirname, '..', '..');

/** Debian packages by the program that shows they are there. */
const programs = {
  'mariadb-server': 'mariadbd',
  'chromium-headless-shell': 'chromium-headless-shell',
  'galera-4': '/usr/lib/galera/libgalera_smm.so',
  rsync: 'rsync',
};

function has(program) {
  if (program.startsWith('/')) return existsSync(program);
  const found = spawnSync('sh', ['-c', `PATH="$PATH:/usr/sbin:/sbin" command -v ${program}`], {
    stdio: 'ignore',
  });
  return found.status === 0;
}

/** Installs what is missing of Debian's packages; without root or apt it says the one line to run. */
export function ensurePackages(wanted) {
  const missing = wanted.filter((name) => !has(programs[name]));
  if (missing.length === 0) return;
  const line = `apt-get install -y --no-install-recommends ${missing.join(' ')}`;
  if (!has('apt-get'))
    throw new PlainError(
      `Fornax needs ${missing.join(' and ')}, and there is no apt here: ` +
        `install it with this machine's package manager and start again.`,
    );
  if (process.getuid?.() !== 0)
    throw new PlainError(
      `Fornax needs ${missing.join(' and ')}. Run this once, then start again: sudo ${line}`,
    );
  process.stdout.write(`Installing ${missing.join(' and ')} …\n`);
  const options = {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  };
  const done = spawnSync('sh', ['-c', `apt-get update && ${line}`], options);
  if (done.status !== 0)
    throw new PlainError(
      `Could not install ${missing.join(' and ')}. Run this by hand, then start again: ${line}`,
    );
}

/** The same for what Fornax can do without: where it cannot be installed, it is said what will be missing. */
export function wishPackages(wanted, without) {
  try {
    ensurePackages(wanted);
  } catch (error) {
    if (!(error instanceof PlainError)) throw error;
    process.stdout.write(`${error.message}\nUntil then ${without}.\n`);
  }
}

/** Runs npm ci where the installed packages are not those of the lock file. */
export function ensureNodeModules() {
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  const mark = join(root, 'node_modules', '.fornax-lock');
  if (existsSync(mark) && readFileSync(mark, 'utf8') === lock) return;
  process.stdout.write('Installing packages …\n');
  const done = spawnSync('npm', ['ci', '--no-audit', '--no-fund'], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  if (done.status !== 0) throw new PlainError('npm ci failed: see above, and start again.');
  writeFileSync(mark, lock);
}

/** Builds types and the web application where a source is newer than the last build. */
export function ensureBuild() {
  const built = join(root, 'web', 'dist', 'app', 'index.html');
  if (existsSync(built) && statSync(built).mtimeMs > newestSource()) return;
  process.stdout.write('Building …\n');
  const done = spawnSync('npm', ['run', '--silent', 'build'], {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
  });
  if (done.status !== 0) throw new PlainError('The build failed: see above.');
}

function newestSource() {
  const listed = execFileSync(
    'find',
    [
      'core',
      'contract',
      'demo',
      'server',
      'web',
      'package-lock.json',
      'tsconfig.base.json',
      '(',
      '-name',
      'dist',
      '-o',
      '-name',
      'node_modules',
      ')',
      '-prune',
      '-o',
      '-type',
      'f',
      '-printf',
      '%T@\n',
    ],
    { cwd: root, encoding: 'utf8' },
  );
  return Math.max(...listed.trim().split('\n').map(Number)) * 1000;
}
