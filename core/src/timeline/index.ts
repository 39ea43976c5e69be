export * from './types.js';
export { buildTimeline } from './timeline.js';
export { visitsIn } from './read/visits.js';
export type { Starts } from './place/attempt.js';
export { createAxis, type Axis } from './axis.js';
export { handsBusy, movedBetween, type HandsAt, type MovedEntry } from './read/compare.js';

export { leftOutOf, withAddedSteps } from './tasks/added-steps.js';
export { leastPercentAtWork, mostDelay, mostWatching } from './read/attention.js';
export { fullClass } from './read/budget.js';
export { levelKeys, levelOf, shownMinutes } from './tasks/shown.js';
export { showsOf } from './tasks/shows.js';
export type { Shows } from './tasks/types.js';
export { eatMinutes } from './tasks/frame-minutes.js';
export { explainTimeline, isOnTime, type TimelineInput } from './timeline.js';
