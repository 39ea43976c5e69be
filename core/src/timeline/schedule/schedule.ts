import { edgesOf, findContradiction, type Edge } from './bounds.js';
import { Search, spanOf } from './search.js';
import type { ScheduleClash, ScheduleOptions, ScheduleProblem, ScheduleResult, ScheduleTask } from './types.js';
import { validateProblem } from './validate.js';

/**
 * Plans tasks backwards: each as late as its links, windows and resources let it. The same problem, seed and
 * budget give the same plan on every machine. `impossible` only where that is proven; `undecided` when the
 * placements of the budget ran out first. Throws on malformed input with a plain message.
 */
export function schedule(given: ScheduleProblem, options: ScheduleOptions): ScheduleResult {
  validateProblem(given, options);
  const problem = withHorizon(given, options);
  const obvious = findObviousClash(problem, options);
  if (obvious) return obvious;
  const edges = edgesOf(problem.tasks, problem.links, options.pinned ?? {});
  const contradiction = findContradiction(problem.tasks.length + 1, edges);
  if (contradiction) return clashOf(contradiction, problem);
  const best = new Search(problem, edges, options).run();
  if (!best) return { status: 'undecided', sentence: 'No plan was found in the steps allowed; one may still exist.' };
  const starts = Object.fromEntries(problem.tasks.map((task, index) => [task.id, best[index]!]));
  return { status: 'scheduled', starts, length: spanOf(problem.tasks, best, true) };
}

/** Without any latest end or pin, the last end is 0. */
function withHorizon(problem: ScheduleProblem, options: ScheduleOptions): ScheduleProblem {
  const bounded = problem.tasks.some((task) => task.latest !== undefined) || Object.keys(options.pinned ?? {}).length > 0;
  if (bounded) return problem;
  return { ...problem, tasks: problem.tasks.map((task) => ({ ...task, latest: 0 })) };
}

function findObviousClash(problem: ScheduleProblem, options: ScheduleOptions): ScheduleResult | null {
  for (const task of problem.tasks) {
    for (const demand of task.demands) {
      const resource = problem.resources.find((each) => each.id === demand.resource)!;
      if (task.minutes === 0 || demand.units <= resource.capacity) continue;
      return { status: 'impossible', clash: { tasks: [task.id], links: [], resources: [resource.id] }, sentence: `${nameOf(task)} needs ${demand.units} of ${resource.name ?? resource.id}; there ${resource.capacity === 1 ? 'is' : 'are'} ${resource.capacity}.` };
    }
    const pin = options.pinned?.[task.id];
    if (pin !== undefined && (pin < (task.earliest ?? -Infinity) || pin + task.minutes > (task.latest ?? Infinity))) {
      return { status: 'impossible', clash: { tasks: [task.id], links: [], resources: [] }, sentence: `${nameOf(task)} is pinned outside the time it may have.` };
    }
  }
  return null;
}

function nameOf(task: ScheduleTask): string {
  return task.name ?? task.id;
}

/** A contradiction among windows and lags, in a cook's words. */
function clashOf(cycle: readonly Edge[], problem: ScheduleProblem): ScheduleResult {
  const tasks = new Set<string>();
  const links = new Set<number>();
  for (const { from, to, fact } of cycle) {
    if ('link' in fact) links.add(fact.link);
    for (const node of [from, to]) if (node > 0) tasks.add(problem.tasks[node - 1]!.id);
  }
  const clash: ScheduleClash = { tasks: [...tasks], links: [...links], resources: [] };
  const names = problem.tasks.filter((task) => tasks.has(task.id)).map(nameOf);
  return { status: 'impossible', clash, sentence: `These cannot all be done in the time between them: ${names.join('; ')}.` };
}

