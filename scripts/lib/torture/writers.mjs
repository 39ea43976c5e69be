import { randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { visitor } from './visitor.mjs';

/** Nobody asks again at once where nobody answered. */
const pauseAfterCut = 50;

/**
 * People who write without end: each changes a class of their own under its revision, reads it back, and now
 * and then makes another class and ticks a row. What was acknowledged is kept in a journal; what was cut off
 * may or may not have been done.
 */
export async function startWriters(address, people, { pause = 5 } = {}) {
  const cook = await visitor(address);
  const writers = await Promise.all(Array.from({ length: people }, (_, number) => begin(cook, number)));
  const tally = { acknowledged: 0, cutOff: 0, refused: 0, failed: 0, stale: 0 };
  let isOver = false;
  const working = writers.map(async (writer) => {
    while (!isOver) {
      const status = await writeOnce(cook, writer, tally);
      await wait(Math.random() * (isCut(status) ? pauseAfterCut : pause));
    }
  });
  return {
    tally,
    /** Takes one thing away that was acknowledged, so that it can be seen that this is noticed. */
    async take() {
      const [id] = writers.flatMap(({ made }) => made);
      await cook.send('DELETE', `/classes/${id}`);
    },
    /** Stops them, and counts what was acknowledged and is not there. */
    async stop() {
      isOver = true;
      await Promise.all(working);
      let lost = 0;
      for (const writer of writers) lost += await lostOf(cook, writer);
      return { ...tally, lost };
    },
  };
}

async function begin(cook, number) {
  const id = randomUUID();
  const { status, body } = await cook.makeClass(`Writer ${number}`, id);
  if (status !== 201) throw new Error(`A writer's class was answered with ${status}.`);
  return { id, number, turn: 0, revision: body.revision, place: '', maybe: [], made: [], ticks: new Map() };
}

async function writeOnce(cook, writer, tally) {
  writer.turn += 1;
  if (writer.turn % 7 === 0) return makeAnother(cook, writer, tally);
  if (writer.turn % 5 === 0) return tick(cook, writer, tally);
  const place = `turn ${writer.turn}`;
  const { status, body } = await cook.patch(`/classes/${writer.id}`, writer.revision, { place });
  count(tally, status);
  if (status === 200) {
    Object.assign(writer, { place, maybe: [], revision: body.revision });
    await readBack(cook, writer, tally);
  } else if (status === 409) writer.revision = body.current.revision;
  else writer.maybe.push(place);
  return status;
}

/** Whoever wrote something is never shown what stood before. */
async function readBack(cook, writer, tally) {
  const { status, body } = await cook.get(`/classes/${writer.id}`);
  if (status === 200 && body.place !== writer.place) tally.stale += 1;
}

async function makeAnother(cook, writer, tally) {
  const id = randomUUID();
  const { status } = await cook.makeClass(`Made ${writer.number}`, id);
  count(tally, status);
  if (status === 201) writer.made.push(id);
  return status;
}

async function tick(cook, writer, tally) {
  const key = `row ${writer.turn % 20}`;
  const ticked = writer.turn % 2 === 0;
  const { status } = await cook.send('PUT', `/classes/${writer.id}/ticks`, { key, ticked });
  count(tally, status);
  if (status === 200) writer.ticks.set(key, [ticked]);
  else writer.ticks.get(key)?.push(ticked);
  return status;
}

function isCut(status) {
  return status === 0 || status === 502 || status === 503;
}

function count(tally, status) {
  if (status === 200 || status === 201) tally.acknowledged += 1;
  else if (status === 500) tally.failed += 1;
  else if (isCut(status)) tally.cutOff += 1;
  else tally.refused += 1;
}

async function lostOf(cook, writer) {
  const { body } = await cook.get(`/classes/${writer.id}`);
  let lost = [writer.place, ...writer.maybe].includes(body.place) ? 0 : 1;
  for (const id of writer.made) if ((await cook.get(`/classes/${id}`)).status !== 200) lost += 1;
  const ticks = new Map(
    (await cook.get(`/classes/${writer.id}/ticks`)).body.map((row) => [row.key, row.ticked]),
  );
  for (const [key, allowed] of writer.ticks) if (!allowed.includes(ticks.get(key))) lost += 1;
  return lost;
}

/** Somebody else who looks at the list of what is theirs all the while; the longest they waited. */
export async function startBystander(address) {
  const cook = await visitor(address);
  let isOver = false;
  let longest = 0;
  const looking = (async () => {
    while (!isOver) {
      const begun = performance.now();
      await cook.get('/session');
      longest = Math.max(longest, performance.now() - begun);
      await wait(50);
    }
  })();
  return {
    async stop() {
      isOver = true;
      await looking;
      return Math.round(longest);
    },
  };
}
