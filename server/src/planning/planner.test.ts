import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  betteringSlices,
  emptyRecipe,
  movedBetween,
  planClass,
  usualKitchen,
  type ClassBundle,
  type Recipe,
  type RecipeStep,
} from '@fornax/core';
import { Planner } from './planner.js';
import { Workers } from './workers.js';
import { readPlan } from './written-plan.js';

const step = (id: string, overrides: Partial<RecipeStep> = {}): RecipeStep => ({
  id,
  componentId: 'c',
  text: `Do ${id}.`,
  handsOnMinutes: 6,
  waitMinutes: null,
  until: '',
  place: 'in class',
  occupies: null,
  tools: [],
  uses: [],
  after: [],
  holdMinutes: null,
  techniques: [],
  techniqueNote: '',
  demonstrateMinutes: 3,
  ...overrides,
});
const recipe = (title: string): Recipe => ({
  ...emptyRecipe,
  title,
  components: [{ id: 'c', name: 'Salad', role: 'base' }],
  steps: [
    step('roast', { waitMinutes: { low: 20, high: 25 }, occupies: { appliance: 'oven', setting: '200 °C' } }),
    step('whisk'),
    step('toss', { after: ['roast', 'whisk'] }),
  ],
});
const bundle = (people: number): ClassBundle => ({
  class: {
    id: 'c',
    title: 'Class',
    startsAt: '2026-11-27T18:30',
    zone: 'Europe/London',
    lengthMinutes: 150,
    place: '',
    people,
    peoplePerStation: 4,
    assistants: 0,
    demonstrationPlates: 2,
    dishes: ['a', 'b', 'd'].map((id) => ({
      id,
      recipeId: id,
      version: 1,
      portion: 'side',
      maker: 'every station',
      choices: {},
      recipe: recipe(id),
    })),
  },
  kitchen: usualKitchen,
});
const manyDishes = (count: number): ClassBundle['class']['dishes'] =>
  Array.from({ length: count }, (_, place) => ({
    ...bundle(4).class.dishes[0]!,
    id: `dish ${place}`,
    recipe: { ...recipe(`dish ${place}`), steps: manySteps },
  }));
const manySteps = Array.from({ length: 12 }, (_, place) =>
  step(`${place}`, place % 4 === 0 ? { waitMinutes: { low: 10, high: 20 } } : { after: [`${place - 1}`] }),
);
const withPeople = (of: ClassBundle, people: number): ClassBundle => ({
  ...of,
  class: { ...of.class, people },
});
const named = (id: string, people: number): ClassBundle => ({
  ...bundle(people),
  class: { ...bundle(people).class, id },
});
/** As the browser does it. */
function bettered(of: ClassBundle) {
  let plan = planClass(of);
  for (const effort of betteringSlices) plan = planClass(of, { effort, standing: plan.timeline.starts });
  return plan;
}

let planner: Planner;
const patience = 240_000;
const bestOf = async (of: ClassBundle) => readPlan((await planner.best(of, 'kitchen')).plan);
beforeAll(() => {
  planner = new Planner(new Workers());
  // What is best does not depend on how fast this machine is.
  planner.answerWithinMilliseconds = planner.patienceMilliseconds = patience;
});
afterAll(() => planner.workers.onModuleDestroy());

