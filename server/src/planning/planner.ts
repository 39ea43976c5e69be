import { createHash } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { Injectable, Module } from '@nestjs/common';
import { betteringSlices, type ClassBundle, type ClassNeeds, type ClassPlan } from '@fornax/core';
import { LRUCache } from 'lru-cache';
import { ProblemException } from '../common/problem.js';
import { TooLong, Workers } from './workers.js';

/** Best plans that are remembered. They can all be worked out again. */
const mostRemembered = 24;
/** Classes whose plan took too long are not tried again for so long, unless something of them changes. */
const tooLongStandsMilliseconds = 600_000;
/** A class is taken for small, and planned before large ones, up to so many lines and steps of its dishes. */
const mostOfSmall = 120;

/** The class changed while a better plan of it was looked for unasked. */
class Superseded extends Error {}

/** What is answered in time: the best plan, or the best that was found until then. */
export interface PlanInTime {
  readonly plan: ClassPlan;
  readonly isBest: boolean;
}

/** The first valid plan, or the best where it is known; and the best, once it is found. */
export interface SoonPlan extends PlanInTime {
  /** Rejects where the class changes first. */
  readonly best: Promise<ClassPlan>;
}

/** A bundle as it is sent to a thread, whose plan it is, and by what it is remembered. */
interface Asked {
  readonly kitchenId: string;
  readonly text: string;
  readonly digest: string;
  readonly isShort: boolean;
}

/**
 * Plans classes on threads of their own, so that no request waits for another's plan. The first valid plan
 * comes at once; the best one is looked for slice by slice as in the browser, with the same result, and first
 * plans go before its slices.
 */
@Injectable()
export class Planner {
  /** Whoever asks is answered within so long; the plan is looked for on, and remembered. */
  answerWithinMilliseconds = 20_000;
  /** Whether the best plan is looked for where only the first was asked for. */
  looksUnasked = true;
  /** A class that is being edited changes every few seconds: only what stands so long is bettered unasked. */
  unaskedAfterMilliseconds = 2000;
  /** The last state of each class that a better plan is looked for unasked. */
  readonly #newest = new Map<string, string>();
  readonly #firsts = new LRUCache<string, Promise<ClassPlan>>({ max: mostRemembered });
  readonly #best = new LRUCache<string, Promise<ClassPlan>>({ max: mostRemembered });
  readonly #done = new LRUCache<string, ClassPlan>({ max: mostRemembered });
  /** The best so far of those that are being looked for. */
  readonly #soFar = new LRUCache<string, ClassPlan>({ max: mostRemembered });
  readonly #needs = new LRUCache<string, Promise<ClassNeeds>>({ max: mostRemembered });
  readonly #tooLong = new LRUCache<string, true>({ max: 500, ttl: tooLongStandsMilliseconds });

  constructor(readonly workers: Workers) {}

  /** The best plan where it is known already; else the first valid one, while the best is looked for. */
  async soon(bundle: ClassBundle, kitchenId: string): Promise<SoonPlan> {
    const asked = askedOf(bundle, kitchenId);
    const known = this.#done.get(asked.digest);
    if (known) return { plan: known, isBest: true, best: Promise.resolve(known) };
    const first = await this.#first(asked);
    if (!this.looksUnasked) return { plan: first, isBest: false, best: new Promise(() => undefined) };
    this.#newest.set(bundle.class.id, asked.digest);
    const best = this.#unasked(asked, first, () => this.#newest.get(bundle.class.id) === asked.digest);
    best.catch(() => undefined);
    return { plan: first, isBest: false, best };
  }

