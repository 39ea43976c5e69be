import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { KitchenView } from '@fornax/contract';
import type { ClassPlan } from '@fornax/core';
import { KitchenRow } from '../database/models.js';
import { classNamed, startHarness, type Harness } from '../tests/harness.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.close());

const kitchen = async () => (await harness.cook.get('/api/kitchen').expect(200)).body as KitchenView;
const patch = (revision: number, body: object) =>
  harness.cook.patch('/api/kitchen').set('If-Match', `"r${revision}"`).send(body);

describe('what a kitchen has to work with', () => {
  it('is changed field by field under its revision', async () => {
    const before = await kitchen();
    const { body } = await patch(before.revision, {
      tools: [{ tool: 'whisk', count: 2 }],
      closedDays: [1],
    }).expect(200);
    expect(body).toMatchObject({
      revision: before.revision + 1,
      tools: [{ tool: 'whisk', count: 2 }],
      closedDays: [1],
      name: before.name,
    });
  });
  it('an old revision is refused with what stands', async () => {
    const before = await kitchen();
    await patch(before.revision, { name: 'One' }).expect(200);
    const { body } = await patch(before.revision, { name: 'Two' }).expect(409);
    expect(body.current).toMatchObject({ name: 'One' });
  });
  it('of five writes at once one lands', async () => {
    const { revision } = await kitchen();
    const answers = await Promise.all(
      Array.from({ length: 5 }, (_, index) =>
        patch(revision, { name: `Kitchen ${index}` }).then(({ status }) => status),
      ),
    );
    expect(answers.sort()).toEqual([200, 409, 409, 409, 409]);
  });
  it('counts in the plans at once: no graters at all are a shortage', async () => {
    const view = await classNamed(harness.cook, 'Roots and citrus');
    await patch((await kitchen()).revision, { tools: [{ tool: 'fine grater', count: 0 }] }).expect(200);
    const { body } = await harness.cook.get(`/api/classes/${view.id}/plan`).expect(200);
    expect(body.kit.shortages).toMatchObject([{ id: 'fine grater', inKitchen: 0 }]);
  });
  it('its safety profile counts in the plans: 10 min out of the cold are soon too long', async () => {
    const view = await classNamed(harness.cook, 'Roots and citrus');
    const warned = async () =>
      ((await harness.cook.get(`/api/classes/${view.id}/plan`).expect(200)).body as ClassPlan).warnings
        .filter(({ id }) => id.startsWith('cold:'))
        .map(({ sentence }) => sentence);
    await patch((await kitchen()).revision, {
      safety: { style: 'us', own: { coldOutMinutes: 10, hotOutMinutes: 10 } },
    }).expect(200);
    expect((await warned()).join()).toContain('and your safety profile allows 10 min');
    await patch((await kitchen()).revision, { safety: { style: 'eu', own: {} } }).expect(200);
    expect(await warned()).toEqual([]);
  });
  it('its own figures of a school count under the dressings of a class', async () => {
    const view = await classNamed(harness.cook, 'Roots and citrus');
    const remedies = async () =>
      (
        (await harness.cook.get(`/api/classes/${view.id}/plan`).expect(200)).body as ClassPlan
      ).dressings.flatMap((each) => each.remedies);
    expect((await remedies()).join()).not.toContain('Flatter than usual');
    const own = { 'oil-led acid from': 3, 'oil-led acid to': 4 };
    const { body } = await patch((await kitchen()).revision, { schools: own }).expect(200);
    expect(body.schools).toEqual(own);
    expect((await remedies()).join()).toContain('Flatter than usual for oil-led');
    await patch((await kitchen()).revision, { schools: {} }).expect(200);
  });
  it('what a kitchen of before this has never written down is as usual', async () => {
    const row = (await KitchenRow.findOne())!;
    const older = Object.fromEntries(
      Object.entries(row.facts).filter(([field]) => field !== 'vessels' && field !== 'suppliers'),
    );
    await KitchenRow.update({ facts: older as never }, { where: { id: row.id } });
    expect((await kitchen()).vessels.length).toBeGreaterThan(5);
  });
  it.each([
    [{ opens: '25:00' }, 'opens', 'Write a time such as 08:00.'],
    [{ tools: [{ tool: 'whisk', count: -1 }] }, 'tools.0.count', 'A count is 0 or more.'],
    [{ currency: 'pounds' }, 'currency', 'Write the currency as three letters, such as GBP.'],
    [
      { vessels: [{ name: 'bowl', kind: 'bowl', millilitres: -5, squareCentimetres: 0, count: 1 }] },
      'vessels.0.millilitres',
      'A vessel holds no less than nothing.',
    ],
    [
      { measuringSet: { teaspoons: ['1/7'], tablespoon: true, cups: [] } },
      'measuringSet.teaspoons',
      'Choose from ⅛, ¼, ½, ¾ and 1 teaspoon.',
    ],
    [{ safety: { style: 'mars', own: {} } }, 'safety.style', 'Choose whose advice is followed.'],
    [{ schools: { 'oil-led salt to': 90 } }, 'schools', 'Write per cent from 0 to 20.'],
    [{ schools: { 'sour ratio': 3 } }, 'schools', '“sour ratio” is no figure of a school of dressing.'],
    [
      { safety: { style: 'uk', own: { coldCelsius: 120 } } },
      'safety.own.coldCelsius',
      'Write a temperature from 0 to 100 °C.',
    ],
    [
      { safety: { style: 'uk', own: { coldOutMinutes: 0 } } },
      'safety.own.coldOutMinutes',
      'Write whole minutes, from 1 to 1440.',
    ],
    [{ benches: { count: 0, peopleEach: 4 } }, 'benches.count', 'A kitchen has at least one bench.'],
  ])('%j is refused at its place', async (wrong, field, sentence) => {
    const { body } = await patch((await kitchen()).revision, wrong).expect(422);
    expect(body.errors).toContainEqual({ field, sentence });
  });
  it('takes nothing that is not a kitchen’s', async () => {
    await patch((await kitchen()).revision, { larder: [] }).expect(422);
  });
});
