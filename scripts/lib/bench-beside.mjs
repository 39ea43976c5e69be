import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from './database.mjs';
import { row, spread } from './measure.mjs';
import { startFornax } from './serve.mjs';
import { twoKitchens } from './torture/kitchens.mjs';
import { classWithMenu, demoMenus } from './torture/menus.mjs';
import { visitor } from './torture/visitor.mjs';

const heavyDishes = 12;
const heavyPeople = 198;
const heavyAtOnce = 3;
const rounds = 60;

/**
 * How long a kitchen waits for the plan of a class of one dish while another has about the heaviest classes
 * that are let in planned without end; each is changed before it is planned.
 */
export async function benchBeside() {
  const folder = mkdtempSync(join(tmpdir(), 'fornax-beside-'));
  const fornax = await startFornax({ folder, port: await freePort(), demo: true });
  try {
    const [first, second] = await twoKitchens(fornax);
    const large = await visitor(fornax.address, first.cookie);
    const small = await visitor(fornax.address, second.cookie);
    const dishes = (await demoMenus(large)).flat();
    const [dish] = dishes;
    const kept = await small.send('POST', '/recipes', { id: randomUUID(), content: dish.recipe });
    if (kept.status !== 201) throw new Error(`A recipe was answered with ${kept.status}.`);
    const theirs = await classWithMenu(small, 'Small', {
      dishes: [{ ...dish.written, recipeId: kept.body.id }],
      people: 8,
    });
    await timedPlans(small, theirs, 5);
    row('a small plan, alone', spread(await timedPlans(small, theirs, rounds)));
    let isOver = false;
    const many = Array.from({ length: heavyDishes }, (_, place) => dishes[place % dishes.length].written);
    const heavy = Array.from({ length: heavyAtOnce }, async () => {
      const whole = await classWithMenu(large, 'Heavy', { dishes: many, people: heavyPeople });
      const taken = [];
      while (!isOver) taken.push(...(await timedPlans(large, whole, 1)));
      return taken;
    });
    row(`the same beside ${heavyAtOnce} heavy ones`, spread(await timedPlans(small, theirs, rounds)));
    isOver = true;
    row('the heavy ones meanwhile', spread((await Promise.all(heavy)).flat()));
  } finally {
    await fornax.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}

/** Milliseconds of so many plans, each of the class with one more or fewer people. */
async function timedPlans(cook, theirs, count) {
  const taken = [];
  for (let round = 0; round < count; round++) {
    theirs.people += theirs.people % 2 === 0 ? 1 : -1;
    const changed = await cook.patch(`/classes/${theirs.id}`, theirs.revision, {
      people: theirs.people,
      place: `Room ${randomUUID()}`,
    });
    if (changed.status !== 200) throw new Error(`A change was answered with ${changed.status}.`);
    theirs.revision = changed.body.revision;
    const begun = performance.now();
    const { status, body } = await cook.get(`/classes/${theirs.id}/plan`);
    taken.push(performance.now() - begun);
    if (status !== 200) throw new Error(`A plan was answered with ${status}: ${body?.detail}`);
  }
  return taken;
}
