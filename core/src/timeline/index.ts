export * from './types.js';
export { buildTimeline } from './timeline.js';
export type { Starts } from './place/attempts.js';
export { createAxis, type Axis } from './axis.js';
export { handsBusy, movedBetween, type HandsAt, type MovedEntry } from './read/compare.js';
