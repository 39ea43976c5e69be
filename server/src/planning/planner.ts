import { createHash } from 'node:crypto';
import { Worker } from 'node:worker_threads';
import { Injectable, Module, type OnModuleDestroy } from '@nestjs/common';
import { betteringSlices, type ClassBundle, type ClassNeeds, type ClassPlan } from '@fornax/core';
import { ProblemException } from '../common/problem.js';
import type { PlanAnswer, PlanQuestion } from './plan.worker.js';

/** Without questions for so long the worker goes, and its memory with it. */
const idleMilliseconds = 4000;
/** A small young generation keeps the thread's memory near what a plan needs. */
const workerLimits = { maxOldGenerationSizeMb: 64, maxYoungGenerationSizeMb: 4 };
/** Best plans that are remembered, newest last. They can all be worked out again. */
const mostRemembered = 24;

/** The class changed while a better plan of it was looked for unasked. */
class Superseded extends Error {}

/** A plan took longer than it may. */
class TooLong extends ProblemException {
  constructor() {
    super(503, 'Planning this class takes too long. Take a dish off the menu, or try again.');
  }
}

function notAnswered(answer: PlanAnswer): Error {
  return new Error('error' in answer ? answer.error : 'The planner answered something else.');
}

interface Job {
  readonly question: PlanQuestion;
  readonly isUrgent: boolean;
  readonly resolve: (answer: PlanAnswer) => void;
  readonly reject: (error: Error) => void;
}

/**
 * Plans classes on a thread of its own, so that no request waits for another's plan. The first valid plan
 * comes at once; the best one is looked for slice by slice as in the browser, with the same result, and first
 * plans go before its slices.
 */
@Injectable()
export class Planner implements OnModuleDestroy {
  /** A question that takes longer is given up; twelve dishes for forty people take five seconds in all. */
  longestMilliseconds = 20_000;
  #worker: Worker | null = null;
  #running: Job | null = null;
  #answered = 0;
  #waiting: Job[] = [];
  #timer: NodeJS.Timeout | null = null;
  /** The last state of each class that a better plan is looked for unasked. */
  readonly #newest = new Map<string, string>();
  readonly #best = new Map<string, Promise<ClassPlan>>();
  readonly #done = new Map<string, ClassPlan>();
  readonly #needs = new Map<string, Promise<ClassNeeds>>();

  /** The best plan where it is known already; else the first valid one, while the best is looked for. */
  async soon(bundle: ClassBundle): Promise<{ readonly plan: ClassPlan; readonly isBest: boolean }> {
    const text = JSON.stringify(bundle);
    const digest = digestOf(text);
    const known = this.#done.get(digest);
    if (known) return { plan: known, isBest: true };
    const first = await this.#plan({ bundle: text, options: {} }, true);
    this.#newest.set(bundle.class.id, digest);
    this.#lookFor(text, first, () => this.#newest.get(bundle.class.id) === digest).catch(() => undefined);
    return { plan: first, isBest: false };
  }

