import { type ClassBundle, planClass } from '../plan/index.js';
import type { Timeline } from '../timeline/index.js';
import { type WhatIf, withWhatIf } from './with-what-if.js';

/** What a change does to the clock. */
export interface WhatIfEffect {
  /** Null for the class as it is. */
  readonly whatIf: WhatIf | null;
  /** Class minutes used, in per cent, and minutes over the class. */
  readonly usedPercent: number;
  /** Minutes until eating in which students have their hands at work, in per cent. */
  readonly atWorkPercent: number;
  readonly overrunMinutes: number;
  readonly clashes: number;
  /** First start on the day of the class, in minutes from class start. */
  readonly firstStart: number;
}

/** What each change does, and first the class as it is, all planned alike so that they compare. */
export function whatIfEffects(bundle: ClassBundle, whatIfs: readonly WhatIf[]): WhatIfEffect[] {
  return [null, ...whatIfs].map((whatIf) =>
    effectOf(whatIf, planClass(whatIf ? withWhatIf(bundle, whatIf) : bundle).timeline),
  );
}

function effectOf(whatIf: WhatIf | null, timeline: Timeline): WhatIfEffect {
  const firstStart = Math.min(0, ...timeline.clock.map((entry) => entry.start));
  return {
    whatIf,
    usedPercent: timeline.usedPercent,
    atWorkPercent: timeline.handsOn.percent,
    overrunMinutes: timeline.overrunMinutes,
    clashes: timeline.clashes.length + timeline.brokenPins.length,
    firstStart,
  };
}
