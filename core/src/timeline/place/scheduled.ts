import type { ScheduleOptions, ScheduleProblem } from '../../scheduler/index.js';
import { findPlan } from '../../scheduler/schedule.js';

type Answer = ReturnType<typeof findPlan>;

/** The last answers by their question, the oldest first. */
const answers = new Map<string, Answer>();
const remembered = 16;

/**
 * What the scheduler finds for a problem. Most edits of a class move no task: a question that was asked
 * shortly before has the same answer, and is not searched for again.
 */
export function scheduled(problem: ScheduleProblem, options: ScheduleOptions): Answer {
  const question = questionOf(problem, options);
  const answer = answers.get(question) ?? findPlan(problem, options);
  answers.delete(question);
  answers.set(question, answer);
  if (answers.size > remembered) answers.delete(answers.keys().next().value!);
  return answer;
}

/** All that the answer hangs on, as text. */
function questionOf({ tasks, links, resources }: ScheduleProblem, options: ScheduleOptions): string {
  return JSON.stringify([
    tasks.map(({ id, minutes, demands, earliest, latest, inClass }) => [
      id,
      minutes,
      demands,
      earliest,
      latest,
      inClass,
    ]),
    links.map(({ from, to, minLag, maxLag, weight }) => [from, to, minLag, maxLag, weight]),
    resources,
    options,
  ]);
}
