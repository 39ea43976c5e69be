import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from './lib/database.mjs';
import { ensureBuild, ensurePackages, root } from './lib/machine.mjs';
import { row } from './lib/measure.mjs';
import { PlainError, runCommand } from './lib/say.mjs';
import { startFornax } from './lib/serve.mjs';
import { fillDisk } from './lib/torture/disk.mjs';
import { raceErasing } from './lib/torture/erasing.mjs';
import { flood } from './lib/torture/floods.mjs';
import { fuzz } from './lib/torture/fuzz.mjs';
import { kill, pause } from './lib/torture/kills.mjs';
import { twoKitchens } from './lib/torture/kitchens.mjs';
import { race } from './lib/torture/races.mjs';
import { startBystander, startWriters } from './lib/torture/writers.mjs';

/**
 * Parts end by themselves after so many minutes, and all of them within 20; with --whole they go on until
 * they have done all that they count to.
 */
const isWhole = process.argv.includes('--whole');
const minutes = { fuzz: 7, races: 1.5, erasing: 1.5, kills: 4 };
const fuzzedRequests = 100_000;
const racingWrites = 10_000;
const killings = 100;
const seeds = isWhole ? 4 : 1;

/** Attacks a Fornax of its own, and says what came of it; docs/operations.md keeps the figures. */
await runCommand(async () => {
  ensurePackages(['mariadb-server', 'chromium-headless-shell']);
  ensureBuild();
  process.env.FORNAX_LOG = 'silent';
  const only = process.argv.indexOf('--only');
  const wanted = only > 0 ? process.argv[only + 1] : null;
  const parts = {
    races: byRacing,
    erasing: byErasing,
    floods: byFlooding,
    hostile: () => byTests('texts made to hang their reader, each in three sizes', 'core', ['hostile']),
    backups: () => byTests('spoilt backups and records of changes', 'scripts', ['spoilt']),
    properties: byProperties,
    plans: () => byTests('random kitchens, classes and recipes', 'contract', ['every-plan']),
    clocks: () => byTests('a server whose clock is set back', 'scripts', ['server-process']),
    fuzz: byFuzzing,
    pause: byPausing,
    kills: byKilling,
    disk: byFillingTheDisk,
    browsers: byBrowsers,
  };
  const wrong = [];
  for (const [name, part] of Object.entries(parts))
    if (!wanted || name === wanted) wrong.push(...(await part()).map((each) => `${name}: ${each}`));
  if (wrong.length > 0) throw new PlainError(`What must not be:\n${wrong.join('\n')}`);
  process.stdout.write('Nothing was lost, nothing was mixed up, nothing failed.\n');
});
// Whoever is still looking on after something went wrong keeps nobody waiting.
process.exit();

function until(part) {
  return isWhole ? Infinity : performance.now() + minutes[part] * 60_000;
}

