import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { freePort } from './database.mjs';
import { residentMegabytes, row } from './measure.mjs';
import { startFornax } from './serve.mjs';
import { visitor } from './torture/visitor.mjs';

const minutes = Number(process.env.FORNAX_SOAK_MINUTES ?? 60);
const looks = 6;
const pauseMilliseconds = 200;

/**
 * Memory of the server over an hour of mixed use: classes read and changed, planned, bought for, printed;
 * recipes pasted, listed, put on menus.
 */
export async function benchSoak(core) {
  const folder = mkdtempSync(join(tmpdir(), 'fornax-soak-'));
  const fornax = await startFornax({ folder, port: await freePort(), demo: true });
  try {
    const cook = await visitor(fornax.address);
    const classes = (await cook.get('/classes')).body.map(({ id }) => id);
    const span = (minutes / looks) * 60_000;
    const memory = [];
    let requests = 0;
    for (let look = 0; look < looks; look++) {
      for (const until = performance.now() + span; performance.now() < until; requests++) {
        await use(cook, core, classes, requests);
        await wait(pauseMilliseconds);
      }
      memory.push(residentMegabytes(fornax.server.pid()));
    }
    row(`server memory over ${minutes} min of mixed use (${requests} requests)`, `${memory.join(', ')} MB`);
  } finally {
    await fornax.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

/** One of the things that people do, in turn. */
async function use(cook, core, classes, turn) {
  const id = classes[turn % classes.length];
  const works = [
    () => cook.get('/classes'),
    () => cook.get(`/classes/${id}/plan`),
    () => changePeople(cook, id, turn),
    () => cook.get(`/classes/${id}/plan`),
    () => cook.send('PUT', `/classes/${id}/ticks`, { key: `row ${turn % 40}`, ticked: turn % 2 === 0 }),
    () => cook.get('/recipes'),
    () => paste(cook, core, turn),
    () => cook.get('/techniques'),
    () => (turn % 50 === 0 ? cook.get(`/classes/${id}/cards.pdf`) : cook.get('/larder')),
    () => cook.get('/classes/needs'),
  ];
  const { status } = await works[turn % works.length]();
  if (status >= 500 || status === 0) throw new Error(`Mixed use was answered with ${status}.`);
}

async function changePeople(cook, id, turn) {
  const { body } = await cook.get(`/classes/${id}`);
  return cook.patch(`/classes/${id}`, body.revision, { people: 8 + (turn % 20) });
}

function paste(cook, core, turn) {
  const text = `Soak ${turn}\nServes 4\nIngredients\n200 g feta\n3 carrots\nMethod\n1. Grate the carrots.`;
  return cook.send('POST', '/recipes', {
    id: randomUUID(),
    content: core.parseRecipeText(text, { system: 'metric' }),
  });
}
