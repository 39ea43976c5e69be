export * from './types.js';
export { schedule } from './schedule.js';
