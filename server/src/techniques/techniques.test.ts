import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { TechniqueView } from '@fornax/contract';
import { startHarness, type Harness } from '../tests/harness.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.close());

const all = async () => (await harness.cook.get('/api/techniques').expect(200)).body as TechniqueView[];
const written = ({ revision: _revision, usedBy: _usedBy, ...note }: TechniqueView, to: object = {}) => ({
  ...note,
  ...to,
});
const patch = (id: string, revision: number, body: object) =>
  harness.cook.patch(`/api/techniques/${id}`).set('If-Match', `"r${revision}"`).send(body);

describe('technique notes', () => {
  it('say in which recipes they are used', async () => {
    const notes = await all();
    expect(notes.length).toBeGreaterThanOrEqual(40);
    expect(notes.find(({ id }) => id === 'fillet-citrus')!.usedBy.map(({ title }) => title)).toEqual([
      'Beetroot with orange and hazelnut',
    ]);
  });
  it('are changed under their revision, and keep markup as the words it is', async () => {
    const note = (await all()).find(({ id }) => id === 'toss')!;
    const why = 'Every **leaf** <script>alert(1)</script>';
    expect((await patch('toss', 1, written(note, { why })).expect(200)).body).toMatchObject({
      why,
      revision: 2,
    });
    expect((await patch('toss', 1, written(note)).expect(409)).body.current).toMatchObject({
      why,
      revision: 2,
    });
  });
  it('are added once, deleted and brought back', async () => {
    const note = written((await all())[0]!, { id: 'own-note', title: 'Own note' });
    await Promise.all([
      harness.cook.post('/api/techniques').send(note).expect(201),
      harness.cook.post('/api/techniques').send(note).expect(201),
    ]);
    expect((await all()).filter(({ id }) => id === 'own-note')).toHaveLength(1);
    await harness.cook.delete('/api/techniques/own-note').expect(204);
    await patch('own-note', 1, note).expect(410);
    await harness.cook.post('/api/techniques/own-note/restore').expect(204);
    expect((await all()).some(({ id }) => id === 'own-note')).toBe(true);
    await harness.cook.delete('/api/techniques/own-note').expect(204);
    const again = { ...note, why: 'Written anew.' };
    await harness.cook.post('/api/techniques').send(again).expect(201);
    expect((await all()).find(({ id }) => id === 'own-note')).toMatchObject({
      why: 'Written anew.',
      revision: 2,
    });
  });
  it('say for how long a class is shown it, which the plans of the kitchen follow', async () => {
    const note = (await all()).find(({ id }) => id === 'dice')!;
    const shownInKitchen = async () =>
      (await harness.cook.get('/api/kitchen').expect(200)).body.shown?.dice as unknown;
    expect([note.shownMinutes, await shownInKitchen()]).toEqual([4, undefined]);
    await patch('dice', note.revision, written(note, { shownMinutes: 6 })).expect(200);
    expect(await shownInKitchen()).toBe(6);
  });
  it('one that a step has is kept, and says where', async () =>
    expect((await harness.cook.delete('/api/techniques/fillet-citrus').expect(409)).body.detail).toContain(
      '“Beetroot with orange and hazelnut”',
    ));
  it.each([
    [{ title: '' }, 'title'],
    [{ how: [] }, 'how'],
    [{ group: 'magic' }, 'group'],
    [{ beginnerMinutes: 999 }, 'beginnerMinutes'],
    [{ shownMinutes: 9 }, 'shownMinutes'],
    [{ why: '' }, 'why'],
    [{ id: '../x' }, 'id'],
  ])('%j is refused beside its field', async (to, field) => {
    const { body } = await harness.cook
      .post('/api/techniques')
      .send(written((await all())[0]!, { id: 'another', ...to }))
      .expect(422);
    expect(body.errors.map((each: { field: string }) => each.field)).toContain(field);
  });
});
