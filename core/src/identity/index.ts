export * from './ids.js';
export * from './moments.js';
export * from './keys.js';
