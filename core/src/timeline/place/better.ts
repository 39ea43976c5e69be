import { frameId } from '../../identity/index.js';
import type { ScheduleOptions, ScheduleProblem } from '../../scheduler/index.js';
import { type Attempt, type AttemptInput, linksWithout, pinsOf, problemOf } from './attempt.js';
import { scheduled } from './scheduled.js';
import { tasksOf } from './tasks-of.js';

/** Conflicts for each step of effort in which a class that did not fit is looked for on time. */
const onTimeSteps = 10;

/**
 * The same with steps spent on it. For the shortest class, eating and clearing may come forward; for the
 * freshest food they stay, and what is made comes closer to where it is used.
 */
export function bettered(input: AttemptInput, given: Attempt): Attempt {
  const attempt = onTime(input, given) ?? given;
  const objective = input.decisions.aim;
  const [problem, options] = questionOf(input, attempt, {
    objective,
    budgetSteps: input.effort,
    standing: attempt.starts,
  });
  const free = new Set(objective === 'shortest' ? [frameId('eat'), frameId('clear')] : []);
  const tasks = problem.tasks.map((task) => (free.has(task.id) ? { ...task, earliest: undefined } : task));
  const result = scheduled(
    {
      ...problem,
      tasks,
      links: [...problem.links, { from: frameId('eat'), to: frameId('clear'), minLag: 0, maxLag: 0 }],
    },
    options,
  );
  if (result.status !== 'scheduled') return attempt;
  return {
    ...attempt,
    starts: result.starts,
    overrun: attempt.overrun + result.starts[frameId('eat')]! - attempt.starts[frameId('eat')]!,
  };
}

/**
 * The class on time with every keeping time after all, looked for longer than a first plan is; null where it
 * is so already or is not found.
 */
function onTime(input: AttemptInput, attempt: Attempt): Attempt | null {
  if (attempt.overrun <= 0 && attempt.relaxed !== 'keeping') return null;
  const tasks = tasksOf(input, 0);
  const pinned = pinsOf(tasks, input, attempt.brokenPins);
  const result = scheduled(problemOf(tasks, linksWithout(tasks, 'showing'), input, 0), {
    objective: 'shortest',
    seed: 1,
    budgetSteps: input.effort * onTimeSteps,
    firstOnly: true,
    pinned,
  });
  return result.status === 'scheduled'
    ? { tasks, starts: result.starts, overrun: 0, relaxed: 'showing', brokenPins: attempt.brokenPins }
    : null;
}

/** The problem of an attempt once more, with its pins. */
function questionOf(
  input: AttemptInput,
  attempt: Attempt,
  options: Partial<ScheduleOptions> & { budgetSteps: number },
): [ScheduleProblem, ScheduleOptions] {
  return [
    problemOf(attempt.tasks, linksWithout(attempt.tasks, attempt.relaxed), input, attempt.overrun),
    { objective: 'shortest', seed: 1, pinned: pinsOf(attempt.tasks, input, attempt.brokenPins), ...options },
  ];
}
