import { createHash } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { Injectable, Module } from '@nestjs/common';
import { betteringSlices, type ClassBundle, type ClassNeeds, type ClassPlan } from '@fornax/core';
import { LRUCache } from 'lru-cache';
import { ProblemException } from '../common/problem.js';
import { Superseded, Unasked } from './unasked.js';
import { TooLong, Workers } from './workers.js';
import { readPlan, type WrittenPlan } from './written-plan.js';

/** Plans that are remembered, up to a hundred kilobytes each. They can all be worked out again. */
const mostRemembered = 24;
/** Classes of which it is known as what they were last asked for. */
const mostClasses = 1000;
/** Classes whose plan took too long are not tried again for so long, unless something of them changes. */
const tooLongStandsMilliseconds = 600_000;
/** A class is taken for small, and planned before large ones, up to so many lines and steps of its dishes. */
const mostOfSmall = 120;

/** What is answered in time: the best plan, or the best that was found until then. */
export interface PlanInTime {
  readonly plan: WrittenPlan;
  readonly isBest: boolean;
}

/** The first valid plan, or the best where it is known; and the best, once it is found. */
export interface SoonPlan extends PlanInTime {
  /** Rejects where the class changes first. */
  readonly best: Promise<WrittenPlan>;
}

/** The search for the plan of one bundle. */
interface Search {
  readonly first: Promise<WrittenPlan>;
  /** The best of what was found until now. */
  soFar: WrittenPlan | null;
  best: Promise<WrittenPlan> | null;
  isBest: boolean;
  /** How many wait for the best. */
  waiters: number;
  /** How many are at it. */
  holds: number;
}

