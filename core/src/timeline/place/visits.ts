import { isEarlierDay, visitsIn } from '../read/visits.js';
import type { ScheduleProblem } from '../../scheduler/index.js';
import type { PlanTask } from '../tasks/types.js';
import { type Attempt, type AttemptInput, linksWithout, pinsOf, problemOf, type Starts } from './attempt.js';
import { Placement } from './placement.js';
import { questionOf, cacheOfAnswers } from './scheduled.js';

/** Moves that are tried for one plan. */
const mostTries = 400;

/**
 * A plan in which jobs of earlier days lie next to each other where they can, so that people come to the
 * kitchen a few times and not for five minutes at a time.
 */
export function gathered(input: AttemptInput, attempt: Attempt): Attempt {
  const { tasks } = attempt.tasks;
  const early = tasks
    .map((task, number) => ({ task, number }))
    .filter(({ task }) => task.kind === 'prep' && isEarlierDay(attempt.starts[task.id]!, input.open));
  if (early.length < 2) return attempt;
  const pinned = pinsOf(attempt.tasks, input, attempt.brokenPins);
  const links = linksWithout(attempt.tasks, attempt.relaxed);
  const problem = problemOf(attempt.tasks, links, input, attempt.overrun);
  const starts = gatheredLast(questionOf(problem, [attempt.starts, pinned]), () =>
    gatheredStarts(attempt, problem, pinned, early),
  );
  return { ...attempt, starts };
}

const gatheredLast = cacheOfAnswers<Starts>(16);

type Early = readonly { readonly task: PlanTask; readonly number: number }[];

function gatheredStarts(
  { tasks: { tasks }, starts }: Attempt,
  problem: ScheduleProblem,
  pinned: Starts,
  early: Early,
): Starts {
  const placement = new Placement(problem, starts, ({ id }) => pinned[id] !== undefined);
  const spanOf = (number: number, moves?: ReadonlyMap<number, number>) => {
    const start = moves?.get(number) ?? placement.starts[number]!;
    return { start, end: start + tasks[number]!.minutes };
  };
  const visits = (moves?: ReadonlyMap<number, number>) =>
    visitsIn(early.map(({ number }) => spanOf(number, moves))).length;
  let tries = 0;
  const improve = (): boolean => {
    const now = visits();
    for (const { task, number } of early) {
      if (pinned[task.id] !== undefined) continue;
      for (const other of early) {
        if (other === early[0] && tries > mostTries) return false;
        const { start, end } = spanOf(other.number);
        for (const to of [end, start - task.minutes]) {
          const moves = other.number === number || tries++ > mostTries ? null : placement.tried(number, to);
          if (!moves || visits(moves) >= now) continue;
          placement.take(moves);
          return true;
        }
      }
    }
    return false;
  };
  while (improve());
  return placement.result();
}