  /** The plan that the browser comes to as well. Asked twice for the same bundle, it is looked for once. */
  best(bundle: ClassBundle): Promise<ClassPlan> {
    const text = JSON.stringify(bundle);
    return this.#lookFor(text, null).catch((error: unknown) => {
      if (error instanceof Superseded) return this.#lookFor(text, null);
      throw error;
    });
  }

  /** What a class wants of each ingredient as purchased. Asked again for the same, it is known. */
  needs(bundle: Pick<ClassBundle, 'class' | 'kitchen'>): Promise<ClassNeeds> {
    const text = JSON.stringify(bundle);
    const digest = digestOf(text);
    const known = this.#needs.get(digest);
    if (known) return known;
    const found = this.#ask({ bundle: text, options: null }, true).then((answer) => {
      if ('needs' in answer) return answer.needs;
      throw notAnswered(answer);
    });
    this.#needs.set(digest, found);
    found.catch(() => this.#needs.delete(digest));
    for (const oldest of [...this.#needs.keys()].slice(0, Math.max(0, this.#needs.size - mostRemembered)))
      this.#needs.delete(oldest);
    return found;
  }

  #lookFor(bundle: string, first: ClassPlan | null, isWanted = () => true): Promise<ClassPlan> {
    const digest = digestOf(bundle);
    const known = this.#best.get(digest);
    if (known) return known;
    const found = this.#better(bundle, first, isWanted).then(
      (plan) => {
        if (this.#best.get(digest) === found) this.#done.set(digest, plan);
        return plan;
      },
      (error: unknown) => {
        this.#best.delete(digest);
        throw error;
      },
    );
    this.#best.set(digest, found);
    for (const oldest of [...this.#best.keys()].slice(0, Math.max(0, this.#best.size - mostRemembered)))
      this.#forget(oldest);
    return found;
  }

  /** Questions that the thread has answered, and that wait for it. */
  get answered(): number {
    return this.#answered;
  }
  get waiting(): number {
    return this.#waiting.length;
  }

  onModuleDestroy(): Promise<void> {
    return this.#stop(new ProblemException(503, 'The server is stopping. Try again in a moment.'));
  }

  async #better(bundle: string, first: ClassPlan | null, isWanted: () => boolean): Promise<ClassPlan> {
    let plan = first ?? (await this.#plan({ bundle, options: {} }, true));
    for (const effort of betteringSlices) {
      if (!isWanted()) throw new Superseded();
      const next = await this.#plan(
        { bundle, options: { effort, standing: plan.timeline.starts } },
        false,
      ).catch((error: unknown) => {
        if (error instanceof TooLong) return null;
        throw error;
      });
      // What takes too long to better stands as it is.
      if (!next) break;
      plan = next;
    }
    return plan;
  }

  #forget(digest: string): void {
    for (const [id, newest] of this.#newest) if (newest === digest) this.#newest.delete(id);
    this.#best.delete(digest);
    this.#done.delete(digest);
  }

  async #plan(question: PlanQuestion, isUrgent: boolean): Promise<ClassPlan> {
    const answer = await this.#ask(question, isUrgent);
    if ('plan' in answer) return answer.plan;
    throw notAnswered(answer);
  }

  #ask(question: PlanQuestion, isUrgent: boolean): Promise<PlanAnswer> {
    return new Promise((resolve, reject) => {
      this.#waiting.push({ question, isUrgent, resolve, reject });
      this.#next();
    });
  }

  #next(): void {
    if (this.#running || this.#waiting.length === 0) return;
    const urgent = this.#waiting.findIndex((job) => job.isUrgent);
    [this.#running] = this.#waiting.splice(Math.max(0, urgent), 1) as [Job];
    this.#setTimer(this.longestMilliseconds, () => void this.#stop(new TooLong(), false));
    this.#worker ??= this.#start();
    this.#worker.postMessage(this.#running.question);
  }

  #start(): Worker {
    const worker = new Worker(workerFile, { resourceLimits: workerLimits });
    worker.unref();
    worker.on('message', (answer: PlanAnswer) => {
      if (worker === this.#worker) this.#settle(answer);
    });
    worker.on('error', (error) => {
      if (worker === this.#worker) void this.#stop(error, false);
    });
    return worker;
  }

  #settle(answer: PlanAnswer): void {
    const job = this.#running!;
    this.#running = null;
    this.#answered += 1;
    this.#setTimer(idleMilliseconds, () => void this.#stop(null));
    job.resolve(answer);
    this.#next();
  }

  /**
   * Ends the worker and the job it was at; and what waits as well, unless another worker is to go on with it.
   */
  async #stop(error: Error | null, isFinal = true): Promise<void> {
    const worker = this.#worker;
    const given = [...(this.#running ? [this.#running] : []), ...(isFinal ? this.#waiting : [])];
    this.#worker = null;
    this.#running = null;
    if (isFinal) this.#waiting = [];
    if (this.#timer) clearTimeout(this.#timer);
    for (const job of given) job.reject(error ?? new Error('The planner stopped.'));
    await worker?.terminate();
    this.#next();
  }

  #setTimer(milliseconds: number, run: () => void): void {
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = setTimeout(run, milliseconds);
    this.#timer.unref();
  }
}

/** The tests run the sources; a thread needs what is built of them. */
const workerFile = new URL(
  import.meta.url.endsWith('.ts') ? '../../dist/planning/plan.worker.js' : './plan.worker.js',
  import.meta.url,
);

function digestOf(bundle: string): string {
  return createHash('sha256').update(bundle).digest('base64');
}

@Module({ providers: [Planner], exports: [Planner] })
export class PlanningModule {}
