import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { parseRecipeText } from '@fornax/core';
import { v7 as uuid } from 'uuid';
import { classNamed, startHarness, type Harness } from '../tests/harness.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness({}, { betters: true });
});
afterAll(() => harness.close());

/** What is worked out beside requests writes and reads here: no request is counted by it. */
const besideRequests = /`(plan_glances|recipe_parts)`/;

/** The queries that a request takes, or those of them that concern something. */
async function queriesOf(ask: () => PromiseLike<unknown>, concern = /./): Promise<number> {
  const counted = vi.spyOn(harness.sequelize, 'query');
  await ask();
  const queries = counted.mock.calls.map(([query]) => (typeof query === 'string' ? query : query.query));
  counted.mockRestore();
  return queries.filter((query) => concern.test(query) && !besideRequests.test(query)).length;
}

/** Changes something that no class rests on: what is known of the kitchen is worked out anew. */
async function touchKitchen(): Promise<void> {
  const content = parseRecipeText('Plain\nIngredients\n1 g salt', { system: 'metric' });
  await harness.cook.post('/api/recipes').send({ id: uuid(), content }).expect(201);
}

describe('what is known of a kitchen', () => {
  it.each(['session', 'class', 'list', 'plan', 'recipes', 'kitchen'])(
    'the %s is answered by one query, with the same bytes, and not at all to who has it',
    async (what) => {
      const { id } = await classNamed(harness.cook, 'Roots and citrus');
      const path = {
        session: '/api/session',
        class: `/api/classes/${id}`,
        list: '/api/classes',
        plan: `/api/classes/${id}/plan`,
        recipes: '/api/recipes',
        kitchen: '/api/kitchen',
      }[what]!;
      // The list stands once the best plans of its classes are found.
      await expect.poll(() => queriesOf(() => harness.cook.get(path)), { timeout: 120_000 }).toBe(1);
      const first = await harness.cook.get(path).expect(200);
      const again = await harness.cook.get(path).expect(200);
      expect([again.text, again.headers.etag]).toEqual([first.text, first.headers.etag]);
      const unchanged = await harness.cook.get(path).set('If-None-Match', first.headers.etag!).expect(304);
      expect(unchanged.text).toBe('');
    },
  );
  it.each(['classes', 'plan'])(
    '%s: worked out anew or known, compressed or not, the answer says the same',
    async (what) => {
      const { id } = await classNamed(harness.cook, 'Roots and citrus');
      const path = what === 'plan' ? `/api/classes/${id}/plan` : '/api/classes';
      const ask = (encoding: string) => harness.cook.get(path).set('Accept-Encoding', encoding);
      await expect.poll(() => queriesOf(() => ask('gzip')), { timeout: 120_000 }).toBe(1);
      const known = await ask('gzip').expect(200).expect('Content-Encoding', 'gzip');
      const plain = await ask('identity').expect(200);
      expect([plain.headers['content-encoding'], plain.text]).toEqual([undefined, known.text]);
      for (const encoding of ['gzip', 'identity']) {
        await touchKitchen();
        const anew = await ask(encoding)
          .expect(200)
          .expect('Content-Type', 'application/json; charset=utf-8');
        expect([anew.text, anew.headers.etag]).toEqual([known.text, known.headers.etag]);
        await touchKitchen();
        await ask(encoding).set('If-None-Match', known.headers.etag!).expect(304);
      }
    },
  );
  it('after a change the next answer has it; a plan that it does not touch keeps its digest', async () => {
    const view = await classNamed(harness.cook, 'Roots and citrus');
    const plan = () => harness.cook.get(`/api/classes/${view.id}/plan`).expect(200);
    const before = await plan();
    await touchKitchen();
    expect(await queriesOf(plan)).toBeGreaterThan(1);
    expect((await plan()).headers.etag).toBe(before.headers.etag);
    const patched = await harness.cook
      .patch(`/api/classes/${view.id}`)
      .set('If-Match', `"r${view.revision}"`)
      .send({ people: 15 })
      .expect(200);
    const after = await plan();
    expect(after.headers.etag).not.toBe(before.headers.etag);
    expect(after.body.portions.stations.sizes).toEqual([4, 4, 4, 3]);
    expect((await harness.cook.get(`/api/classes/${view.id}`)).body.people).toBe(15);
    await harness.cook
      .patch(`/api/classes/${view.id}`)
      .set('If-Match', `"r${patched.body.revision}"`)
      .send({ people: 14 })
      .expect(200);
  });
  it('a tick leaves it known, and is seen at once', async () => {
    const { id } = await classNamed(harness.cook, 'Roots and citrus');
    await harness.cook.get(`/api/classes/${id}/plan`).expect(200);
    await harness.cook.put(`/api/classes/${id}/ticks`).send({ key: 'feta', ticked: true }).expect(200);
    expect(await queriesOf(() => harness.cook.get(`/api/classes/${id}/plan`))).toBe(1);
    expect((await harness.cook.get(`/api/classes/${id}/ticks`)).body).toMatchObject([{ key: 'feta' }]);
  });
  it('asked by ten at once it is worked out once', async () => {
    await harness.cook.post('/api/recipes').send({
      id: uuid(),
      content: parseRecipeText('Plain too\nIngredients\n1 g salt', { system: 'metric' }),
    });
    const together = await queriesOf(
      () => Promise.all(Array.from({ length: 10 }, () => harness.cook.get('/api/techniques'))),
      /FROM `techniques`/,
    );
    expect(together).toBe(1);
  });
  it('ends with the session', async () => {
    const browser = harness.visitor();
    await browser.post('/api/session').send({ demo: true }).expect(204);
    const { headers } = await browser.get('/api/classes').expect(200);
    await browser.delete('/api/session').expect(204);
    await browser.get('/api/classes').set('If-None-Match', headers.etag!).expect(401);
  });
});