async function withFornax(work, folder = mkdtempSync(join(tmpdir(), 'fornax-torture-'))) {
  const quiet = { say: () => undefined, firstPause: 50, stands: 0 };
  const fornax = await startFornax({ folder, port: await freePort(), demo: true, ...quiet });
  try {
    return await work(fornax);
  } finally {
    await fornax.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

/** What is counted that must be none. */
function none(counted) {
  return Object.entries(counted)
    .filter(([, count]) => count > 0)
    .map(([what, count]) => `${count} ${what}`);
}

function byRacing() {
  return withFornax(async ({ address }) => {
    const bystander = await startBystander(address);
    const { writes, wrong, failed } = await race(address, { writes: racingWrites, until: until('races') });
    const longest = await bystander.stop();
    row(
      'racing writes, ten at once',
      `${writes}; ${wrong} rounds came out wrong; others waited ${longest} ms`,
    );
    return none({ wrong, failed, 'stalls over 1 s': Number(longest > 1000) });
  });
}

/** Writers that know of no revision, against people who edit the same classes. */
function byErasing() {
  return withFornax(async ({ address }) => {
    const bystander = await startBystander(address);
    const { writes, wrong, failed, refused } = await raceErasing(address, {
      writes: racingWrites,
      until: until('erasing'),
    });
    const longest = await bystander.stop();
    row(
      'erasing, ticks, imports, renamed foods',
      `${writes}; ${wrong} wrong; ${refused} refused with 503; others waited ${longest} ms`,
    );
    return none({ wrong, failed, 'stalls over 1 s': Number(longest > 1000) });
  });
}

function byFlooding() {
  return withFornax(async ({ address }) => {
    const { statuses, longest, failed } = await flood(address);
    const counts = Object.entries(statuses).map(([status, count]) => `${count} × ${status}`);
    row(
      'a hundred strangers at once on each open route',
      `${counts.join(', ')}; others waited ${longest} ms`,
    );
    return none({ failed, 'stalls over 1 s': Number(longest > 1000) });
  });
}

/** Attacks that stand as tests, run as they stand, with other cases each time where they draw them. */
function byTests(what, project, files, seed = Date.now() % 2 ** 31) {
  const done = spawnSync('npx', ['vitest', 'run', '--project', project, ...files, '--reporter=dot'], {
    cwd: root,
    encoding: 'utf8',
    env: {
      ...process.env,
      NO_COLOR: '1',
      FORCE_COLOR: undefined,
      FORNAX_CLASSES: '2000',
      FORNAX_SEED: String(seed),
    },
  });
  const [, passed = '0'] = /(\d+) passed \(\d+\)\s+Start/.exec(done.stdout) ?? [];
  row(what, `${passed} tests passed`);
  return done.status === 0 ? [] : [done.stdout.slice(-2000)];
}

/** Every test of core that draws its cases, with cases that no run of the tests has drawn. */
function byProperties() {
  const files = readdirSync(join(root, 'core', 'src'), { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.test.ts'))
    .filter((file) => readFileSync(join(root, 'core', 'src', file), 'utf8').includes("from 'fast-check'"));
  const first = Date.now() % 2 ** 31;
  return Array.from({ length: seeds }, (_, index) => first + index).flatMap((seed) =>
    byTests(`properties of core, seed ${seed}`, 'core', files, seed),
  );
}

function byFuzzing() {
  return withFornax(async (fornax) => {
    const kitchens = await twoKitchens(fornax);
    const bystander = await startBystander(fornax.address);
    const result = await fuzz(fornax.address, { kitchens, requests: fuzzedRequests, until: until('fuzz') });
    const longest = await bystander.stop();
    const statuses = Object.entries(result.statuses).map(([status, count]) => `${count} × ${status}`);
    row('fuzzed requests', `${result.requests} (seed ${result.seed}): ${statuses.join(', ')}`);
    row('others meanwhile', `waited ${longest} ms at most`);
    for (const request of [...result.failed, ...result.foreign].slice(0, 5))
      process.stdout.write(`${JSON.stringify(request).slice(0, 2000)}\n`);
    return none({
      'answers of 500 or none': result.failed.length,
      'answers with a word of another kitchen': result.foreign.length,
      'stalls over 1 s': Number(longest > 1000),
    });
  });
}

function told({ acknowledged, cutOff, refused, failed, stale, lost }) {
  return (
    `${acknowledged} writes acknowledged, ${lost} of them lost; ${cutOff} cut off, ${refused} refused, ` +
    `${failed} failed; ${stale} stale answers`
  );
}

function byKilling() {
  return withFornax(async (fornax) => {
    const result = await kill(fornax, { times: killings, until: until('kills') });
    row(
      'killed server, database, both in turn',
      `${result.killed} times; back after ${Math.round(result.slowest)} ms at most`,
    );
    row('writers meanwhile', told(result));
    return none({ lost: result.lost, failed: result.failed, stale: result.stale });
  });
}

function byPausing() {
  return withFornax(async (fornax) => {
    const result = await pause(fornax, { milliseconds: 10_000 });
    row('a database that stands still for 10 s', told(result));
    return none({ lost: result.lost, failed: result.failed, stale: result.stale });
  });
}

async function byFillingTheDisk() {
  const place = mkdtempSync(join(tmpdir(), 'fornax-disk-'));
  if (spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=420m', 'none', place]).status !== 0) {
    row('a full disk', 'not tried: this machine lets nobody mount a small one');
    return [];
  }
  try {
    mkdirSync(join(place, 'data'));
    return await withFornax(
      async ({ address }) => {
        const writing = await startWriters(address, 6);
        const empty = fillDisk(place);
        await new Promise((resolve) => {
          setTimeout(resolve, 3000);
        });
        const { refused } = writing.tally;
        empty();
        await new Promise((resolve) => {
          setTimeout(resolve, 2000);
        });
        const result = await writing.stop();
        row('a full disk', `${told(result)}; ${refused} were refused while it was full`);
        return none({ lost: result.lost, failed: result.failed, 'refused none': Number(refused === 0) });
      },
      join(place, 'data'),
    );
  } finally {
    spawnSync('umount', [place]);
    rmSync(place, { recursive: true, force: true });
  }
}

/** Two browsers that are offline, closed and come back: the end-to-end tests of that, as they stand. */
function byBrowsers() {
  const done = spawnSync(
    'npx',
    ['playwright', 'test', '--config', 'e2e/playwright.config.ts', 'together', '--reporter=line'],
    { cwd: root, encoding: 'utf8' },
  );
  const [, passed = '0'] = /(\d+) passed/.exec(done.stdout) ?? [];
  row('browsers offline and closed, two tabs, two people', `${passed} journeys passed`);
  return done.status === 0 ? [] : [done.stdout.slice(-2000)];
}
