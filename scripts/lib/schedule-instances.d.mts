import type { ScheduleProblem } from '../../core/src/timeline/schedule/types.js';

export function randomInstance(
  seed: number,
  options?: { tasks?: number; withClass?: boolean },
): ScheduleProblem;
export function packedInstance(seed: number, count: number): { problem: ScheduleProblem; length: number };
