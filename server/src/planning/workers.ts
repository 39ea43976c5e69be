import { fileURLToPath } from 'node:url';
import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import { Piscina } from 'piscina';
import { ProblemException } from '../common/problem.js';
import { Turns, type Urgency } from '../common/turns.js';
import type { WorkAnswers, WorkQuestion } from './work.worker.js';

/** Without questions for so long a thread goes, and its memory with it. */
const idleMilliseconds = 15_000;
/** A small young generation keeps a thread's memory near what a plan needs. */
const threadLimits = { maxOldGenerationSizeMb: 64, maxYoungGenerationSizeMb: 4 };
/** One for what is short and one for what is long: whoever asks for little does not wait for it. */
const threads = 2;

/** A question took longer than it may. */
export class TooLong extends Error {}

/**
 * Threads for whatever takes long: plans of classes, what lists show of recipes. Kitchens have their turn one
 * after the other, and what is urgent goes before what is not, so that nobody waits for another's work and
 * the server answers meanwhile.
 */
@Injectable()
export class Workers implements OnModuleDestroy {
  /** A question that takes longer is given up. */
  longestMilliseconds = 120_000;
  /** What was taken for short and takes longer than this is asked again among what is long. */
  shortMilliseconds = 5000;
  #answered = 0;
  /** What was asked before a stop is ended by it, or not begun. */
  #stop = new AbortController();
  readonly #turns = new Turns({
    places: threads,
    forShort: 1,
    forLong: 1,
    mostWaiting: 400,
    busy: 'This kitchen has asked for very much at once; try again in a moment.',
  });

  get answered(): number {
    return this.#answered;
  }
  get waiting(): number {
    return this.#turns.waiting;
  }

  /** The answer to a question, when its kitchen's turn comes. */
  async ask<Q extends WorkQuestion>(
    kitchenId: string,
    question: Q,
    { urgency = 'now' as Urgency } = {},
  ): Promise<WorkAnswers[Q['kind']]> {
    const within =
      urgency === 'long' || urgency === 'spare'
        ? this.longestMilliseconds
        : Math.min(this.shortMilliseconds, this.longestMilliseconds);
    try {
      const { signal } = this.#stop;
      const run = () => (signal.aborted ? Promise.reject(stopping()) : this.#run(question, within, signal));
      return await this.#turns.run(kitchenId, run, { urgency });
    } catch (error) {
      if (!(error instanceof TooLong) || within === this.longestMilliseconds) throw error;
      return this.ask(kitchenId, question, { urgency: 'long' });
    }
  }

  async #run<Q extends WorkQuestion>(
    question: Q,
    within: number,
    stop: AbortSignal,
  ): Promise<WorkAnswers[Q['kind']]> {
    const given = new AbortController();
    const timer = setTimeout(() => given.abort(), within);
    try {
      const signal = AbortSignal.any([given.signal, stop]);
      const answer = (await threadPool().run(question, { signal })) as WorkAnswers[Q['kind']];
      this.#answered += 1;
      return answer;
    } catch (error) {
      if (stop.aborted) throw stopping();
      throw given.signal.aborted ? new TooLong('The question took too long.') : error;
    } finally {
      clearTimeout(timer);
    }
  }

  /** Ends what is under way. The threads themselves go when nobody has asked them for a while. */
  onModuleDestroy(): void {
    this.#stop.abort();
    this.#stop = new AbortController();
    this.#turns.clear(stopping());
  }
}

let pool: Piscina | null = null;

/** The threads of this process, whichever of the servers in it asks: what has planned before plans faster. */
function threadPool(): Piscina {
  pool ??= new Piscina({
    filename: fileURLToPath(workerFile),
    minThreads: 0,
    maxThreads: threads,
    idleTimeout: idleMilliseconds,
    resourceLimits: threadLimits,
  });
  return pool;
}

function stopping(): ProblemException {
  return new ProblemException(503, 'The server is stopping. Try again in a moment.');
}

/** The tests run the sources; a thread needs what is built of them. */
const workerFile = new URL(
  import.meta.url.endsWith('.ts') ? '../../dist/node/thread.cjs' : './thread.cjs',
  import.meta.url,
);
