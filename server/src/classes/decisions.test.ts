import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  noDecisions,
  parseRecipeText,
  type ClassNeeds,
  type ClassPlan,
  type ShoppingRow,
} from '@fornax/core';
import { v7 as uuid } from 'uuid';
import { classNamed, startHarness, type Harness } from '../tests/harness.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.close());

const roots = () => classNamed(harness.cook, 'Roots and citrus');
const patch = async (body: object) => {
  const view = await roots();
  return harness.cook.patch(`/api/classes/${view.id}`).set('If-Match', `"r${view.revision}"`).send(body);
};
const plan = async (title = 'Roots and citrus') =>
  (await harness.cook.get(`/api/classes/${(await classNamed(harness.cook, title)).id}/plan`).expect(200))
    .body as ClassPlan;
const row = (of: ClassPlan, key: string): ShoppingRow | undefined =>
  [...of.shopping.rows, ...of.shopping.covered].find((each) => each.key === key);

describe('decisions about the lists', () => {
  it('are kept, and count in the plan', async () => {
    expect(
      (await patch({ decisions: { ...noDecisions, substitutes: { walnuts: 'pumpkin-seeds' }, budget: 10 } }))
        .status,
    ).toBe(200);
    const planned = await plan();
    expect(row(planned, 'walnuts')).toBeUndefined();
    expect(planned.warnings.map(({ id }) => id)).toContain('budget');
    expect((await roots()).decisions).toMatchObject({
      substitutes: { walnuts: 'pumpkin-seeds' },
      budget: 10,
      kit: [],
    });
  });
  it.each([
    [{ sparePercent: -1 }, 'decisions.sparePercent', 'A spare is 0 % or more.'],
    [{ budget: -5 }, 'decisions.budget', 'A budget is 0 or more.'],
    [{ substitutes: { walnuts: '../x' } }, 'decisions.substitutes', 'Choose ingredients from the larder.'],
    [{ madeDo: { walnuts: '1/2' } }, 'decisions.madeDo', 'A pack may fall short by 2 % at most.'],
    [{ packs: { walnuts: '<b>' } }, 'decisions.packs', 'Choose one of the combinations of packs.'],
    [{ together: ['none'] }, 'decisions.together', 'Choose classes of this kitchen.'],
    [{ kit: [{ tool: 'whisk', kind: 'steal' }] }, 'decisions.kit.0.kind', 'Take one of the ways out.'],
    [
      { ownSets: [{ station: 1, without: '' }] },
      'decisions.ownSets.0.without',
      'Say what it is kept free of, in up to 60 characters.',
    ],
    [{ pins: { pack: 1.5 } }, 'decisions.pins', 'Pin a job to a whole minute within a month of the class.'],
    [{ pins: { pack: 1e9 } }, 'decisions.pins', 'Pin a job to a whole minute within a month of the class.'],
    [{ aim: 'cheapest' }, 'decisions.aim', 'Choose the shortest class or the freshest food.'],
    [{ leftOut: [7] }, 'decisions.leftOut', 'Name the jobs that are left out.'],
    [{ hands: { 'd/s': 'cat' } }, 'decisions.hands', 'Choose you or assistant.'],
    [{ when: { 'd/s': 'never' } }, 'decisions.when', 'Choose in class or before.'],
    [{ noted: { 'caution:x': 'y'.repeat(401) } }, 'decisions.noted', 'Write why in up to 400 characters.'],
    [{ levels: { dice: 'old' } }, 'decisions.levels', 'Choose new, practised or known.'],
    [{ shown: { 'd/s': 31 } }, 'decisions.shown', 'Show a step for whole minutes, from 0 to 30.'],
    [{ shown: { 'd/s': 1.5 } }, 'decisions.shown', 'Show a step for whole minutes, from 0 to 30.'],
    [{ shownWith: { 'd/s': '' } }, 'decisions.shownWith', 'Name the step with which it is shown.'],
  ])('%j is refused at its place', async (wrong, field, sentence) => {
    const { status, body } = await patch({ decisions: { ...noDecisions, ...wrong } });
    expect([status, body.errors]).toEqual([422, [{ field, sentence }]]);
  });
  it(
    'pins, hands and what is done before are kept, and the plan on the ' +
      'server heeds them; a client that knows none of them sends none',
    async () => {
      const { timeline } = await plan();
      const packed = timeline.clock.find(({ id }) => id === 'pack')!.start - 30;
      expect((await patch({ decisions: { ...noDecisions, pins: { pack: packed } } })).status).toBe(200);
      expect((await plan()).timeline.clock.find(({ id }) => id === 'pack')).toMatchObject({
        start: packed,
        isPinned: true,
      });
      const older = Object.fromEntries(
        Object.entries(noDecisions).filter(
          ([key]) =>
            !['pins', 'hands', 'when', 'levels', 'shown', 'shownWith', 'leftOut', 'aim'].includes(key),
        ),
      );
      expect((await patch({ decisions: older })).status).toBe(200);
      expect((await roots()).decisions).toMatchObject({
        pins: {},
        hands: {},
        when: {},
        levels: {},
        shown: {},
        shownWith: {},
        leftOut: [],
        aim: 'shortest',
      });
    },
  );
  it('what the plan adds can be left out, and is then no job of it', async () => {
    const [recipeId, classId] = [uuid(), uuid()];
    const steps = '1. Roast the peppers at 200 °C for 20 minutes.\n2. Slice the peppers.';
    const text = `Peppers\nServes 4\n\n4 peppers\n\n${steps}`;
    const content = parseRecipeText(text, { system: 'metric' });
    await harness.cook.post('/api/recipes').send({ id: recipeId, content }).expect(201);
    const dishes = [{ id: uuid(), recipeId, portion: 'side', maker: 'every station' }];
    const made = { id: classId, title: 'Peppers', startsAt: '2099-12-05T18:30', dishes };
    const { body: view } = await harness.cook.post('/api/classes').send(made).expect(201);
    const planned = async () =>
      (await harness.cook.get(`/api/classes/${classId}/plan`).expect(200)).body as ClassPlan;
    const cooling = (of: ClassPlan) => of.timeline.clock.filter(({ addedFor }) => addedFor !== '');
    const [added] = cooling(await planned());
    expect(added!.addedFor).toMatch(/comes out hot/);
    const leftOut = [`${added!.ref.dishId}/${added!.ref.stepId}`];
    await harness.cook
      .patch(`/api/classes/${classId}`)
      .set('If-Match', `"r${view.revision}"`)
      .send({ decisions: { ...noDecisions, leftOut } })
      .expect(200);
    const without = await planned();
    expect(cooling(without)).toEqual([]);
    expect(without.timeline.leftOut).toMatchObject([{ stepKey: leftOut[0] }]);
    await harness.cook.delete(`/api/classes/${classId}`).expect(204);
  });
  it('classes of another kitchen, or none, are not bought for', async () => {
    await patch({ decisions: { ...noDecisions, together: ['018f0000-0000-7000-8000-000000000000'] } });
    expect((await plan()).shopping.rows.length).toBeGreaterThan(10);
  });
  it('classes bought for together come onto one list', async () => {
    const alone = row(await plan(), 'fine-salt');
    const other = await classNamed(harness.cook, 'Smoke, char and warm salads');
    await patch({ decisions: { ...noDecisions, together: [other.id] } });
    const planned = await plan();
    expect(row(planned, 'fine-salt')!.dishes.length).toBeGreaterThan(alone!.dishes.length);
    expect(row(planned, 'aubergine')!.dishes[0]).toMatch(/^Smoke, char and warm salads: /);
    await patch({ decisions: noDecisions });
  });
});

