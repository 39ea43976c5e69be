export * from './capital.js';
export * from './lists.js';
export * from './money.js';
export * from './plurals.js';
export * from './spans.js';
export * from './dates.js';
export * from './english.js';
