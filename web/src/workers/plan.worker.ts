import { planChanges, planClass, type ClassBundle, type ClassPlan, type PlanChange } from '@fornax/core';
import { expose } from 'comlink';

const worker = {
  plan: (bundle: ClassBundle): ClassPlan => planClass(bundle),
  /** What a decision would change, before it is taken. */
  changes: (before: ClassBundle, after: ClassBundle): PlanChange[] => planChanges(planClass(before), planClass(after)),
};

export type PlanWorker = typeof worker;

expose(worker);
