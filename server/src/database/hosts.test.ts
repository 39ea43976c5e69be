import { createServer, type Server } from 'node:net';
import { afterAll, describe, expect, it, vi } from 'vitest';
import { DatabaseHosts, hostsIn } from './hosts.js';

describe('the address of a database', () => {
  it.each([
    ['mariadb://a:b@one:3306/x', [{ host: 'one', port: 3306 }], 'mariadb://a:b@one:3306/x'],
    ['mariadb://a:b@one/x', [{ host: 'one', port: 3306 }], 'mariadb://a:b@one/x'],
    [
      'mariadb://a:b@one:1,two:2,three/x?c=d',
      [
        { host: 'one', port: 1 },
        { host: 'two', port: 2 },
        { host: 'three', port: 3306 },
      ],
      'mariadb://a:b@one:1/x?c=d',
    ],
  ])('%s names its hosts', (url, hosts, first) => expect(hostsIn(url)).toEqual({ hosts, first }));
  it('a socket is a host of its own', () =>
    expect(hostsIn('mariadb://a:b@localhost/x?socketPath=%2Ftmp%2Fs').hosts).toHaveLength(1));
});

describe('a choice of hosts', () => {
  const servers: Server[] = [];
  afterAll(() => servers.forEach((server) => server.close()));
  /** Takes connections and says nothing, as a process does that stands still. */
  const silent = () =>
    new Promise<{ host: string; port: number }>((resolve) => {
      const server = createServer().listen(0, '127.0.0.1', () => {
        servers.push(server);
        resolve({ host: '127.0.0.1', port: (server.address() as { port: number }).port });
      });
    });
  const credentials = { user: 'a', password: 'b' };

  it('gives the first where one says nothing and the other is gone', async () => {
    const hosts = [await silent(), { host: '127.0.0.1', port: 9 }];
    const choice = new DatabaseHosts(hosts);
    const begun = performance.now();
    expect(await choice.choose(credentials)).toBe(hosts[0]);
    expect(performance.now() - begun).toBeLessThan(60_000);
  });
  it('keeps to one while it stands, and looks again after a fault', async () => {
    const hosts = [
      { host: 'one', port: 1 },
      { host: 'two', port: 2 },
    ];
    const choice = new DatabaseHosts(hosts, ({ host }) => Promise.resolve(host === 'two'));
    expect(await choice.choose(credentials)).toBe(hosts[1]);
    expect(choice.current).toBe(1);
    choice.leave();
    expect(choice.current).not.toBe(1);
    expect(await choice.choose(credentials)).toBe(hosts[1]);
  });
  it('is asked of a host once in two seconds, and of one that did not answer once in five', async () => {
    vi.useFakeTimers({ toFake: ['performance'] });
    const asked: string[] = [];
    const hosts = ['one', 'two'].map((host) => ({ host, port: 1 }));
    const choice = new DatabaseHosts(hosts, ({ host }) => {
      asked.push(host);
      return Promise.resolve(host === 'two');
    });
    await choice.choose(credentials);
    await choice.choose(credentials);
    expect(asked).toEqual(['one', 'two']);
    vi.advanceTimersByTime(2100);
    await choice.choose(credentials);
    expect(asked).toEqual(['one', 'two', 'two']);
    vi.advanceTimersByTime(5100);
    await choice.choose(credentials);
    expect(asked).toEqual(['one', 'two', 'two', 'one', 'two']);
    vi.useRealTimers();
  });
});
