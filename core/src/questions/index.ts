export { planChanges, type PlanChange } from './changes.js';
export * from './what-if.js';
export * from './rehearse.js';
