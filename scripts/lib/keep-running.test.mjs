import { spawn } from 'node:child_process';
import { describe, expect, it } from 'vitest';
import { keepRunning } from './keep-running.mjs';

/** A process that stands until it is ended. */
const standing = () => Promise.resolve(spawn(process.execPath, ['-e', 'setInterval(() => {}, 1000)']));
/** One that ends at once. */
const falling = () => Promise.resolve(spawn(process.execPath, ['-e', '']));

describe('a process that is kept running', () => {
  it('is started again when it is killed, and that is said', async () => {
    const said = [];
    const kept = await keepRunning({
      what: 'The clock',
      start: standing,
      say: (each) => said.push(each),
      firstPause: 10,
    });
    const first = kept.pid();
    process.kill(first, 'SIGKILL');
    await expect.poll(() => kept.pid()).not.toBe(first);
    await kept.stop();
    expect(said).toEqual(['The clock ended; it is started again in 0.01 s.', 'The clock runs again.']);
    expect(() => process.kill(kept.pid(), 0)).toThrow();
  });
  it('that does not stand waits twice as long each time', async () => {
    const pauses = [];
    const kept = await keepRunning({
      what: 'The clock',
      start: falling,
      say: (each) => pauses.push(/in ([\d.]+) s/.exec(each)?.[1]),
      firstPause: 10,
    });
    await expect.poll(() => pauses.filter(Boolean).slice(0, 4)).toEqual(['0.01', '0.02', '0.04', '0.08']);
    await kept.stop();
  });
  it('that does not come up the first time is an error, and later is tried again', async () => {
    await expect(
      keepRunning({ what: 'The clock', start: () => Promise.reject(new Error('no spring')) }),
    ).rejects.toThrow('no spring');
    let tries = 0;
    const said = [];
    const start = () => (++tries === 2 ? Promise.reject(new Error('no spring')) : standing());
    const kept = await keepRunning({ what: 'It', start, say: (each) => said.push(each), firstPause: 10 });
    process.kill(kept.pid(), 'SIGKILL');
    await expect.poll(() => tries).toBe(3);
    await expect.poll(() => said).toContain('It runs again.');
    await kept.stop();
    expect(said).toContain('no spring');
  });
});
