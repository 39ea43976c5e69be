import { afterAll, beforeAll, expect, it } from 'vitest';
import { v7 as uuid } from 'uuid';
import { startHarness, type Harness } from '../tests/harness.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.close());

const post = (text: string) =>
  harness.cook.post('/api/classes').set('Content-Type', 'application/json').send(text);
const start = `"id":"${uuid()}","title":"Odd","startsAt":"2099-03-05T18:30"`;

it.each(['constructor', '__proto__', 'prototype'])(
  'a key named “%s” is refused in a sentence',
  async (key) => {
    const { body } = await post(`{${start},"decisions":{"packs":{"${key}":"1x250"}}}`).expect(422);
    expect(body.detail).toBe(`“${key}” cannot be a name here: choose another.`);
  },
);
it('a hundred thousand lists in each other are refused in a sentence', async () => {
  const deep = `${'['.repeat(100_000)}${']'.repeat(100_000)}`;
  const { body } = await post(`{${start},"dishes":${deep}}`).expect(422);
  expect(body.detail).toBe('This is nested more than 16 levels deep.');
});
it('hearts are counted as the database counts them: two characters each', async () => {
  const hearts = (count: number) => JSON.stringify('❤️'.repeat(count));
  const titled = (title: string) => post(`{"id":"${uuid()}","title":${title},"startsAt":"2099-03-05T18:30"}`);
  await titled(hearts(80)).expect(201);
  const { body } = await titled(hearts(81)).expect(422);
  expect(body.errors).toEqual([
    { field: 'title', sentence: 'Give the class a title of up to 160 characters.' },
  ]);
});
it('what is no JSON, or more than a megabyte, is refused in a sentence', async () => {
  expect((await post('{"id":').expect(400)).body.detail).toContain('not readable JSON');
  expect((await post(`{"title":"${'x'.repeat(1_100_000)}"}`).expect(413)).body.detail).toContain('1 MB');
});
