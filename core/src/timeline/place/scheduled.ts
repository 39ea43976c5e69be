import type { ScheduleLink, ScheduleOptions, ScheduleProblem, ScheduleTask } from '../../scheduler/index.js';
import { findPlan } from '../../scheduler/schedule.js';

type Answer = ReturnType<typeof findPlan>;

const scheduledLast = cacheOfAnswers<Answer>(32);

/**
 * What the scheduler finds for a problem. Most edits of a class move no task: a question that was asked
 * shortly before has the same answer, and is not searched for again.
 */
export function scheduled(problem: ScheduleProblem, options: ScheduleOptions): Answer {
  return scheduledLast(questionOf(problem, options), () => findPlan(problem, options));
}

/** The last answers by their question, of which so many are kept. */
export function cacheOfAnswers<A>(most: number): (question: string, answerOf: () => A) => A {
  const answers = new Map<string, A>();
  return (question, answerOf) => {
    const answer = answers.get(question) ?? answerOf();
    answers.delete(question);
    answers.set(question, answer);
    if (answers.size > most) answers.delete(answers.keys().next().value!);
    return answer;
  };
}

/** All that the answer hangs on, as text. */
export function questionOf({ tasks, links, resources }: ScheduleProblem, options: unknown): string {
  return `${textOfTasks(tasks)}\n\n${textOfLinks(links)}\n\n${JSON.stringify([resources, options])}`;
}

const textOfTasks = textOnce<ScheduleTask>(
  ({ id, minutes, demands, earliest, latest, inClass }) =>
    `${id} ${minutes} ${earliest} ${latest} ${inClass}${demands.map(textOfDemand).join('')}`,
);
const textOfLinks = textOnce<ScheduleLink>(
  ({ from, to, minLag, maxLag, weight }) => `${from} ${to} ${minLag} ${maxLag} ${weight}`,
);

function textOfDemand({ resource, units, setting }: ScheduleTask['demands'][number]): string {
  return ` ${resource} ${units} ${setting}`;
}

/** The text of a list, made once: several questions are asked about the same tasks. Ids hold no line ends. */
function textOnce<T>(textOf: (each: T) => string): (list: readonly T[]) => string {
  const texts = new WeakMap<readonly T[], string>();
  return (list) => {
    const text = texts.get(list) ?? list.map(textOf).join('\n');
    texts.set(list, text);
    return text;
  };
}