describe('how a dish is shared out', () => {
  it('is kept with the dish and counts', async () => {
    const { dishes } = await roots();
    const plain = dishes.map(({ id, recipeId, portion, maker, choices }, index) => ({
      id,
      recipeId,
      portion,
      maker,
      choices,
      making: index === 0 ? { shareBatch: true, spare: true, tasting: 'blind' } : {},
    }));
    expect((await patch({ dishes: plain })).status).toBe(200);
    expect((await plan()).portions.dishes[0]!.batches.map(({ heading }) => heading)).toEqual([
      'Demonstration',
      'Stations 1+2',
      'Stations 3+4',
      'Spare',
    ]);
    expect((await roots()).dishes[0]!.making).toEqual({
      shareBatch: true,
      spare: true,
      tasting: 'blind',
    });
    await patch({ dishes: plain.map((dish) => ({ ...dish, making: {} })) });
  });
  it.each([
    [{ stations: [0] }, 'Stations are numbered from 1.'],
    [{ tasting: 'secret' }, 'Choose open or blind.'],
  ])('making %j is refused', async (making, sentence) => {
    const { dishes } = await roots();
    const { status, body } = await patch({
      dishes: dishes.map(({ id, recipeId, portion, maker }) => ({
        id,
        recipeId,
        portion,
        maker,
        making,
      })),
    });
    expect([status, body.errors[0].sentence]).toEqual([422, sentence]);
  });
});

describe('what stands around a class', () => {
  it('stock in date comes off the list: 150 of 313 g farro, and the pumpkin seeds', async () => {
    const planned = await plan();
    expect(row(planned, 'farro')).toMatchObject({ have: '150 g' });
    expect(row(planned, 'pumpkin-seeds')).toMatchObject({ buy: 'nothing' });
  });
  it('needs of coming classes, for left-overs, of this kitchen only', async () => {
    const { body } = (await harness.cook.get('/api/classes/needs').expect(200)) as { body: ClassNeeds[] };
    expect(body.map(({ title }) => title)).toContain('Smoke, char and warm salads');
    expect(Object.keys(body.find(({ title }) => title === 'Roots and citrus')!.needs)).toContain('beetroot');
    await harness.stranger.get('/api/classes/needs').expect(401);
  });
});

describe('ticks and counts', () => {
  it('what is missing or broken is counted, by whom and when', async () => {
    const { id } = await roots();
    const { body } = await harness.cook
      .put(`/api/classes/${id}/ticks`)
      .send({ key: 'kit:missing:station:1:whisk', ticked: true, count: 2 })
      .expect(200);
    expect(body).toMatchObject({ count: 2, ticked: true, by: 'Ines Okoye' });
    expect((await harness.cook.get(`/api/classes/${id}/ticks`).expect(200)).body).toContainEqual(body);
    await harness.cook
      .put(`/api/classes/${id}/ticks`)
      .send({ key: 'kit:missing:station:1:whisk', ticked: true, count: -1 })
      .expect(422);
  });
});
