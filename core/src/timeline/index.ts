export * from './types.js';
export * from './schedule/types.js';
export { schedule } from './schedule/schedule.js';
export { buildTimeline, showSpan } from './timeline.js';
export { createAxis, type Axis } from './axis.js';
