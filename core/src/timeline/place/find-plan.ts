import { frameId } from '../../identity/index.js';
import { welcomeMinutes } from '../tasks/frame-minutes.js';
import { attemptPlan, strictest, type Attempt, type AttemptInput } from './attempt.js';
import { leastOverrun, withOverrun } from './overrun.js';

/** A plan on time, with the keeping times let go where it must be; else one that runs over. */
export function findPlan(input: AttemptInput): Attempt | null {
  const least = leastOverrun(input);
  if (least > 0) return withOverrun(input, least);
  const attempt = strictest(input, 0, 'keeping');
  return attempt ? bringForward(input, attempt) : withOverrun(input, 1);
}

/** Work begins when the welcome is over: minutes to spare belong at the end, not before the first cut. */
export function bringForward(input: AttemptInput, attempt: Attempt): Attempt {
  const cooking = attempt.tasks.tasks.filter((task) => task.inClass && task.kind !== 'class');
  const first = Math.min(attempt.starts[frameId('eat')]!, ...cooking.map(({ id }) => attempt.starts[id]!));
  // Where not all of it can be had, some of it is tried.
  for (let spare = first - welcomeMinutes; spare > 0; spare >>= 1) {
    const earlier = attemptPlan(input, -spare, attempt.relaxed);
    if (earlier) return earlier;
  }
  return attempt;
}
