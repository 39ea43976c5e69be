import { attemptPlan, strictest, type Attempt, type AttemptInput } from './attempt.js';
import { tasksOf } from './tasks-of.js';

/** Minutes by which a class that does not fit is let run over, tried in turn. */
const overruns = [10, 20, 30, 45, 60, 90, 120, 180, 240, 360, 480];

/**
 * A plan with the least overrun that has one, of those that are at least `least` minutes. It is mostly near,
 * so it is looked for in growing strides and then between. There, a plan that keeps all keeping times is
 * taken where one is.
 */
export function withOverrun(input: AttemptInput, least: number): Attempt | null {
  const first = overruns.findIndex((overrun) => overrun >= least);
  if (first < 0) return null;
  let found: Attempt | null = null;
  let from = first;
  let to = first;
  for (let stride = 1; to < overruns.length; stride *= 2) {
    found = attemptPlan(input, overruns[to]!, 'keeping');
    if (found) break;
    // What cannot be at all is not looked for in all the ways in which it could be.
    if (stride === 2 && !canBeLate(input)) return null;
    from = to + 1;
    to += stride;
  }
  to = Math.min(to, overruns.length);
  while (from < to) {
    const middle = (from + to) >> 1;
    const attempt = attemptPlan(input, overruns[middle]!, 'keeping');
    found = attempt ?? found;
    if (attempt) to = middle;
    else from = middle + 1;
  }
  return found && (strictest(input, found.overrun, 'showing') ?? found);
}

/** Whether there is a plan at all, however late it ends and however long results are kept. */
export function canBeLate(input: AttemptInput): boolean {
  return attemptPlan(input, overruns[overruns.length - 1]!, 'keeping') !== null;
}

/**
 * Minutes that the class must run over because some hands have more work in it than it has minutes; below 0
 * where none have.
 */
export function leastOverrun(input: AttemptInput): number {
  const { tasks } = tasksOf(input, 0);
  const hands: Readonly<Record<string, number>> = {
    you: 1,
    assistant: Math.max(1, input.facts.assistants),
    stations: Math.min(...input.stations.sizes),
  };
  const loads = Object.entries(hands).map(
    ([resource, capacity]) =>
      tasks
        .filter((task) => task.inClass)
        .reduce(
          (sum, task) =>
            sum + task.minutes * (task.demands.find((demand) => demand.resource === resource)?.units ?? 0),
          0,
        ) / capacity,
  );
  return Math.ceil(Math.max(...loads)) - input.facts.lengthMinutes;
}
