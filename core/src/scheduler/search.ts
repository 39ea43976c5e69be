import type { Engine } from './engine.js';
import { Learner } from './learn.js';

/** Steps that are left: one for each conflict, so that every machine does the same. */
export interface Steps {
  left: number;
}

/** The next decision as key and value, or null once every start is fixed. */
export type Decide = (engine: Engine, activity: Float64Array) => readonly [key: number, value: number] | null;

const conflictsBeforeRestart = 60;
const clausesKept = 3000;

/**
 * Looks for values of all variables. `none` is proof that there are none; `limit` that the steps ran out.
 * After `found` the values stand in the engine until it is taken back to level 0.
 */
export function search(
  engine: Engine,
  decide: (restarts: number) => Decide,
  steps: Steps,
): 'found' | 'none' | 'limit' {
  const learner = new Learner(engine.variables);
  let restarts = 0;
  let untilRestart = conflictsBeforeRestart;
  let choose = decide(0);
  engine.backtrack(0);
  for (;;) {
    if (!engine.propagate()) {
      const lesson = engine.level === 0 ? null : learner.learn(engine);
      if (!lesson) {
        engine.isContradictory = true;
        return 'none';
      }
      engine.backtrack(lesson.level);
      engine.addClause(lesson.bounds, true);
      untilRestart--;
      if (steps.left-- <= 0) {
        engine.backtrack(0);
        return 'limit';
      }
      continue;
    }
    if (untilRestart <= 0) {
      restarts++;
      untilRestart = conflictsBeforeRestart * luby(restarts);
      engine.backtrack(0);
      if (engine.learned > clausesKept) engine.forget();
      choose = decide(restarts);
      continue;
    }
    const decision = choose(engine, learner.activity);
    if (!decision) return 'found';
    engine.decide(decision[0], decision[1]);
  }
}

/** 1 1 2 1 1 2 4 …: short runs often, long ones now and then. */
function luby(index: number): number {
  let size = 1;
  let power = 0;
  while (size < index + 1) {
    size = 2 * size + 1;
    power++;
  }
  let place = index;
  while (size - 1 !== place) {
    size = (size - 1) >> 1;
    power--;
    place %= size;
  }
  return 2 ** power;
}
