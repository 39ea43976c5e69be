import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ClassSummary, ClassView } from '@fornax/contract';
import type { ClassPlan } from '@fornax/core';
import { v7 as uuid } from 'uuid';
import { momentIn } from '../common/clock.js';
import { AccountRow, KitchenRow, TickRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';
import { Planner } from '../planning/planner.js';
import { classNamed, recipeNamed, startHarness, type Harness } from '../tests/harness.js';

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

describe('the list', () => {
  it('shows coming classes with their next dated job', async () => {
    const { body } = await harness.cook.get('/api/classes').expect(200);
    expect(body.map(({ title }: { title: string }) => title)).toEqual([
      'Dressings from the ratio up',
      'Slaws and lunch bowls',
      'Roots and citrus',
      'Smoke, char and warm salads',
    ]);
    expect(body[2]).toMatchObject({ people: 14, stations: 4 });
    const next = async () => ((await harness.cook.get('/api/classes')).body as ClassSummary[])[2]!.nextJob;
    await expect.poll(next).toMatchObject({ kind: 'buy', localDate: '2099-03-03' });
  });
  it('lists a class that cannot be planned now as it was, and then as it is', async () => {
    const { workers } = harness.app.get(Planner);
    const usual = workers.longestMilliseconds;
    const view = await classNamed(harness.cook, 'Roots and citrus');
    const roots = async () => ((await harness.cook.get('/api/classes')).body as ClassSummary[])[2]!;
    await expect.poll(() => harness.app.get(Planner).waiting).toBe(0);
    workers.longestMilliseconds = 1;
    const changed = (await patch(view, { people: 15 }).expect(200)).body as ClassView;
    expect((await roots()).people).toBe(15);
    workers.longestMilliseconds = usual;
    await patch(changed, { people: 14 }).expect(200);
    await expect.poll(roots).toMatchObject({ people: 14, nextJob: { kind: 'buy' } });
  });
  it('a class that is over has no next job and nothing to decide, whatever it was short of', async () => {
    const recipeId = (await recipeNamed(harness.cook, /Shaved fennel/)).id;
    const dish = { id: uuid(), recipeId, portion: 'side', maker: 'every station' };
    const past = newClass({ title: 'Long over', startsAt: '2020-03-05T18:30', people: 120, dishes: [dish] });
    await harness.cook.post('/api/classes').send(past).expect(201);
    const { body } = await harness.cook.get('/api/classes').expect(200);
    expect(body[0]).toMatchObject({ title: 'Long over', nextJob: null, toDecide: 0 });
    await harness.cook.delete(`/api/classes/${past.id}`).expect(204);
  });
  it('a new class of which only title and start are known is as usual', async () => {
    const id = uuid();
    const { body } = await harness.cook
      .post('/api/classes')
      .send({ id, title: 'Plain', startsAt: '2099-03-05T18:30' })
      .expect(201);
    expect(body).toMatchObject({
      lengthMinutes: 120,
      place: '',
      people: 8,
      peoplePerStation: 4,
      assistants: 0,
      demonstrationPlates: 2,
      dishes: [],
    });
    await harness.cook.delete(`/api/classes/${id}`).expect(204);
  });
  it('knows what the class before it in its course left to it, and no other', async () => {
    const list = (await harness.cook.get('/api/classes').expect(200)).body as ClassView[];
    const ofCourse = list
      .filter(({ courseId }) => courseId !== null)
      .sort((a, b) => a.startsAt.localeCompare(b.startsAt));
    const read = async (index: number) =>
      (await harness.cook.get(`/api/classes/${ofCourse[index]!.id}`).expect(200)).body as ClassView;
    const [first, second] = [await read(0), await read(1)];
    expect(second.leftToIt).toEqual([]);
    const dishes = first.dishes.map(({ id, recipeId, portion, maker }, index) => ({
      id,
      recipeId,
      portion,
      maker,
      making: index === 0 ? { longWait: 'next class' } : {},
    }));
    await patch(first, { dishes }).expect(200);
    expect((await read(1)).leftToIt).toEqual([
      { dishTitle: first.dishes[0]!.recipe.title, classTitle: first.title },
    ]);
    expect((await read(0)).leftToIt).toEqual([]);
    expect((await read(2)).leftToIt).toEqual([]);
  });
  it('names the course', async () =>
    expect((await harness.cook.get('/api/courses').expect(200)).body).toMatchObject([
      { title: 'Leaves, roots and beans' },
    ]));
});

describe('a plan', () => {
  it('is what planClass returns', async () => {
    const view = await classNamed(harness.cook, 'Roots and citrus');
    const { body } = (await harness.cook.get(`/api/classes/${view.id}/plan`).expect(200)) as {
      body: ClassPlan;
    };
    expect(Object.keys(body)).toEqual(
      expect.arrayContaining(['portions', 'shopping', 'kit', 'timeline', 'warnings']),
    );
    expect(body.portions.stations.sizes).toEqual([4, 4, 3, 3]);
    expect(body.timeline.daysBefore.map(({ title }) => title)).toContain(
      'Pick over the beans and soak them in plenty',
    );
  });
  it('follows a changed number: 14 → 17', async () => {
    const view = await classNamed(harness.cook, 'Roots and citrus');
    const { body } = await patch(view, { people: 17 }).expect(200);
    expect(body.revision).toBe(view.revision + 1);
    expect((await harness.cook.get(`/api/classes/${view.id}/plan`)).body.portions.stations.sizes).toEqual([
      4, 4, 3, 3, 3,
    ]);
  });
});

describe('making and changing', () => {
  it('the same id twice makes one class', async () => {
    const body = newClass();
    const { body: made } = await harness.cook.post('/api/classes').send(body).expect(201);
    expect(made.revision).toBe(1);
    await harness.cook.post('/api/classes').send(body).expect(201);
    const { body: list } = await harness.cook.get('/api/classes');
    expect(list.filter(({ id }: { id: string }) => id === body.id)).toHaveLength(1);
  });
  it('sent five times at once it is made once, and every answer is the class', async () => {
    const recipe = await recipeNamed(harness.cook, /slaw/);
    const body = newClass({
      dishes: [{ id: uuid(), recipeId: recipe.id, portion: 'side', maker: 'every station' }],
    });
    const answers = await Promise.all(
      Array.from({ length: 5 }, () => harness.cook.post('/api/classes').send(body)),
    );
    expect(answers.map(({ status, body: { dishes } }) => [status, dishes?.length])).toEqual([
      [201, 1],
      [201, 1],
      [201, 1],
      [201, 1],
      [201, 1],
    ]);
  });
  it.each([
    [{ people: 0 }, 'people', 'A class has 1 to 200 people.'],
    [{ people: 10_000 }, 'people', 'A class has 1 to 200 people.'],
    [{ people: 2.5 }, 'people', 'Write people as a whole number.'],
    [{ lengthMinutes: -30 }, 'lengthMinutes', 'A class ends at least 30 minutes after it starts.'],
    [{ lengthMinutes: 900 }, 'lengthMinutes', 'A class lasts at most 12 hours.'],
    [{ startsAt: '2099-02-30T18:30' }, 'startsAt', 'Write a date and a time that exist.'],
    [{ startsAt: 'tomorrow' }, 'startsAt', 'Write a date and a time that exist.'],
    [{ title: '' }, 'title', 'Give the class a title of up to 160 characters.'],
    [{ peoplePerStation: 0 }, 'peoplePerStation', 'A station holds 1 to 12 people.'],
    [{ assistants: 2 }, 'assistants', 'There is one assistant or none.'],
    [{ colour: 'red' }, 'colour', '“colour” is not part of it.'],
  ])('%j is refused beside its field', async (change, field, sentence) => {
    const { body } = await harness.cook.post('/api/classes').send(newClass(change)).expect(422);
    expect(body.errors).toContainEqual({ field, sentence });
  });
  it('a title is wanted', async () =>
    expect(
      (
        await harness.cook
          .post('/api/classes')
          .send({ ...newClass(), title: undefined })
          .expect(422)
      ).body.errors[0].field,
    ).toBe('title'));
  it('a date in the past, markup and emoji are taken as they are', async () => {
    const title = '<img src=x onerror=alert(1)> 🥗 Salat';
    const { body } = await harness.cook
      .post('/api/classes')
      .send(newClass({ title, startsAt: '1999-01-01T10:00' }))
      .expect(201);
    expect(body).toMatchObject({ title, startsAt: '1999-01-01T10:00' });
  });
  it('a write with an old revision is refused with what stands now', async () => {
    const view = await classNamed(harness.cook, 'Slaws and lunch bowls');
    await patch(view, { people: 11 }).expect(200);
    const { body } = await patch(view, { people: 12 }).expect(409);
    expect(body.current).toMatchObject({ people: 11, revision: view.revision + 1 });
  });
  it('a write without a revision is refused', async () => {
    const view = await classNamed(harness.cook, 'Slaws and lunch bowls');
    await harness.cook.patch(`/api/classes/${view.id}`).send({ people: 9 }).expect(428);
  });
  it('of ten writes at once on one revision, one lands', async () => {
    const view = await classNamed(harness.cook, 'Smoke, char and warm salads');
    const answers = await Promise.all(
      Array.from({ length: 10 }, (_, index) =>
        patch(view, { people: 20 + index }).then(({ status }) => status),
      ),
    );
    expect(answers.filter((status) => status === 200)).toHaveLength(1);
    expect(answers.filter((status) => status === 409)).toHaveLength(9);
  });
  it('deleting can be undone', async () => {
    const { body: made } = await harness.cook
      .post('/api/classes')
      .send(newClass({ title: 'To delete' }))
      .expect(201);
    await harness.cook.delete(`/api/classes/${made.id}`).expect(204);
    const gone = await harness.cook.get(`/api/classes/${made.id}`).expect(410);
    expect(gone.body.detail).toBe('This class has been deleted. It can be put back, or made anew.');
    await harness.cook
      .post('/api/classes')
      .send(newClass({ id: made.id, title: 'To delete' }))
      .expect(410);
    await harness.cook.get(`/api/classes/${uuid()}`).expect(404);
    await harness.cook.post(`/api/classes/${made.id}/restore`).expect(200);
    await harness.cook.get(`/api/classes/${made.id}`).expect(200);
  });
});

describe('what coming classes want', () => {
  it('is asked of classes from yesterday on, not of older or deleted ones', async () => {
    const local = (days: number) =>
      momentIn(days * 86_400_000)
        .toISOString()
        .slice(0, 16);
    const titles = async () =>
      (await harness.cook.get('/api/classes/needs').expect(200)).body.map(
        ({ title }: { title: string }) => title,
      );
    const gone = newClass({ title: 'Struck out', startsAt: local(1) });
    for (const each of [
      newClass({ title: 'Long past', startsAt: local(-5) }),
      newClass({ title: 'This afternoon', startsAt: local(0) }),
      gone,
    ])
      await harness.cook.post('/api/classes').send(each).expect(201);
    await harness.cook.delete(`/api/classes/${gone.id}`).expect(204);
    const found = await titles();
    expect(found).toContain('This afternoon');
    expect(found).not.toContain('Long past');
    expect(found).not.toContain('Struck out');
  });
});

describe('a kitchen scope', () => {
  it('deletes rows of its own kitchen only', async () => {
    const { id: classId } = await classNamed(harness.cook, 'Roots and citrus');
    const [mine, theirs] = [uuid(), uuid()].map((kitchenId) => new KitchenScope(TickRow, kitchenId));
    const tick = { classId, ticked: true, count: 0, by: 'Bo', at: new Date() };
    await mine!.create({ id: uuid(), key: 'mine', ...tick });
    await theirs!.create({ id: uuid(), key: 'theirs', ...tick });
    expect(await mine!.destroy({ classId })).toBe(1);
    expect(await theirs!.find()).toMatchObject([{ key: 'theirs' }]);
    expect(await theirs!.destroy({ classId })).toBe(1);
  });
});

describe('another kitchen', () => {
  it('sees nothing of this one', async () => {
    const view = await classNamed(harness.cook, 'Roots and citrus');
    const recipe = await recipeNamed(harness.cook, /Beetroot/);
    const other = await KitchenRow.create({
      id: uuid(),
      facts: { ...(await KitchenRow.findOne())!.facts, name: 'Other' },
      demo: false,
      revision: 1,
    });
    await AccountRow.update({ kitchenId: other.id }, { where: {} });
    const elsewhere = harness.stranger;
    const { SessionRow } = await import('../database/models.js');
    await SessionRow.update({ kitchenId: other.id }, { where: {} });
    expect((await harness.cook.get('/api/classes').expect(200)).body).toEqual([]);
    for (const path of ['/api/recipes', '/api/larder', '/api/stock', '/api/techniques'])
      expect([path, (await harness.cook.get(path).expect(200)).body]).toEqual([path, []]);
    for (const path of [
      `/api/recipes/${recipe.id}/versions`,
      `/api/classes/${view.id}`,
      `/api/classes/${view.id}/plan`,
      `/api/recipes/${recipe.id}`,
    ])
      await harness.cook.get(path).expect(404);
    await patch(view, { people: 3 }).expect(404);
    await harness.cook.delete(`/api/recipes/${recipe.id}`).expect(404);
    await harness.cook.post(`/api/recipes/${recipe.id}/versions`).send({ note: '' }).expect(404);
    await harness.cook.delete('/api/techniques/toss').expect(404);
    await harness.cook.put(`/api/classes/${view.id}/ticks`).send({ key: 'orange', ticked: true }).expect(404);
    await elsewhere.get('/api/classes').expect(401);
  });
});
