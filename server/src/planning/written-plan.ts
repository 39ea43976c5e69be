import { gunzipSync, gzipSync } from 'node:zlib';
import type { ClassPlan } from '@fornax/core';

/**
 * A plan as a thread writes it. The server hands it on as it is, neither read nor written anew, so that it
 * takes a hundredth of the memory and none of the time of whoever waits for something else.
 */
export interface WrittenPlan {
  /** JSON, gzipped. */
  readonly gzipped: Uint8Array;
  /** What the search for a better plan goes on from. */
  readonly starts: ClassPlan['timeline']['starts'];
  /** What the list of classes shows. */
  readonly jobs: ClassPlan['jobs'];
  readonly toDecide: number;
}

export function writePlan(plan: ClassPlan): WrittenPlan {
  const { jobs, warnings, timeline } = plan;
  return {
    gzipped: gzipSync(JSON.stringify(plan)),
    starts: timeline.starts,
    jobs,
    toDecide: warnings.length,
  };
}

/** The plan itself, for what is printed of it. */
export function readPlan({ gzipped }: WrittenPlan): ClassPlan {
  return JSON.parse(gunzipSync(gzipped).toString()) as ClassPlan;
}
