export * from './ids.js';
export * from './moments.js';
export * from './keys.js';
export { lookUp } from './look-up.js';
export { cacheByText, cacheByOwner } from './remember.js';
