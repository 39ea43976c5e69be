import { type ClassPlan, type PlanWarning, stepKeyOf, type TimelineEntry } from '@fornax/core';

/** What the checks found about the step of a job. */
export function foundAt(plan: Pick<ClassPlan, 'warnings'>, { ref }: TimelineEntry): PlanWarning[] {
  const key = stepKeyOf(ref);
  return key === null ? [] : plan.warnings.filter(({ step }) => step === key);
}
