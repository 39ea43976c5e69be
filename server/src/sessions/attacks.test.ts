import { DiscoveryService, MetadataScanner, ModulesContainer } from '@nestjs/core';
import { QueryTypes } from 'sequelize';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { OPEN } from '../common/session-context.js';
import { startHarness, type Harness } from '../tests/harness.js';
import { SessionsService } from './sessions.service.js';

const account = {
  kitchenName: 'Test kitchen',
  name: 'Ada Bell',
  email: 'ada@example.org',
  password: 'a long password',
};
const right = { email: account.email, password: account.password };
const wrong = { email: account.email, password: 'not this one' };

let harness: Harness;
let owner: ReturnType<Harness['visitor']>;
beforeAll(async () => {
  harness = await startHarness({ demo: false, trustProxy: 'loopback' });
  owner = harness.visitor();
  await owner.post('/api/accounts').send(account).expect(204);
});
afterAll(() => harness.close());
beforeEach(() => harness.sequelize.query('DELETE FROM sign_in_tries'));

/** A try from an address, on a device that nobody knows. */
const tryFrom = (address: string, body: object = wrong) =>
  harness.visitor().post('/api/session').set('X-Forwarded-For', address).send(body);
const rows = async () =>
  (await harness.sequelize.query('SELECT * FROM sign_in_tries', { type: QueryTypes.SELECT })).length;

describe('a flood of strangers', () => {
  it('that asks for accounts is told at once, and nobody else waits for it', async () => {
    const waits: number[] = [];
    let isOver = false;
    const bystander = (async () => {
      while (!isOver) {
        const begun = performance.now();
        await owner.get('/api/session').expect(200);
        waits.push(performance.now() - begun);
      }
    })();
    const answers = await Promise.all(
      Array.from({ length: 100 }, () =>
        harness
          .visitor()
          .post('/api/accounts')
          .send({ ...account, email: 'b@example.org' }),
      ),
    );
    isOver = true;
    await bystander;
    const count = (status: number) => answers.filter((answer) => answer.status === status).length;
    expect([count(409) + count(429), count(409) <= 10]).toEqual([100, true]);
    expect(answers.find(({ status }) => status === 429)!.body.detail).toBe(
      'An account was asked for too often from here; try again in a minute.',
    );
    // Hashed one after the other, a hundred took over five seconds.
    expect(Math.max(...waits)).toBeLessThan(4000);
  });

  it('every route that wants no session says how often it answers', () => {
    const discovery = new DiscoveryService(harness.app.get(ModulesContainer));
    const scanner = new MetadataScanner();
    const open = discovery.getControllers().flatMap(({ instance, metatype }) =>
      scanner
        .getAllMethodNames(metatype!.prototype as object)
        .map((name) => ({
          name: `${metatype!.name} ${name}`,
          limit: Reflect.getMetadata(OPEN, (instance as Record<string, object>)[name]!) as unknown,
        }))
        .filter(({ limit }) => limit !== undefined),
    );
    expect(open.map(({ name }) => name).sort()).toEqual([
      'HealthController health',
      'HealthController ready',
      'SessionsController createFirstAccount',
      'SessionsController options',
      'SessionsController signIn',
      'SessionsController signOut',
    ]);
    for (const { limit } of open)
      expect(limit).toMatchObject({ perMinute: expect.any(Number), sentence: expect.stringMatching(/\.$/) });
  });
});

describe('passwords that are tried', () => {
  it('from everywhere slow the account down for strangers, and not for a device that is known', async () => {
    const statuses: number[] = [];
    for (let at = 0; at < 24; at++) statuses.push((await tryFrom(`192.0.2.${at}`)).status);
    expect(statuses.slice(0, 20).every((status) => status === 401)).toBe(true);
    const refused = await tryFrom('198.51.100.1', right);
    expect([refused.status, refused.body.detail]).toEqual([
      429,
      expect.stringMatching(
        /^Somebody is trying many passwords for this account; wait \d+ seconds? and try again/,
      ),
    ]);
    await owner.post('/api/session').set('X-Forwarded-For', '192.0.2.1').send(right).expect(204);
    // A stranger with the right password waits, and is let in then.
    await harness.sequelize.query('UPDATE sign_in_tries SET latest = latest - INTERVAL 61 SECOND');
    await tryFrom('198.51.100.1', right).expect(204);
  });
  it('on a known device are counted there, and stop there as well', async () => {
    for (let at = 0; at < 5; at++) await owner.post('/api/session').send(wrong).expect(401);
    await owner.post('/api/session').send(right).expect(429);
  });
  it('from one network of IPv6 count together, from another apart', async () => {
    for (let at = 1; at <= 5; at++) await tryFrom(`2001:db8:0:1::${at}`).expect(401);
    await tryFrom('2001:db8:0:1:ffff::9').expect(429);
    await tryFrom('2001:db8:0:2::9').expect(401);
  });
  it('and are refused leave no rows, and old rows are swept', async () => {
    for (let at = 0; at < 5; at++) await tryFrom('192.0.2.9');
    const before = await rows();
    for (let at = 0; at < 30; at++)
      expect((await tryFrom('192.0.2.9', { ...wrong, email: `${at}@example.org` })).status).toBe(
        at < 5 ? 401 : 429,
      );
    // Ten tries from the address were looked at; each of the other five accounts has two counts of its own.
    expect(await rows()).toBe(before + 5 * 2);
    await harness.sequelize.query('UPDATE sign_in_tries SET since = since - INTERVAL 16 MINUTE');
    await harness.app.get(SessionsService).sweep();
    expect(await rows()).toBe(0);
  });
  it('that were right count for nothing', async () => {
    for (let at = 0; at < 12; at++) await tryFrom('192.0.2.40', right).expect(204);
  });
});

describe('a disk that is full', () => {
  it('is said at the door, too', async () => {
    const full = await startHarness({ demo: false, dataFolder: '/proc/self/fdinfo' });
    await full.stranger.post('/api/accounts').send(account).expect(507);
    await full.stranger.post('/api/session').send(right).expect(507);
    await full.close();
  });
});
