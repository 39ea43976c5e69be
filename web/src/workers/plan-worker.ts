import { wrap, type Remote } from 'comlink';
import type { PlanWorker } from './plan.worker.js';

let remote: Remote<PlanWorker> | null = null;

/** The one worker that plans classes off the main thread. */
export function planWorker(): Remote<PlanWorker> {
  remote ??= wrap<PlanWorker>(new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' }));
  return remote;
}
