import { welcomeMinutes } from '../tasks/frame-minutes.js';
import { attemptPlan, type Attempt, type AttemptInput } from './attempt.js';
import { leastOverrun, withOverrun } from './overrun.js';

/** A plan on time, with the keeping times let go where it must be; else one that runs over. */
export function findPlan(input: AttemptInput): Attempt | null {
  const least = leastOverrun(input);
  if (least > 0) return withOverrun(input, least);
  const attempt = attemptPlan(input, 0, false) ?? attemptPlan(input, 0, true);
  return attempt ? bringForward(input, attempt) : withOverrun(input, 1);
}

/** Work begins when the welcome is over: minutes to spare belong at the end, not before the first cut. */
function bringForward(input: AttemptInput, attempt: Attempt): Attempt {
  const cooking = attempt.tasks.tasks.filter((task) => task.inClass && task.kind !== 'class');
  const first = Math.min(...cooking.map((task) => attempt.starts[task.id]!));
  const spare = cooking.length === 0 ? 0 : first - welcomeMinutes;
  return (spare > 0 ? attemptPlan(input, -spare, attempt.isRelaxed) : null) ?? attempt;
}
