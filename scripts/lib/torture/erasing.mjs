import { randomUUID } from 'node:crypto';
import { visitor } from './visitor.mjs';

/** Classes to which all of it is done at once. */
const lanes = 4;

/**
 * Writers that know of no revision (somebody is erased, rows are ticked, the larder is renamed and the
 * library worked out again, recipes are brought in) against people who edit the same classes under theirs.
 * Every edit that is acknowledged must stand, whoever was erased must be gone. Returns how many writes were
 * sent, what came out wrong, and how many were refused for now.
 */
export async function raceErasing(address, { writes, until = Infinity }) {
  // What is built is there once the torture has begun, not when this is read.
  const { emptyRecipe } = await import('../../../core/dist/node/index.js');
  const cook = await visitor(address);
  const result = { writes: 0, wrong: 0, failed: 0, refused: 0 };
  let rounds = 0;
  const lane = async () => {
    while (result.writes < writes && performance.now() < until) {
      const { sent, wrong, failed, refused } = await eraseOnce(cook, emptyRecipe, rounds++);
      result.writes += sent;
      result.wrong += wrong;
      result.failed += failed;
      result.refused += refused;
    }
  };
  await Promise.all(Array.from({ length: lanes }, lane));
  return result;
}

/** One class, and all that is done to it at once. */
async function eraseOnce(cook, emptyRecipe, round) {
  const [id, broughtIn] = [randomUUID(), randomUUID()];
  const gone = `Gone ${round}`;
  const made = await cook.send('POST', '/classes', {
    id,
    title: `Erasing ${round}`,
    startsAt: `${new Date().getFullYear() + 2}-03-05T18:30`,
    roster: [person(gone), person('Stays')],
  });
  const edits = Array.from({ length: 3 }, (_, number) => edit(cook, made.body, number));
  const others = [
    cook.send('POST', '/people/erase', { name: gone }),
    cook.send('PUT', `/classes/${id}/ticks`, { key: 'feta', ticked: true }),
    cook.get('/recipes'),
    cook.send('POST', '/recipes', { id: broughtIn, content: recipe(emptyRecipe, round) }),
    rename(cook, round),
    cook.get('/classes'),
  ];
  const [edited, rest] = await Promise.all([Promise.all(edits), Promise.all(others)]);
  const [erased, ticked] = rest;
  const wrong = await wrongOf(cook, id, gone, { edited, erased, ticked });
  await cook.send('DELETE', `/classes/${id}`);
  // The library stays as large as it is: it is worked out again in every round.
  await cook.send('DELETE', `/recipes/${broughtIn}`);
  return {
    sent: edits.length + others.length,
    wrong,
    failed: [...edited, ...rest].filter(({ status }) => status === 500 || status === 0).length,
    refused: [...edited, ...rest].filter(({ status }) => status === 503).length,
  };
}

async function edit(cook, { id, revision, roster }, number) {
  const place = `Edit ${number}`;
  const added = [...roster, person(place)];
  const { status } = await cook.patch(`/classes/${id}`, revision, { place, roster: added });
  return { status, place };
}

/** What was acknowledged and is not so; what was refused promises nothing. */
async function wrongOf(cook, id, gone, { edited, erased, ticked }) {
  const { body } = await cook.get(`/classes/${id}`);
  const names = body.roster.map(({ name }) => name);
  const landed = edited.filter(({ status }) => status === 200);
  const isKept = landed.every(({ place }) => body.place === place && names.includes(place));
  const ticks = (await cook.get(`/classes/${id}/ticks`)).body;
  return [
    landed.length <= 1,
    isKept,
    erased.status !== 200 || !names.includes(gone),
    names.includes('Stays'),
    ticked.status !== 200 || ticks.length === 1,
  ].filter((isRight) => !isRight).length;
}

/** A new name of a food: every recipe of the library is worked out again. */
async function rename(cook, round) {
  const entries = (await cook.get('/larder')).body;
  const revision = entries.find(({ ingredient }) => ingredient === 'fennel')?.revision ?? 0;
  return cook.send(
    'PUT',
    '/larder/fennel',
    { figures: {}, own: null, called: [`name ${round}`] },
    { 'If-Match': `"r${revision}"` },
  );
}

function person(name) {
  return {
    id: randomUUID(),
    name,
    station: null,
    age: 'adult',
    allergens: [],
    diets: [],
    sensitivities: [],
    dislikes: [],
    friends: [],
    heat: null,
    pregnant: false,
    leftHanded: false,
    reach: '',
    experienced: false,
    notes: '',
  };
}

function recipe(emptyRecipe, round) {
  return {
    ...emptyRecipe,
    title: `Brought in ${round}`,
    components: [{ id: 'c', name: 'Salad', role: 'base' }],
  };
}
