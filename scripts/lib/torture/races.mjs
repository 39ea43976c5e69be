import { randomUUID } from 'node:crypto';
import { visitor } from './visitor.mjs';

const together = 10;

/**
 * Ten writes at once of the same thing, over and over: of changes under one revision one lands and the others
 * are told; of ticks every one is taken; of the same class made ten times one is made. Returns how many were
 * sent, and how many rounds came out otherwise.
 */
export async function race(address, { writes, until = Infinity }) {
  const cook = await visitor(address);
  const id = randomUUID();
  let { revision } = (await cook.makeClass('Race', id)).body;
  const result = { writes: 0, wrong: 0, failed: 0 };
  while (result.writes < writes && performance.now() < until) {
    const round = (result.writes / together) % 3;
    const statuses =
      round === 0
        ? await change(cook, id, revision)
        : round === 1
          ? await tick(cook, id)
          : await makeOne(cook, result);
    if (round === 0) revision += 1;
    result.writes += together;
    result.failed += statuses.filter((status) => status === 500 || status === 0).length;
    const landed = statuses.filter((status) => status === 200 || status === 201).length;
    if (landed !== (round === 0 ? 1 : together)) result.wrong += 1;
  }
  const { body } = await cook.get(`/classes/${id}`);
  if (body.revision !== revision) result.wrong += 1;
  return result;
}

const all = (work) =>
  Promise.all(Array.from({ length: together }, (_, index) => work(index).then(({ status }) => status)));

function change(cook, id, revision) {
  return all((index) => cook.patch(`/classes/${id}`, revision, { people: index + 1 }));
}

function tick(cook, id) {
  return all((index) => cook.send('PUT', `/classes/${id}/ticks`, { key: 'feta', ticked: index % 2 === 0 }));
}

async function makeOne(cook, result) {
  const id = randomUUID();
  const statuses = await all(() => cook.makeClass('Made at once', id));
  const { status } = await cook.send('DELETE', `/classes/${id}`);
  if (status !== 204) result.wrong += 1;
  return statuses;
}
