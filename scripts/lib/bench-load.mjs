import { randomUUID } from 'node:crypto';
import { fork } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import autocannon from 'autocannon';
import { administer } from './database-accounts.mjs';
import { environment } from './database-process.mjs';
import { freePort } from './database.mjs';
import { root } from './machine.mjs';
import { median, residentMegabytes, row } from './measure.mjs';
import { startFornax } from './serve.mjs';
import { visitor } from './torture/visitor.mjs';

const listRounds = 40;
const connections = 50;
const seconds = Number(process.env.FORNAX_LOAD_SECONDS ?? 20);

/**
 * What the server costs whoever asks for what is known already, with fifty connections, beside the least that
 * a server of its kind can do, measured in the same run before and after.
 */
export async function benchLoad() {
  const folder = mkdtempSync(join(tmpdir(), 'fornax-load-'));
  const fornax = await startFornax({ folder, port: await freePort(), demo: true });
  const bare = await startBare(fornax.database.url);
  try {
    const cook = await visitor(fornax.address);
    const { id } = (await cook.get('/classes')).body[2];
    const plan = await cook.get(`/classes/${id}/plan`);
    await standing(cook);
    const before = await load(bare.url);
    row('bare read of one row', `${spread(before)}`);
    const address = (path) => `${fornax.address}/api${path}`;
    const headers = { cookie: cook.cookie };
    const etag = plan.headers.get('etag');
    const cases = [
      ['session', '/session', {}],
      ['a class', `/classes/${id}`, {}],
      ['the list of classes', '/classes', {}],
      ['a known plan, to who has it', `/classes/${id}/plan`, { 'If-None-Match': etag }],
      ['a known plan, whole', `/classes/${id}/plan`, { 'Accept-Encoding': 'gzip' }],
    ];
    const measured = [];
    for (const [what, path, more] of cases)
      measured.push([what, await load(address(path), { ...headers, ...more })]);
    const after = await load(bare.url);
    await benchPast(fornax, cook);
    const bareMedian = (before.p50 + after.p50) / 2;
    for (const [what, taken] of measured)
      row(what, `${spread(taken)}; ${(taken.p50 / bareMedian).toFixed(2)} × the bare read`);
    row('bare read again', spread(after));
    row('server memory after that (resident set)', `${residentMegabytes(fornax.server.pid())} MB`);
  } finally {
    bare.stop();
    await fornax.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

/** What the list costs once after a change, with twenty past classes and with two thousand. */
async function benchPast(fornax, cook) {
  const few = await listAfterChange(fornax, cook, 20);
  const many = await listAfterChange(fornax, cook, 2000);
  row(
    'the list after a change, 20 / 2 000 past classes',
    `${few.toFixed(1)} / ${many.toFixed(1)} ms, ${(many / few).toFixed(2)} ×`,
  );
}

/** So many classes of years ago in the demo's kitchen, in the place of those that were put there before. */
export function putPastClasses({ socket }, past) {
  administer(
    socket,
    `USE fornax; DELETE FROM classes WHERE title = 'Long past';
    INSERT INTO classes (id, kitchen_id, revision, title, starts_at, zone, length_minutes, place, people,
      people_per_station, assistants, demonstration_plates, decisions)
    SELECT UUID(), kitchen_id, 1, 'Long past', CONCAT(DATE('2015-01-01') + INTERVAL seq DAY, 'T18:30'), zone,
      length_minutes, place, people, people_per_station, assistants, demonstration_plates, decisions
    FROM seq_1_to_${past}, (SELECT * FROM classes LIMIT 1) AS usual;`,
    environment,
  );
}

async function listAfterChange({ database }, cook, past) {
  putPastClasses(database, past);
  const taken = [];
  for (let round = 0; round < listRounds; round++) {
    const id = randomUUID();
    await cook.makeClass('One', id);
    await cook.send('DELETE', `/classes/${id}`);
    const begun = performance.now();
    await cook.get('/classes');
    taken.push(performance.now() - begun);
  }
  return median(taken);
}

/** Waits until the best plans are found, and the list stands. */
export async function standing(cook) {
  for (let known = null; ;) {
    const { headers } = await cook.get('/classes');
    await new Promise((resolve) => {
      setTimeout(resolve, 3000);
    });
    if (headers.get('etag') === known) return;
    known = headers.get('etag');
  }
}

async function startBare(database) {
  const port = await freePort();
  const child = fork(join(root, 'server', 'bench', 'bare-server.mjs'), [], {
    env: { ...process.env, FORNAX_DATABASE: database, PORT: String(port) },
  });
  await new Promise((resolve, reject) => {
    child.once('message', resolve);
    child.once('exit', () => reject(new Error('The bare server did not start.')));
  });
  return { url: `http://127.0.0.1:${port}/bare`, stop: () => child.kill() };
}

/** Median and 99th percentile in milliseconds of fifty connections that ask as fast as they are answered. */
async function load(url, headers = {}) {
  await autocannon({ url, headers, connections, duration: 2 });
  const { latency, requests, non2xx, errors, statusCodeStats } = await autocannon({
    url,
    headers,
    connections,
    duration: seconds,
  });
  const unchanged = statusCodeStats['304']?.count ?? 0;
  if (errors > 0 || non2xx > unchanged) throw new Error(`${url}: ${errors} errors, ${non2xx} refusals.`);
  // By the count of answers: the clock of the measurement has whole milliseconds only.
  const mean = (connections * 1000 * seconds) / requests.total;
  return { p50: latency.p50, p99: latency.p99, mean };
}

function spread({ p50, p99, mean }) {
  const tail = `${p99} ms at the 99th percentile (${(p99 / p50).toFixed(1)} ×)`;
  return `${p50} ms median, ${tail}, ${mean.toFixed(1)} ms mean`;
}
