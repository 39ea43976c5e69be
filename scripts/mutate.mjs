import { spawn } from 'node:child_process';
import {
  cpSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { ensureBuild, ensurePackages, root } from './lib/machine.mjs';
import { broken, mutantsOf, shuffled, tableMutantsOf } from './lib/mutants.mjs';
import { moduleOf } from './facts.mjs';
import { PlainError, runCommand } from './lib/say.mjs';

const minutes = Number(process.env.MUTATE_MINUTES ?? 14);
const seed = Number(process.env.MUTATE_SEED ?? 1);
/** A break that makes tests run on for ever is noticed by that. */
const longestMilliseconds = 120_000;
const leftOut = /\.test\.ts$|\/tests\/|\/data\/|\/index\.ts$|\.d\.ts$|types\.ts$|zz-/;
/** Where the search looks first: another choice finds another plan that is as valid, sooner or later. */
const guesses = /scheduler\/(?:choices|decide|neighbourhood|optimise|orders|random)\.ts$/;
const rooms = ['amounts', 'class', 'portions', 'shopping', 'kit', 'safety', 'timeline', 'scheduler', 'plan'];
/** What is sampled, and how many of each: core's calculators, the server's services, the web's reducers, the
 * tables of core. */
const groups = [
  { project: 'core', share: 3, folders: rooms.map((room) => `core/src/${room}`), only: /\.ts$/ },
  { project: 'server', share: 1, folders: ['server/src'], only: /service\.ts$/ },
  {
    project: 'web',
    share: 1,
    folders: ['web/src'],
    only: /\/(row-editor|merge|ticks|outbox|groups|planning|clock-layout|duet-layout|what-if-words)\.ts$/,
  },
  // Words and rules. Foods, prices and cooking times are data that nothing promises.
  {
    project: 'core',
    share: 1,
    folders: ['core/src'],
    only: /data\/(?:states|places|things|warnings|line-cues|row-cues|sayings|role-cues|needs|suggested|keeping)\.csv$/,
    isTable: true,
  },
];

/**
 * Breaks the source in one place at a time, on copies of the repository, and runs the tests that touch the
 * place: what no test notices is printed. Ends when its minutes are over (MUTATE_MINUTES, MUTATE_SEED).
 */
await runCommand(async () => {
  ensurePackages(['mariadb-server']);
  ensureBuild();
  const queue = sample();
  const until = performance.now() + minutes * 60_000;
  const results = [];
  await Promise.all([0, 1].map(() => work(queue, until, results)));
  report(results);
});

/** In turns from the groups by their shares, each in an order of its own. */
function sample() {
  const lists = groups.map((group) =>
    shuffled(
      group.folders.flatMap((each) => mutantsIn(each, group)),
      seed,
    ),
  );
  const queue = [];
  while (lists.every((list) => list.length > 0))
    groups.forEach(({ share }, at) => queue.push(...lists[at].splice(0, share)));
  return queue;
}

function mutantsIn(folder, { project, only, isTable = false }) {
  return readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
    .map((name) => join(folder, name))
    .filter((file) => only.test(file) && (isTable || !leftOut.test(file)) && !guesses.test(file))
    .sort()
    .flatMap((file) =>
      (isTable ? tableMutantsOf : mutantsOf)(readFileSync(join(root, file), 'utf8'), file).map((mutant) => ({
        ...mutant,
        file,
        project,
      })),
    );
}

async function work(queue, until, results) {
  const copy = copied();
  const sound = new Set();
  try {
    for (let mutant = queue.shift(); mutant && performance.now() < until; mutant = queue.shift()) {
      await mustPass(copy, mutant, sound);
      const place = join(copy, mutant.file);
      const source = readFileSync(place, 'utf8');
      write(place, broken(source, mutant));
      const noticed =
        (await fails(copy, mutant, nearTests(mutant))) || (await fails(copy, mutant, ['related']));
      write(place, source);
      results.push({ ...mutant, noticed });
      process.stdout.write(noticed ? '.' : `\n${describe(mutant)}\n`);
    }
  } finally {
    rmSync(copy, { recursive: true, force: true });
  }
}

/** A table goes into the module beside it, too, which is what runs. */
function write(place, text) {
  writeFileSync(place, text);
  if (place.endsWith('.csv')) writeFileSync(place.replace(/\.csv$/, '.ts'), moduleOf(place));
}

/** Tests that fail anyway would notice everything. Asked once for each folder. */
async function mustPass(copy, mutant, sound) {
  const folder = dirname(mutant.file);
  if (sound.has(folder)) return;
  if (await fails(copy, mutant, nearTests(mutant)))
    throw new PlainError(`The tests beside ${mutant.file} fail as it is: mend that first.`);
  sound.add(folder);
}

function copied() {
  const copy = mkdtempSync(join(tmpdir(), 'fornax-mutants-'));
  for (const each of ['core', 'contract', 'demo', 'server', 'web', 'scripts'])
    cpSync(join(root, each), join(copy, each), {
      recursive: true,
      // The server's planning thread is what was built.
      filter: (path) => !/\/node_modules$/.test(path) && (!/\/dist$/.test(path) || each === 'server'),
    });
  for (const each of ['vitest.config.ts', 'package.json', 'tsconfig.base.json', 'tsconfig.json'])
    cpSync(join(root, each), join(copy, each));
  symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'));
  return copy;
}

/** The tests beside the place come first: they are the ones that most often notice, and they are quick. */
function nearTests({ file }) {
  return ['run', dirname(file).replace(/\/data$/, '')];
}

function fails(copy, { file, project }, [mode, ...filters]) {
  const what = mode === 'related' ? ['related', file.replace(/\.csv$/, '.ts'), '--run'] : ['run', ...filters];
  const child = spawn(
    join(root, 'node_modules/.bin/vitest'),
    [...what, '--project', project, '--bail', '1', '--maxWorkers', '1', '--passWithNoTests'],
    { cwd: copy, stdio: 'ignore', detached: true },
  );
  return new Promise((resolve) => {
    const late = setTimeout(() => process.kill(-child.pid, 'SIGKILL'), longestMilliseconds);
    child.once('exit', (code) => {
      clearTimeout(late);
      resolve(code !== 0);
    });
  });
}

function describe({ file, line, was, text }) {
  return `${file}:${line}  ${was}  →  ${text}`;
}

function report(results) {
  if (results.length === 0) throw new PlainError('Nothing was broken: give it more minutes.');
  for (const { project } of groups) {
    const ours = results.filter((each) => each.project === project);
    process.stdout.write(`\n${project}: ${percent(ours)}`);
  }
  process.stdout.write(`\nAll: ${percent(results)}\n`);
  mkdirSync(join(root, 'test-results'), { recursive: true });
  writeFileSync(join(root, 'test-results/mutate.json'), JSON.stringify(results, null, 1));
}

function percent(results) {
  const noticed = results.filter((each) => each.noticed).length;
  return `${noticed} of ${results.length} noticed (${Math.round((100 * noticed) / (results.length || 1))} %)`;
}