/** A bundle as it is sent to a thread, whose plan it is, and by what it is remembered. */
interface Asked {
  readonly kitchenId: string;
  readonly classId: string;
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
  answerWithinMilliseconds = 300;
  /** Any plan is waited for so long, and the best of what is printed, which should be as on the screen. */
  patienceMilliseconds = 20_000;
  /** Whether the best plan is looked for where only the first was asked for. */
  looksUnasked = true;
  readonly #unasked = new Unasked<Asked, WrittenPlan>((asked, isWanted) =>
    this.#hold(asked, (search) => this.#bestOf(asked, search, isWanted)),
  );
  /** What is being looked for, by digest: never forgotten while somebody waits for it. */
  readonly #underWay = new Map<string, Search>();
  readonly #kept = new LRUCache<string, Search>({ max: mostRemembered });
  /** As what each class was last asked for: as what it was before, nobody looks for it any more. */
  readonly #newest = new LRUCache<string, string>({ max: mostClasses });
  readonly #tooLong = new LRUCache<string, true>({ max: 500, ttl: tooLongStandsMilliseconds });

  constructor(readonly workers: Workers) {}

  /** The best plan where it is known already; else the first valid one, while the best is looked for. */
  async soon(bundle: ClassBundle, kitchenId: string): Promise<SoonPlan> {
    const asked = askedOf(bundle, kitchenId);
    const { plan, isBest } = await this.#hold(asked, async (search) => ({
      plan: search.soFar ?? (await search.first),
      isBest: search.isBest,
    }));
    if (isBest) return { plan, isBest, best: Promise.resolve(plan) };
    const best = this.looksUnasked
      ? this.#unasked.ask(bundle.class.id, asked)
      : new Promise<WrittenPlan>(() => undefined);
    return { plan, isBest, best };
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
    this.#newest.set(asked.classId, asked.digest);
    const timers = new AbortController();
    const after = (milliseconds: number) => wait(milliseconds, null, { ref: false, signal: timers.signal });
    const answer = this.#hold(asked, async (search) => {
      search.waiters += 1;
      const found = this.#hold(asked, () => this.#bestOf(asked, search)).then((plan) => ({
        plan,
        isBest: true,
      }));
      const soFar = after(within)
        .then(() => search.soFar ?? search.first)
        .then((plan) => ({ plan, isBest: search.isBest }));
      return Promise.race([found, soFar]).finally(() => {
        search.waiters -= 1;
      });
    });
    const late = after(this.patienceMilliseconds).then(() => {
      throw stillPlanning();
    });
    return Promise.race([answer, late]).finally(() => timers.abort());
  }

  /** The best plan where it comes in good time, whole: what is printed should be as on the screen. */
  async printed(bundle: ClassBundle, kitchenId: string): Promise<ClassPlan> {
    return readPlan((await this.best(bundle, kitchenId, this.patienceMilliseconds)).plan);
  }

  /** What a class wants of each ingredient as purchased. */
  needs(bundle: Pick<ClassBundle, 'class' | 'kitchen'>, kitchenId: string): Promise<ClassNeeds> {
    return this.workers.ask(kitchenId, { kind: 'needs', bundle: JSON.stringify(bundle) });
  }

  /** Questions that threads have answered, and that wait for one. */
  get answered(): number {
    return this.workers.answered;
  }
  get waiting(): number {
    return this.workers.waiting;
  }

  /** Does something with the search for a plan, which is remembered meanwhile; after, where it found one. */
  async #hold<T>(asked: Asked, use: (search: Search) => Promise<T>): Promise<T> {
    const { digest } = asked;
    const search = this.#underWay.get(digest) ?? this.#kept.get(digest) ?? this.#begin(asked);
    this.#underWay.set(digest, search);
    search.holds += 1;
    try {
      return await use(search);
    } finally {
      search.holds -= 1;
      if (search.holds === 0) this.#underWay.delete(digest);
      if (search.soFar) this.#kept.set(digest, search);
    }
  }

  #begin(asked: Asked): Search {
    const first = this.#firstOf(asked);
    const search: Search = { first, soFar: null, best: null, isBest: false, waiters: 0, holds: 0 };
    first.then(
      (plan) => {
        search.soFar = plan;
      },
      () => undefined,
    );
    return search;
  }

  /** The best plan, looked for once, and again where that was ended; `isWanted` counts while nobody waits. */
  #bestOf(asked: Asked, search: Search, isWanted?: () => boolean): Promise<WrittenPlan> {
    search.best ??= this.#better(asked, search, isWanted).then(
      (plan) => {
        search.isBest = true;
        search.soFar = plan;
        return plan;
      },
      (error: unknown) => {
        search.best = null;
        // Somebody asked for it just when it was given up.
        if (error instanceof Superseded && search.waiters > 0) return this.#bestOf(asked, search);
        throw error;
      },
    );
    return search.best;
  }

  async #better(asked: Asked, search: Search, isWanted?: () => boolean): Promise<WrittenPlan> {
    const { kitchenId, classId, text, digest } = asked;
    const isNewest = () => this.#newest.get(classId) === digest;
    let plan = await search.first;
    for (const effort of betteringSlices) {
      if (search.waiters === 0 && !(isWanted ?? isNewest)()) throw new Superseded();
      // Whoever waits for a small class does not wait for large ones; what nobody waits for waits for all.
      const urgency = search.waiters === 0 ? 'spare' : asked.isShort ? 'soon' : 'long';
      const options = { effort, standing: plan.starts };
      const next = await this.workers
        .ask(kitchenId, { kind: 'plan', bundle: text, options }, { urgency })
        .catch((error: unknown) => {
          if (error instanceof TooLong) return null;
          throw error;
        });
      // What takes too long to better stands as it is.
      if (!next) break;
      plan = search.soFar = next;
    }
    return plan;
  }

  async #firstOf({ kitchenId, text, digest, isShort }: Asked): Promise<WrittenPlan> {
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
  return {
    kitchenId,
    classId: bundle.class?.id ?? '',
    text,
    digest: digestOf(text),
    isShort: sizeOf(bundle) <= mostOfSmall,
  };
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
