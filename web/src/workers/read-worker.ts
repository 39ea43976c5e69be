import { wrap, type Remote } from 'comlink';
import type { ReadWorker } from './read.worker.js';

/** What any recipe is read in many times over, on a slow phone as well. */
const longestMilliseconds = 15_000;

/** What was given could not be read in time. */
class NotRead extends Error {
  constructor() {
    super('This takes too long to read, so it was given up; it is kept as it is. Try a smaller part of it.');
  }
}

interface Running {
  readonly worker: Worker;
  readonly remote: Remote<ReadWorker>;
}

let running: Running | null = null;

function start(): Running {
  const worker = new Worker(new URL('./read.worker.ts', import.meta.url), { type: 'module' });
  return { worker, remote: wrap<ReadWorker>(worker) };
}

/**
 * Reads something off the main thread. What is not read in time is given up, and its worker with it; the next
 * begins with another. Throws {@link NotRead}, with a sentence.
 */
export async function readInWorker<T>(ask: (reader: Remote<ReadWorker>) => Promise<T>): Promise<T> {
  running ??= start();
  const mine = running;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => {
      mine.worker.terminate();
      if (running === mine) running = null;
      reject(new NotRead());
    }, longestMilliseconds);
    mine.worker.addEventListener('error', () => reject(new NotRead()), { once: true });
  });
  try {
    return await Promise.race([ask(mine.remote), late]);
  } finally {
    clearTimeout(timer);
  }
}