describe('planning on a thread of its own', () => {
  it('comes to the plan that the browser comes to', async () => {
    const { timeline } = await bestOf(bundle(8));
    expect(movedBetween(timeline, bettered(bundle(8)).timeline)).toEqual([]);
  });
  it('soon is the first valid plan, and the best once that is known', async () => {
    const first = await planner.soon(bundle(10), 'kitchen');
    expect(first.isBest).toBe(false);
    expect(first.plan.starts).toEqual(planClass(bundle(10)).timeline.starts);
    const { plan: best } = await planner.best(bundle(10), 'kitchen');
    expect(await planner.soon(bundle(10), 'kitchen')).toMatchObject({ plan: best, isBest: true });
  });
  it('is asked once for the same bundle', async () => {
    const [a, b] = await Promise.all([
      planner.best(bundle(12), 'kitchen'),
      planner.best(bundle(12), 'kitchen'),
    ]);
    expect(a!.plan).toBe(b!.plan);
  });
  it('is asked once for each of more bundles than are remembered', async () => {
    const { answered } = planner;
    const classes = Array.from({ length: 30 }, (_, place) => named(`class ${place}`, 100 + place));
    await Promise.all(classes.map((each) => planner.best(each, 'kitchen', 1)));
    await Promise.all(classes.map((each) => bestOf(each)));
    expect(planner.answered - answered).toBe(classes.length * (1 + betteringSlices.length));
  });
  it('a class that has changed is not bettered as it was once nobody waits for that', async () => {
    const { answered } = planner;
    const asWere = [1, 2, 3, 4, 5].map((people) => named('edited', 200 + people));
    for (const each of asWere) await planner.best(each, 'kitchen', 1);
    await bestOf(asWere.at(-1)!);
    // A first plan of each; of what it was before, at most the slice that was under way.
    const firsts = asWere.length;
    expect(planner.answered - answered).toBeLessThanOrEqual(firsts + betteringSlices.length + (firsts - 1));
  });
  it('leaves the main thread free: timers run while it plans', async () => {
    let turns = 0;
    const timer = setInterval(() => {
      turns++;
    }, 1);
    await planner.best(bundle(16), 'kitchen');
    clearInterval(timer);
    expect(turns).toBeGreaterThan(10);
  });
  it('a first plan does not wait for other classes to be bettered', async () => {
    const order: string[] = [];
    const best = [20, 21, 25].map((people) =>
      planner.best(bundle(people), 'kitchen').then(() => order.push('best')),
    );
    await planner.soon(bundle(24), 'kitchen').then(() => order.push('soon'));
    await Promise.all(best);
    expect(order.indexOf('soon')).toBeLessThan(3);
  });
  it('a class that changes again is not bettered as it was, unless that is asked for', async () => {
    const old: ClassBundle = { ...bundle(12), today: '2026-11-20' };
    await planner.soon(old, 'kitchen');
    await planner.soon({ ...old, today: '2026-11-21' }, 'kitchen');
    expect((await bestOf(old)).timeline).toEqual(bettered(old).timeline);
  });
  it('what cannot be planned is an error of its own, and the next plan comes', async () => {
    await expect(planner.best({ ...bundle(8), class: null as never }, 'kitchen')).rejects.toThrow();
    expect((await bestOf(bundle(7))).timeline).toEqual(bettered(bundle(7)).timeline);
  });
  it('what takes too long is refused and not tried again; where only bettering does, it stands', async () => {
    const { workers } = planner;
    const usual = workers.longestMilliseconds;
    const refused = {
      status: 503,
      response: { detail: 'Planning this class takes too long. Take a dish off the menu, or try again.' },
    };
    workers.longestMilliseconds = 1;
    await expect(planner.best(bundle(22), 'kitchen')).rejects.toMatchObject(refused);
    workers.longestMilliseconds = usual;
    const answered = planner.answered;
    await expect(planner.best(bundle(22), 'kitchen')).rejects.toMatchObject(refused);
    expect(planner.answered).toBe(answered);
    const { plan: first } = await planner.soon(bundle(23), 'kitchen');
    workers.longestMilliseconds = 1;
    const best = await bestOf(bundle(23));
    workers.longestMilliseconds = usual;
    expect(best.timeline.eatMinute).toBeLessThanOrEqual(readPlan(first).timeline.eatMinute);
  });
  it('who waits for long is told to look again, or the best so far, and later the best', async () => {
    planner.patienceMilliseconds = 1;
    await expect(planner.best(bundle(26), 'kitchen')).rejects.toMatchObject({
      status: 503,
      response: { detail: 'This class is still being planned. Look again in a minute.' },
    });
    planner.patienceMilliseconds = patience;
    // As soon as the first plan of it is there it stands until a better one is found.
    const first = planClass(bundle(26));
    const soFar = await planner.best(bundle(26), 'kitchen', 1);
    expect(soFar.isBest).toBe(false);
    expect(readPlan(soFar.plan).timeline.eatMinute).toBe(first.timeline.eatMinute);
    const answered = planner.answered;
    expect((await bestOf(bundle(26))).timeline).toEqual(bettered(bundle(26)).timeline);
    // What was begun was gone on with.
    expect(planner.answered - answered).toBeLessThanOrEqual(betteringSlices.length);
  });
  it('a small class does not wait for a heavy one of another kitchen', async () => {
    const heavy = { ...bundle(60), class: { ...bundle(60).class, dishes: manyDishes(12) } };
    const order: string[] = [];
    const under = [1, 2, 3].map((people) =>
      planner.best(withPeople(heavy, 90 + people), 'heavy').then(() => order.push('heavy')),
    );
    for (let round = 0; round < 3; round++) {
      await planner.soon({ ...bundle(4), today: `2026-11-${10 + round}` as never }, 'small');
      order.push('small');
    }
    await Promise.all(under);
    expect(order.slice(0, 3)).toEqual(['small', 'small', 'small']);
  });
  it('threads that are ended while they begin take nothing else with them', async () => {
    for (let longest = 20; longest < 400; longest += 60) {
      const workers = new Workers();
      workers.longestMilliseconds = longest;
      const text = JSON.stringify(bundle(30));
      await workers.ask('k', { kind: 'plan', bundle: text, options: {} }).catch(() => null);
      workers.onModuleDestroy();
    }
    expect((await bestOf(bundle(31))).timeline).toEqual(bettered(bundle(31)).timeline);
  });
  it('stopped, it answers what waits and starts again when it is asked', async () => {
    const refused = expect(planner.best(bundle(6), 'kitchen')).rejects.toMatchObject({
      status: 503,
      response: { detail: 'The server is stopping. Try again in a moment.' },
    });
    planner.workers.onModuleDestroy();
    await refused;
    expect((await bestOf(bundle(6))).timeline).toEqual(bettered(bundle(6)).timeline);
  });
});
