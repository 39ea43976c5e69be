import { spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { sizes, startCluster, whole } from './lib/cluster.mjs';
import { freePort } from './lib/database.mjs';
import { ensureBuild, ensurePackages, root } from './lib/machine.mjs';
import { row } from './lib/measure.mjs';
import { PlainError, runCommand } from './lib/say.mjs';
import { startWriters } from './lib/torture/writers.mjs';

const standsStillMilliseconds = 20_000;

/** What is done to the cluster, and how it is whole again. */
const attacks = [
  ['nothing happens', () => wait(5000)],
  ['a database is killed', ({ databases }) => killed(databases[0])],
  ['another is killed', ({ databases }) => killed(databases[2])],
  [
    'two databases are killed at once',
    ({ databases }) => Promise.all([killed(databases[0]), killed(databases[1])]),
  ],
  ['a server is killed', ({ servers }) => killed(servers[0])],
  [
    'a database stands still for 20 s',
    async ({ databases }) => {
      const pid = databases[1].pid();
      process.kill(pid, 'SIGSTOP');
      await wait(standsStillMilliseconds);
      process.kill(pid, 'SIGCONT');
    },
  ],
];

/**
 * The journey of an instructor and a storm of writes on three databases and two servers, while one after the
 * other is killed or stands still: nothing that was acknowledged may be lost, and nobody may be shown what
 * stood before their own change.
 */
await runCommand(async () => {
  ensurePackages(['mariadb-server', 'galera-4', 'rsync', 'chromium-headless-shell']);
  ensureBuild();
  process.env.FORNAX_LOG = 'silent';
  const place = mkdtempSync(join(tmpdir(), 'fornax-cluster-'));
  chmodSync(place, 0o755);
  const begun = performance.now();
  const cluster = await startCluster({ folder: join(place, 'cluster'), port: await freePort(), demo: true });
  try {
    await whole(cluster);
    row('three databases and two servers stand', `after ${seconds(begun)}`);
    const wrong = [];
    for (const [what, attack] of attacks) wrong.push(...(await storm(cluster, what, attack)));
    wrong.push(...(await journey(cluster)));
    if (wrong.length > 0) throw new PlainError(`What must not be:\n${wrong.join('\n')}`);
    process.stdout.write('Nothing was lost, and nobody saw what stood before their own change.\n');
  } finally {
    await cluster.stop();
    rmSync(place, { recursive: true, force: true });
  }
});
process.exit();

async function killed(part) {
  process.kill(part.pid(), 'SIGKILL');
  await wait(3000);
}

function seconds(since) {
  return `${((performance.now() - since) / 1000).toFixed(1)} s`;
}

async function storm(cluster, what, attack) {
  const writing = await startWriters(cluster.address, 6);
  await wait(1000);
  const measuring = longestWithout(writing, writing.tally.acknowledged);
  const stopWatching = watch(cluster);
  await attack(cluster);
  const begun = performance.now();
  await whole(cluster);
  const rejoined = seconds(begun);
  const longest = await measuring;
  const { acknowledged, cutOff, failed, stale, lost } = await writing.stop();
  const fewest = await stopWatching();
  row(
    what,
    `${acknowledged} writes acknowledged, ${lost} lost; ${cutOff} cut off; ${stale} stale; ` +
      `longest without a write ${Math.round(longest)} ms; ${fewest} databases at least, ` +
      `all again ${rejoined} later`,
  );
  return lost + failed + stale > 0 ? [`${what}: ${lost} lost, ${failed} failed, ${stale} stale`] : [];
}

/** The fewest databases that agreed with each other, as each of them saw it. */
function watch({ databases }) {
  let fewest = databases.length;
  let isOver = false;
  const looking = (async () => {
    while (!isOver) {
      fewest = Math.min(fewest, ...(await sizes(databases)).filter((size) => size > 0));
      await wait(250);
    }
  })();
  return async () => {
    isOver = true;
    await looking;
    return fewest;
  };
}

/** The longest time in which nothing was acknowledged, over the next seconds. */
async function longestWithout({ tally }, before) {
  let known = before;
  let since = performance.now();
  let longest = 0;
  for (const until = performance.now() + 25_000; performance.now() < until; await wait(20)) {
    longest = Math.max(longest, performance.now() - since);
    if (tally.acknowledged === known) continue;
    known = tally.acknowledged;
    since = performance.now();
  }
  return longest;
}

/** The end-to-end journey, in a browser that knows nothing of the cluster. */
async function journey({ address }) {
  const begun = performance.now();
  const child = spawn(
    'npx',
    [
      'playwright',
      'test',
      '--config',
      'e2e/playwright.config.ts',
      'journey',
      '--reporter=line',
      '--workers=1',
    ],
    { cwd: root, env: { ...process.env, FORNAX_URL: address, NO_COLOR: '1' } },
  );
  let said = '';
  for (const stream of [child.stdout, child.stderr])
    stream.on('data', (chunk) => {
      said += chunk;
    });
  const status = await new Promise((resolve) => {
    child.once('close', resolve);
  });
  const [, passed = '0'] = /(\d+) passed/.exec(said) ?? [];
  row('the journey of an instructor', `${passed} passed in ${seconds(begun)}`);
  return status === 0 ? [] : [`the journey: ${said.slice(-2000)}`];
}
