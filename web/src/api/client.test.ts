import { afterEach, describe, expect, it, vi } from 'vitest';
import { ApiError, call, callPage } from './client.js';

const json = (body: unknown, init: ResponseInit = {}) =>
  new Response(JSON.stringify(body), { headers: { 'content-type': 'application/json' }, ...init });
const answering = (answer: () => Response | Promise<Response>) => {
  const fetched = vi.fn((_path: string, _init: RequestInit) => Promise.resolve().then(answer));
  vi.stubGlobal('fetch', fetched);
  return fetched;
};
const failureOf = (asked: Promise<unknown>) =>
  asked.then(
    () => null,
    (error: Error) => error,
  );

describe('a call of the server', () => {
  afterEach(() => vi.unstubAllGlobals());

  it('names the revision that a change is based on, and sends JSON', async () => {
    const fetched = answering(() => json({ people: 15 }));
    expect(await call('/classes/1', { method: 'PATCH', body: { people: 15 }, revision: 7 })).toEqual({
      people: 15,
    });
    expect(fetched.mock.calls[0]).toMatchObject([
      '/api/classes/1',
      {
        method: 'PATCH',
        body: '{"people":15}',
        headers: { 'Content-Type': 'application/json', 'If-Match': '"r7"' },
        credentials: 'same-origin',
      },
    ]);
  });

  it('nothing to answer is no answer', async () => {
    answering(() => new Response(null, { status: 204 }));
    expect(await call('/session', { method: 'DELETE' })).toBeUndefined();
  });

  it('a list in pages says where the page before stands', async () => {
    answering(() => json([1], { headers: { link: '</api/classes?before=x>; rel="prev"' } }));
    expect(await callPage('/classes')).toEqual({ rows: [1], earlier: '/classes?before=x' });
    answering(() => json([1]));
    expect((await callPage('/classes')).earlier).toBeNull();
  });

  it('a problem comes with its sentence, its fields and what stands now', async () => {
    const errors = [{ field: 'people', sentence: 'Too many.' }];
    const problem = { detail: 'Please correct this.', errors, current: { revision: 8 } };
    answering(() => json(problem, { status: 409, headers: { 'content-type': 'application/problem+json' } }));
    const error = await failureOf(call('/classes/1'));
    expect(error).toBeInstanceOf(ApiError);
    expect(error).toMatchObject({
      status: 409,
      message: 'Please correct this.',
      fields: errors,
      current: { revision: 8 },
    });
  });

  it.each([
    ['no connection', () => Promise.reject(new TypeError('no network'))],
    ['a proxy without a server behind it', () => new Response('<html>', { status: 502 })],
  ])('%s: what was typed is kept, and it says so', async (_, answer) => {
    answering(answer);
    const error = await failureOf(call('/classes'));
    expect(error).not.toBeInstanceOf(ApiError);
    expect(error!.message).toBe(
      'The server cannot be reached. What you typed is kept on this device and sent when it answers again.',
    );
  });

  it('an answer that is no JSON is not shown', async () => {
    answering(() => new Response('<html>stack</html>', { status: 500 }));
    expect(await failureOf(call('/classes'))).toMatchObject({
      status: 500,
      message: 'The server gave an answer that could not be read. Try again.',
    });
  });

  it('what the page gave up stays given up', async () => {
    answering(() => Promise.reject(new DOMException('left', 'AbortError')));
    expect(await failureOf(call('/classes'))).toMatchObject({ name: 'AbortError' });
  });
});
