import { setTimeout as wait } from 'node:timers/promises';

const firstPauseMilliseconds = 1000;
const longestPauseMilliseconds = 30_000;
/** What has stood for so long counts as well again. */
const standsMilliseconds = 60_000;

/**
 * Keeps a process running: one that ends unasked is started again, after a pause that doubles while it does
 * not stand, and that is said. `start` resolves with the child once it answers, and rejects where it does not
 * come up; the first time that is passed on.
 */
export async function keepRunning({
  what,
  start,
  say = (sentence) => process.stderr.write(`${sentence}\n`),
  firstPause = firstPauseMilliseconds,
  stands = standsMilliseconds,
}) {
  const stopping = new AbortController();
  let pause = firstPause;
  let child = null;
  let ending = Promise.resolve();

  const begin = async () => {
    child = await start();
    const since = performance.now();
    // It may have ended between its first answer and now.
    if (hasEnded(child)) ending = again(since);
    else child.once('exit', () => (ending = again(since)));
  };
  const again = async (since) => {
    if (performance.now() - since > stands) pause = firstPause;
    while (!stopping.signal.aborted) {
      say(`${what} ended; it is started again in ${pause / 1000} s.`);
      await wait(pause, null, { signal: stopping.signal }).catch(() => null);
      pause = Math.min(longestPauseMilliseconds, pause * 2);
      if (stopping.signal.aborted) return;
      try {
        await begin();
        return say(`${what} runs again.`);
      } catch (error) {
        say(error.message);
      }
    }
  };

  await begin();
  return {
    pid: () => child.pid,
    async stop() {
      stopping.abort();
      // A start that is under way comes up first, so that it leaves nothing behind.
      await ending;
      await ended(child);
    },
  };
}

function hasEnded({ exitCode, signalCode }) {
  return exitCode !== null || signalCode !== null;
}

function ended(child) {
  if (hasEnded(child)) return;
  return new Promise((resolve) => {
    child.once('exit', resolve);
    child.kill('SIGTERM');
  });
}
