import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ClassView, RecipeView, TechniqueView } from '@fornax/contract';
import { v7 as uuid } from 'uuid';
import { ClassRow, CourseRow, KitchenRow, StockRow } from '../database/models.js';
import { classNamed, startHarness, type Harness } from '../tests/harness.js';
import { PlanStamper } from './plan-stamps.js';

let harness: Harness;
let shown: ClassView;
beforeAll(async () => {
  harness = await startHarness();
  shown = await classNamed(harness.cook, 'Roots and citrus');
});
afterAll(() => harness.close());

const stamps = async () => {
  const row = (await ClassRow.findByPk(shown.id))!;
  const { needs, plan } = await harness.app.get(PlanStamper).of(row.kitchenId, [row]);
  return { needs: needs.get(shown.id), plan: plan.get(shown.id) };
};
const api = (path: string) => `/api${path}`;
const patch = async (path: string, body: object) => {
  const { body: now } = (await harness.cook.get(api(path)).expect(200)) as { body: { revision: number } };
  return harness.cook.patch(api(path)).set('If-Match', `"r${now.revision}"`).send(body).expect(200);
};
const stock = {
  id: uuid(),
  ingredient: 'farro',
  amount: { low: '500', high: '500', unit: 'g' },
  state: '',
  useBy: null,
  note: '',
};
const dishOf = () => shown.dishes[0]!.recipeId;
const earlier = uuid();

/** What a plan can show, one change after the other. */
const changes: Record<string, () => Promise<unknown>> = {
  'its people': () => patch(`/classes/${shown.id}`, { people: shown.people + 1 }),
  'the kitchen': () => patch('/kitchen', { name: 'Another name' }),
  'the larder': () =>
    harness.cook
      .put(api('/larder/orange'))
      .set('If-Match', '"r0"')
      .send({ figures: { zest: 5 }, own: null })
      .expect(200),
  'a technique note': async () => {
    const { body } = (await harness.cook.get(api('/techniques')).expect(200)) as { body: TechniqueView[] };
    const { revision, ...note } = body[0]!;
    Reflect.deleteProperty(note, 'usedBy');
    return harness.cook
      .patch(api(`/techniques/${note.id}`))
      .set('If-Match', `"r${revision}"`)
      .send({ ...note, why: 'Because.' })
      .expect(200);
  },
  'the draft of a dish': async () => {
    const { body } = (await harness.cook.get(api(`/recipes/${dishOf()}`)).expect(200)) as {
      body: RecipeView;
    };
    return patch(`/recipes/${dishOf()}`, { content: { ...body.content, source: 'Another source' } });
  },
};

describe('what a plan rests on', () => {
  it('stays the same while nothing of it changes', async () => {
    const before = await stamps();
    await harness.cook
      .put(api(`/classes/${shown.id}/ticks`))
      .send({ key: 'row', ticked: true })
      .expect(200);
    await harness.cook
      .post(api('/classes'))
      .send({ id: uuid(), title: 'Another', startsAt: '2099-12-05T18:30' })
      .expect(201);
    expect(await stamps()).toEqual(before);
  });
  it.each(Object.entries(changes))('is another after a change of %s', async (_, change) => {
    const before = await stamps();
    await change();
    const after = await stamps();
    expect(after.plan).not.toBe(before.plan);
    expect(after.needs).not.toBe(before.needs);
  });
  it.each([
    ['stock that is added', () => harness.cook.post(api('/stock')).send(stock).expect(201)],
    ['stock that is taken out', () => harness.cook.delete(api(`/stock/${stock.id}`)).expect(204)],
    ['stock that is put back', () => harness.cook.post(api(`/stock/${stock.id}/restore`)).expect(204)],
  ])('is another after %s, and what it wants is not', async (_, change) => {
    const before = await stamps();
    await change();
    const after = await stamps();
    expect(after.plan).not.toBe(before.plan);
    expect(after.needs).toBe(before.needs);
  });
  it('is another after an earlier class of its course is made, taken out and put back', async () => {
    const course = uuid();
    const { kitchenId } = (await ClassRow.findByPk(shown.id))!;
    await CourseRow.create({ id: course, kitchenId, title: 'A course' });
    await ClassRow.update({ courseId: course }, { where: { id: shown.id } });
    const seen = [(await stamps()).plan];
    const usual = (await ClassRow.findByPk(shown.id))!.get({ plain: true }) as object;
    const steps = [
      () => ClassRow.create({ ...usual, id: earlier, startsAt: '2098-01-05T18:30' }),
      () => harness.cook.delete(api(`/classes/${earlier}`)).expect(204),
      () => harness.cook.post(api(`/classes/${earlier}/restore`)).expect(200),
    ];
    for (const step of steps) {
      await step();
      const now = (await stamps()).plan;
      expect(now).not.toBe(seen.at(-1));
      seen.push(now);
    }
  });
  it('of another kitchen does not count', async () => {
    const before = await stamps();
    const other = uuid();
    await KitchenRow.create({ id: other, facts: {}, demo: false, revision: 1 });
    await StockRow.create({ ...stock, id: uuid(), kitchenId: other, revision: 1 });
    expect(await stamps()).toEqual(before);
  });
});
