import { expect } from 'vitest';
import {
  schedule,
  type ScheduleLink,
  type ScheduleOptions,
  type ScheduleProblem,
  type ScheduleTask,
} from '../scheduler/index.js';
import { violations } from './schedule-checks.js';

export const options: ScheduleOptions = { objective: 'shortest', seed: 7, budgetSteps: 400 };
export const task = (id: string, minutes: number, ...demands: [string, number, string?][]): ScheduleTask => ({
  id,
  minutes,
  demands: demands.map(([resource, units, setting]) => ({ resource, units, setting })),
});
export const link = (from: string, to: string, minLag = 0, maxLag?: number): ScheduleLink => ({
  from,
  to,
  minLag,
  maxLag,
});

export function planned(problem: ScheduleProblem, overrides: Partial<ScheduleOptions> = {}) {
  const result = schedule(problem, { ...options, ...overrides });
  if (result.status !== 'scheduled') throw new Error(`${result.status}: ${result.sentence}`);
  expect(violations(problem, result.starts, overrides.pinned)).toEqual([]);
  return result;
}
