import { parentPort } from 'node:worker_threads';
import {
  needsOfClass,
  planClass,
  type ClassBundle,
  type ClassPlan,
  type PlanOptions,
} from '@fornax/core/plan';
import type { ClassNeeds } from '@fornax/core';

/** What the worker is asked, one at a time, and what it answers. */
export interface PlanQuestion {
  /** A class bundle as JSON: rows of the database do not cross to a thread as they are. */
  readonly bundle: string;
  /** Null where only what the class wants of each ingredient is asked for. */
  readonly options: PlanOptions | null;
}
export type PlanAnswer =
  { readonly plan: ClassPlan } | { readonly needs: ClassNeeds } | { readonly error: string };

parentPort!.on('message', (question: PlanQuestion) => parentPort!.postMessage(answer(question)));

function answer({ bundle: text, options }: PlanQuestion): PlanAnswer {
  try {
    const bundle = JSON.parse(text) as ClassBundle;
    return options
      ? { plan: planClass(bundle, options) }
      : { needs: needsOfClass(bundle.class, bundle.kitchen) };
  } catch (error) {
    return { error: error instanceof Error ? error.message : String(error) };
  }
}
