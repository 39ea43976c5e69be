export * from './types.js';
export * from './schedule/types.js';
export { schedule } from './schedule/schedule.js';
export { buildTimeline } from './timeline.js';
export type { Starts } from './attempts.js';
export { createAxis, type Axis } from './axis.js';
export { rehearse, type Rehearsal, type RehearsalProblem, type RehearsalStep } from './rehearsal.js';
export { handsBusy, movedBetween, type HandsAt, type MovedEntry } from './compare.js';
