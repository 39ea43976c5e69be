export * from './types.js';
export { planClass } from './plan-class.js';
export { allergensOf, fullClass } from './checks.js';
