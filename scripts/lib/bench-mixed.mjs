import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { putPastClasses, standing } from './bench-load.mjs';
import { freePort } from './database.mjs';
import { residentMegabytes, row, spread } from './measure.mjs';
import { startFornax } from './serve.mjs';
import { classWithMenu, demoMenus } from './torture/menus.mjs';
import { visitor } from './torture/visitor.mjs';

const users = 50;
const pastClasses = 2000;
const seconds = Number(process.env.FORNAX_LOAD_SECONDS ?? 60);
/** Between two requests of one person, up to so long: far less than anybody looks at a page. */
const pauseMilliseconds = Number(process.env.FORNAX_LOAD_PAUSE ?? 2000);
/** What most of what people do is, by its share in twenty requests. */
const shares = { list: 4, read: 4, plan: 3, change: 3, tick: 2, recipes: 2, larder: 1, make: 1 };

/**
 * Fifty people who read, change and plan classes of their own in a kitchen of two thousand past classes: how
 * long each kind of request takes, what memory the server takes, how long its event loop stands still, and
 * how long the list takes after a restart, and after one that finds no rows of plans.
 */
export async function benchMixed() {
  const folder = mkdtempSync(join(tmpdir(), 'fornax-mixed-'));
  const metricsPort = await freePort();
  process.env.FORNAX_METRICS_PORT = String(metricsPort);
  const setting = { folder, demo: true };
  let fornax = await startFornax({ ...setting, port: await freePort() });
  try {
    putPastClasses(fornax.database, pastClasses);
    const people = await begin(fornax.address);
    await standing(people[0].cook);
    row('all of them open their plans at once, each for the first time', spread(await openAll(people)));
    await loopDelay(metricsPort);
    const { taken, memory, refused } = await work(people, fornax.server.pid());
    const delay = await loopDelay(metricsPort);
    tell(taken, refused);
    row('server memory meanwhile, threads among it, at most', `${Math.max(...memory)} MB`);
    row('event loop delay meanwhile, 99th percentile', `${(delay * 1000).toFixed(0)} ms`);
    for (const what of ['the list after a restart', 'the same, again']) {
      await fornax.stop();
      fornax = await startFornax({ ...setting, port: await freePort() });
      row(what, `${(await coldList(fornax.address)).toFixed(0)} ms`);
    }
  } finally {
    delete process.env.FORNAX_METRICS_PORT;
    await fornax.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Each has a class of their own, with the menu of one of the demo's. */
async function begin(address) {
  const cook = await visitor(address);
  const menus = await demoMenus(cook);
  const made = [];
  for (let number = 0; number < users; number++) {
    const dishes = menus[number % menus.length].map(({ written }) => written);
    made.push({ cook, number, ...(await classWithMenu(cook, `Mixed ${number}`, { dishes })) });
  }
  return made;
}

/** Milliseconds that each waits. */
function openAll(people) {
  return Promise.all(
    people.map(async ({ cook, id }) => {
      const begun = performance.now();
      await cook.get(`/classes/${id}/plan`);
      return performance.now() - begun;
    }),
  );
}

const kinds = Object.entries(shares).flatMap(([kind, share]) => Array.from({ length: share }, () => kind));

/** All of them at work; milliseconds by kind, memory by second, and what was refused with which status. */
async function work(people, pid) {
  const taken = Object.fromEntries(Object.keys(shares).map((kind) => [kind, []]));
  const memory = [];
  const refused = {};
  const until = performance.now() + seconds * 1000;
  const looking = (async () => {
    while (performance.now() < until) {
      memory.push(residentMegabytes(pid));
      await wait(1000);
    }
  })();
  const working = people.map(async (person) => {
    for (let turn = person.number; performance.now() < until; turn++) {
      const kind = kinds[(turn * 7) % kinds.length];
      const begun = performance.now();
      const status = await doOnce(kind, person, turn);
      taken[kind].push(performance.now() - begun);
      if (status >= 400 || status === 0)
        refused[`${kind} ${status}`] = (refused[`${kind} ${status}`] ?? 0) + 1;
      await wait(Math.random() * pauseMilliseconds);
    }
  });
  await Promise.all([...working, looking]);
  return { taken, memory, refused };
}

async function doOnce(kind, person, turn) {
  const { cook, id } = person;
  const at = `/classes/${id}`;
  const works = {
    list: () => cook.get('/classes'),
    read: () => cook.get(at),
    plan: () => cook.get(`${at}/plan`),
    change: async () => {
      const answer = await cook.patch(at, person.revision, { people: 8 + (turn % 20) });
      if (answer.status === 200) person.revision = answer.body.revision;
      return answer;
    },
    tick: () => cook.send('PUT', `${at}/ticks`, { key: `row ${turn % 40}`, ticked: turn % 2 === 0 }),
    recipes: () => cook.get('/recipes'),
    larder: () => cook.get('/larder'),
    make: () => cook.makeClass(`Made ${turn}`),
  };
  return (await works[kind]()).status;
}

function tell(taken, refused) {
  for (const [kind, times] of Object.entries({ ...taken, 'all of them': Object.values(taken).flat() }))
    if (times.length > 0) row(`${users} at work: ${kind}`, spread(times));
  row('refused', Object.keys(refused).length > 0 ? JSON.stringify(refused) : 'none');
}

/** Seconds that the event loop was late at the 99th percentile since the last look. */
async function loopDelay(port) {
  const text = await (await fetch(`http://127.0.0.1:${port}/metrics`)).text();
  return Number(/^nodejs_eventloop_lag_p99_seconds (\S+)/m.exec(text)[1]);
}

async function coldList(address) {
  const cook = await visitor(address);
  const begun = performance.now();
  await cook.get('/classes');
  return performance.now() - begun;
}
