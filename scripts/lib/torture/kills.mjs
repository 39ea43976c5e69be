import { setTimeout as wait } from 'node:timers/promises';
import { startWriters } from './writers.mjs';

const backWithinMilliseconds = 120_000;
/** Writes that are acknowledged between one kill and the next. */
export const writesBetween = 4;

/**
 * Kills the server, the database or both, over and over, while writers write; returns how often, and what the
 * writers found.
 */
export async function kill(fornax, { times, writers = 6, until = Infinity }) {
  const writing = await startWriters(fornax.address, writers);
  let killed = 0;
  let slowest = 0;
  for (; killed < times && performance.now() < until; killed++) {
    const before = writing.tally.acknowledged;
    await wait(100 + Math.random() * 500);
    // However slow the machine is, something has been promised before it is killed.
    while (writing.tally.acknowledged < before + writesBetween && performance.now() < until) await wait(10);
    const victims = [[fornax.server], [fornax.database], [fornax.server, fornax.database]][killed % 3];
    for (const victim of victims) process.kill(victim.pid(), 'SIGKILL');
    slowest = Math.max(slowest, await back(fornax));
  }
  return { killed, slowest, ...(await writing.stop()) };
}

/** Milliseconds until a Fornax is ready again. */
export async function back({ address }) {
  const begun = performance.now();
  // It takes a moment until it is noticed.
  await wait(50);
  while (performance.now() - begun < backWithinMilliseconds) {
    const isReady = await fetch(`${address}/api/ready`).then(
      ({ ok }) => ok,
      () => false,
    );
    if (isReady) return performance.now() - begun;
    await wait(25);
  }
  throw new Error('Fornax did not come back.');
}

/** Stops the database for a while, as a machine does that has no breath left, and lets it go on. */
export async function pause(fornax, { milliseconds, writers = 6 }) {
  const writing = await startWriters(fornax.address, writers);
  await wait(300);
  process.kill(fornax.database.pid(), 'SIGSTOP');
  await wait(milliseconds);
  process.kill(fornax.database.pid(), 'SIGCONT');
  await back(fornax);
  await wait(500);
  return writing.stop();
}
