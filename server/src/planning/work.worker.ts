import { setPriority } from 'node:os';
import { isMainThread } from 'node:worker_threads';
import type { RecipeSummary } from '@fornax/contract';
import type { ClassNeeds, KitchenFacts, Recipe } from '@fornax/core';
import { needsOfClass, planClass, type ClassBundle, type PlanOptions } from '@fornax/core/plan';
import { readBundle } from './bundles.js';
import { writePlan, type WrittenPlan } from './written-plan.js';
import { summaryOf } from '../recipes/summary.js';

/** How much less than the server itself a thread may take of processors that are short. */
const niceness = 5;

// Whoever asks for a page does not wait behind plans. Only Linux sets this for one thread alone.
if (!isMainThread && process.platform === 'linux') setPriority(niceness);

/** What a thread is asked. Bundles and recipes are JSON: rows of the database do not cross as they are. */
export type WorkQuestion =
  | { readonly kind: 'plan'; readonly bundle: string; readonly options: PlanOptions }
  /** What a class wants of each ingredient. */
  | { readonly kind: 'needs'; readonly bundle: string }
  /** What the list shows of recipes, each with its sub-recipes written out. */
  | { readonly kind: 'summaries'; readonly recipes: string; readonly kitchen: string };

/** What it answers, by what it was asked. */
export interface WorkAnswers {
  readonly plan: WrittenPlan;
  readonly needs: ClassNeeds;
  readonly summaries: readonly Omit<RecipeSummary, 'id'>[];
}

export default function answer(question: WorkQuestion): WorkAnswers[WorkQuestion['kind']] {
  switch (question.kind) {
    case 'plan':
      return writePlan(planClass(readBundle<ClassBundle>(question.bundle), question.options));
    case 'needs': {
      const bundle = readBundle(question.bundle);
      return needsOfClass(bundle.class, bundle.kitchen);
    }
    case 'summaries': {
      const kitchen = JSON.parse(question.kitchen) as KitchenFacts;
      return (JSON.parse(question.recipes) as Recipe[]).map((recipe) => summaryOf(recipe, kitchen));
    }
  }
}
