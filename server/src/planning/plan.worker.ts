import { parentPort } from 'node:worker_threads';
import { planClass, type ClassBundle, type ClassPlan, type PlanOptions } from '@fornax/core/plan';

/** What the worker is asked, one at a time, and what it answers. */
export interface PlanQuestion {
  /** A class bundle as JSON: rows of the database do not cross to a thread as they are. */
  readonly bundle: string;
  readonly options: PlanOptions;
}
export type PlanAnswer = { readonly plan: ClassPlan } | { readonly error: string };

parentPort!.on('message', ({ bundle, options }: PlanQuestion) =>
  parentPort!.postMessage(answer(bundle, options)),
);

function answer(bundle: string, options: PlanOptions): PlanAnswer {
  try {
    return { plan: planClass(JSON.parse(bundle) as ClassBundle, options) };
  } catch (error) {
    return { error: error instanceof Error ? error.message : String(error) };
  }
}