  async #unasked(asked: Asked, first: ClassPlan, isWanted: () => boolean): Promise<ClassPlan> {
    await wait(this.unaskedAfterMilliseconds, null, { ref: false });
    if (!isWanted()) throw new Superseded();
    return this.#lookFor(asked, first, isWanted);
  }

  /**
   * The plan that the browser comes to as well. Asked twice for the same bundle, it is looked for once. Where
   * that takes too long the best so far is answered, and a 503 where there is none yet; it is looked for on,
   * and there when it is asked for again.
   */
  async best(bundle: ClassBundle, kitchenId: string): Promise<PlanInTime> {
    const asked = askedOf(bundle, kitchenId);
    const found = this.#lookFor(asked, null)
      .catch((error: unknown) => {
        if (error instanceof Superseded) return this.#lookFor(asked, null);
        throw error;
      })
      .then((plan) => ({ plan, isBest: true }));
    let timer: NodeJS.Timeout | undefined;
    const late = new Promise<PlanInTime>((resolve, reject) => {
      const answer = () => {
        const plan = this.#soFar.get(asked.digest);
        if (plan) resolve({ plan, isBest: false });
        else reject(stillPlanning());
      };
      timer = setTimeout(answer, this.answerWithinMilliseconds).unref();
    });
    return Promise.race([found, late]).finally(() => clearTimeout(timer));
  }

  /** What a class wants of each ingredient as purchased. Asked again for the same, it is known. */
  needs(bundle: Pick<ClassBundle, 'class' | 'kitchen'>, kitchenId: string): Promise<ClassNeeds> {
    const text = JSON.stringify(bundle);
    const digest = digestOf(text);
    const known = this.#needs.get(digest);
    if (known) return known;
    const found = this.workers.ask(kitchenId, { kind: 'needs', bundle: text });
    this.#needs.set(digest, found);
    found.catch(() => this.#needs.delete(digest));
    return found;
  }

  /** Questions that threads have answered, and that wait for one. */
  get answered(): number {
    return this.workers.answered;
  }
  get waiting(): number {
    return this.workers.waiting;
  }

  /** Unasked, `isWanted` says whether it still is. */
  #lookFor(asked: Asked, first: ClassPlan | null, isWanted?: () => boolean): Promise<ClassPlan> {
    const { digest } = asked;
    const known = this.#best.get(digest);
    if (known) return known;
    const found = this.#better(asked, first, isWanted).then(
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
    return found;
  }

  async #better(asked: Asked, first: ClassPlan | null, isWanted?: () => boolean): Promise<ClassPlan> {
    const { kitchenId, text } = asked;
    // Whoever waits for a small class does not wait for large ones; what nobody waits for does.
    const isShort = asked.isShort && !isWanted;
    let plan = first ?? (await this.#first(asked));
    for (const effort of betteringSlices) {
      if (isWanted && !isWanted()) throw new Superseded();
      this.#soFar.set(asked.digest, plan);
      const options = { effort, standing: plan.timeline.starts };
      const next = await this.workers
        .ask(kitchenId, { kind: 'plan', bundle: text, options }, { isShort })
        .catch((error: unknown) => {
          if (error instanceof TooLong) return null;
          throw error;
        });
      // What takes too long to better stands as it is.
      if (!next) break;
      plan = next;
    }
    return plan;
  }

  #first(asked: Asked): Promise<ClassPlan> {
    const known = this.#firsts.get(asked.digest);
    if (known) return known;
    const found = this.#firstOf(asked);
    this.#firsts.set(asked.digest, found);
    found.catch(() => this.#firsts.delete(asked.digest));
    return found;
  }

  async #firstOf({ kitchenId, text, digest, isShort }: Asked): Promise<ClassPlan> {
    if (this.#tooLong.has(digest)) throw planTooLong();
    return this.workers
      .ask(kitchenId, { kind: 'plan', bundle: text, options: {} }, { isShort })
      .catch((error: unknown) => {
        if (!(error instanceof TooLong)) throw error;
        this.#tooLong.set(digest, true);
        throw planTooLong();
      });
  }
}

function planTooLong(): ProblemException {
  return new ProblemException(
    503,
    'Planning this class takes too long. Take a dish off the menu, or try again.',
  );
}

function stillPlanning(): ProblemException {
  return new ProblemException(503, 'This class is still being planned. Look again in a minute.');
}

function askedOf(bundle: ClassBundle, kitchenId: string): Asked {
  const text = JSON.stringify(bundle);
  return { kitchenId, text, digest: digestOf(text), isShort: sizeOf(bundle) <= mostOfSmall };
}

function sizeOf({ class: facts }: ClassBundle): number {
  // What cannot be planned at all is told by the thread.
  return (facts?.dishes ?? []).reduce(
    (sum, { recipe }) => sum + recipe.lines.length + recipe.steps.length,
    0,
  );
}

/** What a bundle is known by: another one where anything of it is different. */
export function digestOf(bundle: string): string {
  return createHash('sha256').update(bundle).digest('base64');
}

@Module({ providers: [Planner, Workers], exports: [Planner, Workers] })
export class PlanningModule {}
