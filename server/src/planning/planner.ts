import { createHash } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { Injectable, Module } from '@nestjs/common';
import { betteringSlices, type ClassBundle, type ClassNeeds, type ClassPlan } from '@fornax/core';
import { LRUCache } from 'lru-cache';
import { ProblemException } from '../common/problem.js';
import { Superseded, Unasked } from './unasked.js';
import { TooLong, Workers } from './workers.js';

/** Plans that are remembered, a megabyte each. They can all be worked out again. */
const mostRemembered = 12;
/** Classes whose plan took too long are not tried again for so long, unless something of them changes. */
const tooLongStandsMilliseconds = 600_000;
/** A class is taken for small, and planned before large ones, up to so many lines and steps of its dishes. */
const mostOfSmall = 120;

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
  /** The best plan is waited for so long, and then the best so far will do. */
  answerWithinMilliseconds = 2000;
  /** Any plan is waited for so long, and the best of what is printed, which should be as on the screen. */
  patienceMilliseconds = 20_000;
  /** Whether the best plan is looked for where only the first was asked for. */
  looksUnasked = true;
  readonly #unasked = new Unasked<Asked, ClassPlan>((asked, isWanted) => this.#lookFor(asked, isWanted));
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
    return { plan: first, isBest: false, best: this.#unasked.ask(bundle.class.id, asked) };
  }

  /**
   * The plan that the browser comes to as well. Asked twice for the same bundle, it is looked for once. Where
   * it takes longer than `within`, the best so far is answered as soon as there is one, and a 503 where there
   * is none for long; it is looked for on, and there when it is asked for again.
   */
  async best(
    bundle: ClassBundle,
    kitchenId: string,
    within = this.answerWithinMilliseconds,
  ): Promise<PlanInTime> {
    const asked = askedOf(bundle, kitchenId);
    const found = this.#lookFor(asked)
      .catch((error: unknown) => {
        if (error instanceof Superseded) return this.#lookFor(asked);
        throw error;
      })
      .then((plan) => ({ plan, isBest: true }));
    const timers = new AbortController();
    const after = (milliseconds: number) => wait(milliseconds, null, { ref: false, signal: timers.signal });
    const soFar = after(within)
      .then(() => this.#soFar.get(asked.digest) ?? this.#first(asked))
      .then((plan) => ({ plan, isBest: false }));
    const late = after(this.patienceMilliseconds).then(() => {
      throw stillPlanning();
    });
    return Promise.race([found, soFar, late]).finally(() => timers.abort());
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
  #lookFor(asked: Asked, isWanted?: () => boolean): Promise<ClassPlan> {
    const { digest } = asked;
    const known = this.#best.get(digest);
    if (known) return known;
    const found = this.#better(asked, isWanted).then(
      (plan) => {
        if (this.#best.get(digest) === found) this.#done.set(digest, plan);
        this.#firsts.delete(digest);
        this.#soFar.delete(digest);
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

  async #better(asked: Asked, isWanted?: () => boolean): Promise<ClassPlan> {
    const { kitchenId, text } = asked;
    // Whoever waits for a small class does not wait for large ones; what nobody waits for does.
    const urgency = asked.isShort && !isWanted ? 'soon' : 'long';
    let plan = await this.#first(asked);
    for (const effort of betteringSlices) {
      if (isWanted && !isWanted()) throw new Superseded();
      this.#soFar.set(asked.digest, plan);
      const options = { effort, standing: plan.timeline.starts };
      const next = await this.workers
        .ask(kitchenId, { kind: 'plan', bundle: text, options }, { urgency })
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
      .ask(kitchenId, { kind: 'plan', bundle: text, options: {} }, { urgency: isShort ? 'now' : 'long' })
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
