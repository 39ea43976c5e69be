import type { PlanFigures } from '../objective.js';
import { percentAtWork } from '../read/hands-on.js';
import { eatMinuteOf } from '../tasks/frame-minutes.js';
import type { Attempt, AttemptInput } from './attempt.js';
import { spellsOf } from './spells.js';

/** What the objective looks at in a plan that was found; work is counted when it is asked for. */
export function figuresOf({ facts }: AttemptInput, attempt: Attempt): PlanFigures {
  return {
    overrunMinutes: attempt.overrun,
    isKept: attempt.relaxed !== 'keeping',
    isDoneSoon: attempt.relaxed === 'nothing',
    get workPercent() {
      return percentAtWork(spellsOf(attempt), eatMinuteOf(facts.lengthMinutes) + attempt.overrun);
    },
  };
}
