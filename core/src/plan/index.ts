export * from './types.js';
export { planClass } from './plan-class.js';
export { unusedLines, allergensOf, fullClass } from './checks.js';
