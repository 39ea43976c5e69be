import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createConnection } from 'node:net';
import supertest from 'supertest';
import { SessionRow } from '../database/models.js';
import { startHarness, type Harness } from '../tests/harness.js';

const account = {
  kitchenName: 'Test kitchen',
  name: 'Ada Bell',
  email: 'Ada@example.org',
  password: 'a long password',
};

describe('first start and sign-in', () => {
  let harness: Harness;
  beforeAll(async () => {
    harness = await startHarness({ demo: false });
  });
  afterAll(() => harness.close());

  it('offers to make the first account, and no demo', async () => {
    expect((await harness.stranger.get('/api/session/options').expect(200)).body).toEqual({
      demo: false,
      firstStart: true,
    });
    await harness.stranger.post('/api/session').send({ demo: true }).expect(403);
  });
  it('says what is wrong beside each field', async () => {
    const { body } = await harness.stranger
      .post('/api/accounts')
      .send({ ...account, password: 'short', email: 'nobody' })
      .expect(422);
    expect(body.errors).toEqual(
      expect.arrayContaining([
        { field: 'password', sentence: 'Choose a password of at least 10 characters.' },
        { field: 'email', sentence: 'Write an e-mail address, such as ines@example.org.' },
      ]),
    );
  });
  it.each(['1qaz2wsx3edc', 'Qwertyuiop'])('refuses “%s”, which is tried first', async (password) => {
    const { body } = await harness.stranger
      .post('/api/accounts')
      .send({ ...account, password })
      .expect(422);
    expect(body.errors).toEqual([
      {
        field: 'password',
        sentence: 'This password is one of those that are tried first: choose another, such as four words.',
      },
    ]);
  });
  it('makes the first account once, and signs it in', async () => {
    const response = await harness.stranger.post('/api/accounts').send(account).expect(204);
    expect(response.headers['set-cookie']?.[0]).toMatch(/^fornax=.+HttpOnly; SameSite=Lax/);
    expect((await harness.stranger.get('/api/session').expect(200)).body).toMatchObject({
      person: { name: 'Ada Bell' },
      kitchen: { name: 'Test kitchen' },
      demo: false,
    });
    await harness.cook
      .post('/api/accounts')
      .send({ ...account, email: 'b@example.org' })
      .expect(409);
  });
  it('a new kitchen has its technique notes and no recipes', async () => {
    expect((await harness.stranger.get('/api/techniques').expect(200)).body.length).toBeGreaterThanOrEqual(
      20,
    );
    expect((await harness.stranger.get('/api/recipes').expect(200)).body).toEqual([]);
  });
  it('keeps only a hash of the cookie', async () => {
    const rows = await SessionRow.findAll();
    expect(rows[0]!.tokenHash).toMatch(/^[0-9a-f]{64}$/);
  });
  it('signs in whatever the case of the address, and out again', async () => {
    await harness.cook
      .post('/api/session')
      .send({ email: 'ada@EXAMPLE.org', password: account.password })
      .expect(204);
    await harness.cook.get('/api/session').expect(200);
    await harness.cook.delete('/api/session').expect(204);
    await harness.cook.get('/api/session').expect(401);
  });
  it('a new sign-in ends the session that the browser had', async () => {
    const browser = harness.visitor();
    const right = { email: account.email, password: account.password };
    const { headers } = await browser.post('/api/session').send(right).expect(204);
    const before = headers['set-cookie']![0]!.split(';')[0]!;
    await browser.post('/api/session').send(right).expect(204);
    await browser.get('/api/session').expect(200);
    await harness.visitor().get('/api/session').set('Cookie', before).expect(401);
  });
  it('of twenty wrong passwords at once five are looked at', async () => {
    const wrong = { email: 'nobody@example.org', password: 'not this one' };
    const answers = await Promise.all(
      Array.from({ length: 20 }, () => harness.stranger.post('/api/session').send(wrong)),
    );
    const looked = answers.filter(({ status }) => status === 401).length;
    expect(looked).toBeLessThanOrEqual(5);
    expect(answers.every(({ status }) => status === 401 || status === 429)).toBe(true);
    await harness.sequelize.query('DELETE FROM sign_in_tries');
  });
  it('refuses a wrong password, and after five tries every one', async () => {
    const wrong = { email: account.email, password: 'not this one' };
    for (let attempt = 0; attempt < 5; attempt++)
      await harness.cook.post('/api/session').send(wrong).expect(401);
    const { body } = await harness.cook
      .post('/api/session')
      .send({ email: account.email, password: account.password })
      .expect(429);
    expect(body.detail).toBe('Too many tries; wait 15 minutes and try again.');
  });
});

