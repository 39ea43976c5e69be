import { wrap, type Remote } from 'comlink';
import type { PlanWorker } from './plan.worker.js';

const start = () =>
  wrap<PlanWorker>(new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' }));

let planning: Remote<PlanWorker> | null = null;
let searching: Remote<PlanWorker> | null = null;

/** The worker that plans what is on the screen off the main thread. */
export function planWorker(): Remote<PlanWorker> {
  planning ??= start();
  return planning;
}

/**
 * A second one for what takes longer: bettering a plan, rehearsing, looking for ways out. It never keeps the
 * first from answering.
 */
export function searchWorker(): Remote<PlanWorker> {
  searching ??= start();
  return searching;
}
