import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ClassView } from '@fornax/contract';
import type { ClassPlan } from '@fornax/core';
import { v7 as uuid } from 'uuid';
import { classNamed, type Harness, recipeNamed, startHarness } from '../tests/harness.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.close());

const patch = (view: ClassView, body: object) =>
  harness.cook.patch(`/api/classes/${view.id}`).set('If-Match', `"r${view.revision}"`).send(body);
const newClass = (to: object = {}) => ({
  id: uuid(),
  title: 'Evening class',
  startsAt: '2099-03-05T18:30',
  lengthMinutes: 120,
  people: 8,
  peoplePerStation: 4,
  assistants: 0,
  ...to,
});

describe('the menu', () => {
  it('keeps the version of a recipe until the newest is asked for', async () => {
    const recipe = await recipeNamed(harness.cook, /slaw/);
    const { body: made } = (await harness.cook
      .post('/api/classes')
      .send(
        newClass({ dishes: [{ id: uuid(), recipeId: recipe.id, portion: 'side', maker: 'every station' }] }),
      )
      .expect(201)) as { body: ClassView };
    const { body: draft } = await harness.cook.get(`/api/recipes/${recipe.id}`);
    await harness.cook
      .patch(`/api/recipes/${recipe.id}`)
      .set('If-Match', `"r${draft.revision}"`)
      .send({ content: { ...draft.content, serves: 10 } })
      .expect(200);
    const { body: same } = (await harness.cook.get(`/api/classes/${made.id}`)) as { body: ClassView };
    expect(same.dishes[0]).toMatchObject({
      version: made.dishes[0]!.version,
      draftDiffers: true,
      recipe: { serves: 8 },
    });
    const { id, recipeId, portion, maker } = same.dishes[0]!;
    const { body: newest } = (await patch(same, {
      dishes: [{ id, recipeId, portion, maker, useNewest: true }],
    }).expect(200)) as { body: ClassView };
    expect(newest.dishes[0]).toMatchObject({
      version: made.dishes[0]!.version + 1,
      draftDiffers: false,
      recipe: { serves: 10 },
    });
  });
  it('an unchanged class is answered 304; one whose recipe has moved on is sent again', async () => {
    const recipe = await recipeNamed(harness.cook, /Beetroot/);
    const { id } = await classNamed(harness.cook, 'Roots and citrus');
    const first = await harness.cook.get(`/api/classes/${id}`).expect(200);
    expect(first.headers['cache-control']).toBe('private, no-cache');
    const again = () => harness.cook.get(`/api/classes/${id}`).set('If-None-Match', first.headers.etag!);
    await again().expect(304);
    const { body: draft } = await harness.cook.get(`/api/recipes/${recipe.id}`);
    await harness.cook
      .patch(`/api/recipes/${recipe.id}`)
      .set('If-Match', `"r${draft.revision}"`)
      .send({ content: { ...draft.content, serves: 7 } })
      .expect(200);
    const { body } = (await again().expect(200)) as { body: ClassView };
    expect(body.dishes.find((dish) => dish.recipeId === recipe.id)!.draftDiffers).toBe(true);
    await harness.cook
      .patch(`/api/classes/${id}`)
      .set('If-Match', first.headers.etag!)
      .send({ place: 'Hall' })
      .expect(200);
  });
  it('a dish takes one way of its recipe’s choices, and the plan follows', async () => {
    const leaves = await recipeNamed(harness.cook, /^Leaves with the house dressing$/);
    const dish = { id: uuid(), recipeId: leaves.id, portion: 'side', maker: 'every station' };
    const { body: made } = (await harness.cook
      .post('/api/classes')
      .send(newClass({ dishes: [dish] }))
      .expect(201)) as { body: ClassView };
    const titles = async () =>
      (
        (await harness.cook.get(`/api/classes/${made.id}/plan`).expect(200)).body as ClassPlan
      ).timeline.clock.map(({ title }) => title);
    expect((await titles()).some((title) => title.startsWith('Toss the leaves'))).toBe(true);
    const { body: chosen } = (await patch(made, { dishes: [{ ...dish, choices: { w1: 'o2' } }] }).expect(
      200,
    )) as { body: ClassView };
    expect(chosen.dishes[0]!.choices).toEqual({ w1: 'o2' });
    expect((await titles()).some((title) => title.startsWith('Toss the leaves'))).toBe(false);
    // The house dressing is a part of it: its lines are on the benches.
    expect(chosen.dishes[0]!.recipe.lines.map(({ name }) => name)).toContain('rapeseed oil');
    expect(
      (await patch(chosen, { dishes: [{ ...dish, choices: { w1: 'x'.repeat(60) } }] }).expect(422)).body
        .errors,
    ).toEqual([{ field: 'dishes.0.choices', sentence: 'Choose one of the ways that the recipe has.' }]);
  });
  it('a recipe that is not there is named beside its dish', async () => {
    const { body } = await harness.cook
      .post('/api/classes')
      .send(newClass({ dishes: [{ id: uuid(), recipeId: uuid(), portion: 'side', maker: 'every station' }] }))
      .expect(422);
    expect(body.errors).toEqual([
      { field: 'dishes.0.recipeId', sentence: 'This recipe is not in the library any more.' },
    ]);
  });
});