describe('two first starts at the same moment', () => {
  it('make one account', async () => {
    const harness = await startHarness({ demo: false });
    const answers = await Promise.all(
      ['a', 'b', 'c', 'd'].map((name) =>
        harness.stranger
          .post('/api/accounts')
          .send({ ...account, email: `${name}@example.org` })
          .then(({ status }) => status),
      ),
    );
    expect(answers.sort()).toEqual([204, 409, 409, 409]);
    await harness.close();
  });
});

describe('the door', () => {
  let harness: Harness;
  beforeAll(async () => {
    harness = await startHarness();
  });
  afterAll(() => harness.close());

  it.each([
    '/api/classes',
    '/api/recipes',
    '/api/techniques',
    '/api/courses',
    '/api/kitchen',
    '/api/larder',
    '/api/stock',
    '/api/session',
  ])('%s wants a session', async (path) => {
    const { body, headers } = await harness.stranger.get(path).expect(401);
    expect(headers['content-type']).toContain('application/problem+json');
    expect(body).toMatchObject({ status: 401, title: 'Not signed in' });
  });
  it('health is open to all', () => harness.stranger.get('/api/health').expect(200, { status: 'ok' }));
  it('a write from another site, or from nobody says where, is refused', async () => {
    await harness.cook.post('/api/recipes').set('Origin', 'https://elsewhere.example').send({}).expect(403);
    await harness.cook.post('/api/recipes').set('Origin', 'null').send({}).expect(403);
    const { body } = await supertest(harness.url).post('/api/session').send({ demo: true }).expect(403);
    expect(body.detail).toBe('A change says in its Origin header where it comes from; this one did not.');
  });
  it.each([
    ['127.0.0.1:4600', 200],
    ['[::1]:4600', 200],
    ['LOCALHOST', 200],
    ['fornax.test.', 200],
    ['fornax.test.evil.example', 421],
    ['evil.example:4600', 421],
  ])('as “%s” it answers %i', async (name, status) => {
    const named = await startHarness({ hosts: ['Fornax.test'] });
    const { body } = await named.stranger.get('/api/health').set('Host', name).expect(status);
    if (status === 421) expect(body.detail).toContain('Fornax does not answer under this name.');
    await named.close();
  });
  it.each([
    ['', 'fornax.test', 421],
    ['1', 'fornax.test', 421],
    ['loopback', 'fornax.test', 200],
    ['loopback', 'evil.example', 421],
    ['192.0.2.1', 'fornax.test', 421],
  ])('with trust in “%s”, a forwarded “%s” is answered with %i', async (trustProxy, name, status) => {
    const named = await startHarness({ hosts: ['fornax.test'], trustProxy });
    const ask = () => named.visitor().get('/api/health').set('Host', 'inside.example');
    await ask().set('X-Forwarded-Host', name).expect(status);
    await ask().expect(421);
    await named.close();
  });
  it('of two hosts in one request it answers neither', async () => {
    const { port } = new URL(harness.url);
    const said = await new Promise<string>((resolve) => {
      const socket = createConnection(Number(port), '127.0.0.1', () =>
        socket.write('GET /api/health HTTP/1.1\r\nHost: localhost\r\nHost: evil.example\r\n\r\n'),
      );
      socket.once('data', (chunk) => {
        resolve(String(chunk));
        socket.destroy();
      });
    });
    expect(said).toMatch(/^HTTP\/1\.1 400/);
  });
  it.each(['/api/health', '/api/classes', '/api/recipes', '/api/session', '/api/classes/not-one'])(
    'HEAD of %s answers as GET does, without a body',
    async (path) => {
      const got = await harness.cook.get(path);
      const { status, headers, text } = await harness.cook.head(path);
      expect([status, headers.etag, headers['content-type']]).toEqual([
        got.status,
        got.headers.etag,
        got.headers['content-type'],
      ]);
      expect(text ?? '').toBe('');
      if (got.status !== 200) return;
      const again = await harness.cook.head(path).set('If-None-Match', got.headers.etag as string);
      expect(again.status).toBe(304);
    },
  );
  it('sends a strict content security policy', async () => {
    const policy = (await harness.stranger.get('/api/health')).headers['content-security-policy']!;
    expect(policy).toContain("default-src 'none'");
    expect(policy).not.toContain('unsafe-inline');
    expect(policy).toMatch(/style-src 'self' 'nonce-[A-Za-z0-9+/=]+'/);
  });
  it('describes itself', async () => {
    await harness.stranger.get('/api/openapi.json').expect(401);
    const { body } = await harness.cook.get('/api/openapi.json').expect(200);
    expect(Object.keys(body.paths)).toEqual(
      expect.arrayContaining(['/api/classes', '/api/classes/{id}/plan', '/api/recipes/{id}', '/api/health']),
    );
    expect(body.components.schemas.CreateClassDto.properties.people).toMatchObject({
      type: 'integer',
      minimum: 1,
      maximum: 200,
    });
  });
  it.each([
    ['not json', '{"a":', 400],
    ['more than 1 MB', JSON.stringify({ a: 'x'.repeat(1_100_000) }), 413],
  ])('%s is answered in a sentence', async (_, body, status) => {
    const response = await harness.cook
      .post('/api/recipes')
      .set('Content-Type', 'application/json')
      .send(body)
      .expect(status);
    expect(response.body.detail).not.toMatch(/\n|\bError\b|node_modules/);
  });
  it('an address that is none is a plain 404', async () =>
    expect((await harness.cook.get('/api/nowhere').expect(404)).body.detail).toBe(
      'There is nothing at this address.',
    ));
});

