import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { freePort } from './database.mjs';
import { median, row } from './measure.mjs';
import { startFornax } from './serve.mjs';

/** About the most that a class may hold: 12 dishes of 13 steps and 40 lines, for 200 people. */
const dishes = 12;
const foods = ['carrots', 'feta', 'rocket', 'walnuts', 'yoghurt', 'cucumber', 'tomatoes', 'butter beans'];
const works = ['Chop', 'Whisk', 'Simmer for 10 minutes', 'Toss', 'Slice'];

/** What the heaviest class costs whoever asks for it, and whoever asks for something else meanwhile. */
export async function benchServer(core) {
  const folder = mkdtempSync(join(tmpdir(), 'fornax-bench-'));
  const fornax = await startFornax({ folder, port: await freePort(), demo: true });
  try {
    const call = await signedIn(fornax.address);
    const id = await heaviestClass(core, call);
    for (const [what, path] of [
      ['plan of the heaviest class', `/classes/${id}/plan`],
      ['its cards as PDF', `/classes/${id}/cards.pdf`],
      ['the list of classes with it', '/classes'],
    ]) {
      const { own, others } = await beside(call, path);
      row(
        what,
        `${own.toFixed(0)} ms; other requests meanwhile ` +
          `${median(others).toFixed(0)} ms median, ${Math.max(...others).toFixed(0)} ms at most`,
      );
    }
  } finally {
    await fornax.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

async function signedIn(address) {
  const json = { 'Content-Type': 'application/json', Origin: address };
  const answer = await fetch(`${address}/api/session`, {
    method: 'POST',
    headers: json,
    body: '{"demo":true}',
  });
  const cookie = answer.headers.get('set-cookie').split(';')[0];
  return async (path, body) => {
    const given = await fetch(`${address}/api${path}`, {
      headers: { ...json, cookie },
      ...(body ? { method: 'POST', body: JSON.stringify(body) } : {}),
    });
    if (!given.ok) throw new Error(`${path}: ${given.status}`);
    return given.arrayBuffer();
  };
}

async function heaviestClass(core, call) {
  const menu = [];
  for (let dish = 0; dish < dishes; dish++) {
    const lines = Array.from({ length: 40 }, (_, at) => `${100 + at} g ${foods[at % foods.length]}`);
    const steps = Array.from({ length: 13 }, (_, at) => `${works[(at + dish) % works.length]} the carrots.`);
    const text = `Heavy ${dish}\nServes 4\nIngredients\n${lines.join('\n')}\nMethod\n${steps.join('\n')}`;
    const id = randomUUID();
    await call('/recipes', { id, content: core.parseRecipeText(text, { system: 'metric' }) });
    menu.push({ id: randomUUID(), recipeId: id, portion: 'side', maker: 'every station' });
  }
  const id = randomUUID();
  const startsAt = `${new Date().getFullYear() + 1}-03-05T18:30`;
  await call('/classes', { id, title: 'Heaviest', startsAt, people: 200, lengthMinutes: 240, dishes: menu });
  return id;
}

async function beside(call, path) {
  const others = [];
  let isOver = false;
  const asking = (async () => {
    while (!isOver) {
      const start = performance.now();
      await call('/session');
      others.push(performance.now() - start);
      await wait(10);
    }
  })();
  const start = performance.now();
  await call(path);
  const own = performance.now() - start;
  isOver = true;
  await asking;
  return { own, others };
}
