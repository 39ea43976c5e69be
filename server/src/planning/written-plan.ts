import type { ClassPlan } from '@fornax/core';

/**
 * A plan as a thread writes it. The server hands the text on without reading it, so that a plan takes a tenth
 * of the memory and none of the time of whoever waits for something else.
 */
export interface WrittenPlan {
  /** JSON in UTF-8. */
  readonly text: Uint8Array;
  /** What the search for a better plan goes on from. */
  readonly starts: ClassPlan['timeline']['starts'];
  /** What the list of classes shows. */
  readonly jobs: ClassPlan['jobs'];
  readonly toDecide: number;
}

export function writePlan(plan: ClassPlan): WrittenPlan {
  const { jobs, warnings, timeline } = plan;
  return {
    text: new TextEncoder().encode(JSON.stringify(plan)),
    starts: timeline.starts,
    jobs,
    toDecide: warnings.length,
  };
}

/** The plan itself, for what is printed of it. */
export function readPlan({ text }: WrittenPlan): ClassPlan {
  return JSON.parse(new TextDecoder().decode(text)) as ClassPlan;
}