describe('behind a proxy with TLS', () => {
  it('cookies are for TLS alone, browsers are told to stay, and origins are compared whole', async () => {
    const harness = await startHarness({ trustProxy: 'loopback', hosts: ['fornax.example.org'] });
    const signIn = (origin: string) =>
      harness.stranger
        .post('/api/session')
        .set({ Host: 'fornax.example.org', 'X-Forwarded-Proto': 'https', Origin: origin })
        .send({ demo: true });
    const { headers } = await signIn('https://fornax.example.org').expect(204);
    expect(headers['set-cookie']![0]).toContain('Secure');
    expect(headers['strict-transport-security']).toBe('max-age=31536000');
    await signIn('http://fornax.example.org').expect(403);
    await signIn('https://fornax.example.org:8443').expect(403);
    await signIn('https://fornax.example.org.evil.example').expect(403);
    await harness.close();
  });
  it('tries from elsewhere do not lock the owner out, and one address has ten in all', async () => {
    const harness = await startHarness({ demo: false, trustProxy: 'loopback' });
    const from = (address: string, email: string, password: string) =>
      harness.stranger
        .post('/api/session')
        .set('X-Forwarded-For', address)
        .send({ email, password })
        .then(({ status }) => status);
    await harness.cook.post('/api/accounts').send(account).expect(204);
    for (let attempt = 0; attempt < 8; attempt++) await from('203.0.113.7', account.email, 'a guess');
    expect(await from('203.0.113.7', account.email, account.password)).toBe(429);
    expect(await from('198.51.100.4', account.email, account.password)).toBe(204);
    const many = [];
    for (let at = 0; at < 12; at++) many.push(await from('192.0.2.9', `person${at}@example.org`, 'a guess'));
    expect(many).toEqual([...Array<number>(10).fill(401), 429, 429]);
    await harness.close();
  });
  it('without one nobody’s word is taken for it', async () => {
    const harness = await startHarness();
    const { headers } = await harness.stranger
      .post('/api/session')
      .set('X-Forwarded-Proto', 'https')
      .send({ demo: true })
      .expect(204);
    expect(headers['set-cookie']![0]).not.toContain('Secure');
    expect(headers['strict-transport-security']).toBeUndefined();
    await harness.close();
  });
});
