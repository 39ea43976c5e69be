import type { Engine } from './engine.js';
import type { Model } from './model.js';
import type { Orders } from './orders.js';
import type { Decide } from './search.js';

/** Minutes of room under which a task goes before its turn: others would fill it. */
const tightRoom = 60;
const urgent = 1e7;

/**
 * Whatever can end latest goes next, as late as it can; of equals, what most hangs before. What has little
 * room goes before all others.
 */
export function latestFirst(
  model: Model,
  heads: readonly number[],
  random: () => number,
  noise: number,
): Decide {
  const shake = model.minutes.map(() => (noise === 0 ? 0 : random() * noise));
  return (engine) => {
    const task = bestUnfixed(engine, model.count, (candidate) => {
      const room = engine.to(candidate) - engine.from(candidate);
      return (
        engine.to(candidate) +
        model.minutes[candidate]! +
        shake[candidate]! +
        heads[candidate]! * 1e-7 +
        (room < tightRoom ? urgent - room * 1000 : 0)
      );
    });
    return task < 0 ? null : [2 * task, engine.to(task)];
  };
}

/** Each as late as it can in the order in which another plan ends them. */
export function asLateAs(model: Model, starts: readonly number[]): Decide {
  return (engine) => {
    const task = bestUnfixed(engine, model.count, (each) => starts[each]! + model.minutes[each]!);
    return task < 0 ? null : [2 * task, engine.to(task)];
  };
}

/** Each as early as it can in the order in which another plan starts them. */
export function asEarlyAs(model: Model, starts: readonly number[]): Decide {
  return (engine) => {
    const task = bestUnfixed(engine, model.count, (each) => -starts[each]!);
    return task < 0 ? null : [2 * task + 1, -engine.from(task)];
  };
}

/**
 * What took part in most conflicts goes next: an order, or a start as near as it can to where it stood in the
 * best plan, or else as late as it can.
 */
export function mostTroubled(model: Model, target: readonly number[] | null, orders: Orders | null): Decide {
  return (engine, activity) => {
    const task = bestUnfixed(
      engine,
      model.count,
      (each) => activity[each]! + (engine.to(each) + model.minutes[each]!) * 1e-9,
    );
    const choice = mostActiveChoice(engine, activity, model.count + 4);
    if (choice >= 0) return orders!.likely(choice, target) === 1 ? [2 * choice, 1] : [2 * choice + 1, 0];
    if (task < 0) return null;
    const wanted = target
      ? Math.min(engine.to(task), Math.max(engine.from(task), target[task]!))
      : engine.to(task);
    return wanted > engine.from(task) ? [2 * task, wanted] : [2 * task + 1, -wanted];
  };
}

function mostActiveChoice(engine: Engine, activity: Float64Array, first: number): number {
  let best = -1;
  for (let choice = first; choice < engine.variables; choice++) {
    if (activity[choice]! > (best < 0 ? 0 : activity[best]!) && !engine.isFixed(choice)) best = choice;
  }
  return best;
}

function bestUnfixed(engine: Engine, count: number, key: (task: number) => number): number {
  let best = -1;
  let most = -Infinity;
  for (let task = 0; task < count; task++) {
    if (engine.isFixed(task)) continue;
    const value = key(task);
    if (value <= most) continue;
    most = value;
    best = task;
  }
  return best;
}

/** Before anything else, that all is over by then if it can be. */
export function withEnd(lastEnd: number, wantedEnd: number, decide: Decide): Decide {
  return (engine, activity) =>
    engine.to(lastEnd) > wantedEnd && engine.from(lastEnd) <= wantedEnd
      ? [2 * lastEnd + 1, -wantedEnd]
      : decide(engine, activity);
}

/** Minutes of links that lie before each task. */
export function headsOf({ count, ends, minutes, problem }: Model): number[] {
  const heads = new Array<number>(count).fill(0);
  for (let round = 0; round < Math.min(count, 50); round++) {
    let moved = false;
    problem.links.forEach((link, at) => {
      const [from, to] = ends[at]!;
      const head = heads[from]! + minutes[from]! + link.minLag;
      if (head <= heads[to]!) return;
      heads[to] = head;
      moved = true;
    });
    if (!moved) break;
  }
  return heads;
}
