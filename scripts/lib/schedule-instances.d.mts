import type { ScheduleProblem } from '../../core/src/scheduler/types.js';

export function randomInstance(
  seed: number,
  options?: { tasks?: number; withClass?: boolean },
): ScheduleProblem;
export function packedInstance(seed: number, count: number): { problem: ScheduleProblem; length: number };
