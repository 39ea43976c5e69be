import { planClass, type ClassBundle, type ClassPlan } from '@fornax/core';
import { expose } from 'comlink';

const worker = {
  plan: (bundle: ClassBundle): ClassPlan => planClass(bundle),
};

export type PlanWorker = typeof worker;

expose(worker);
