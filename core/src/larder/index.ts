export * from './types.js';
export * from './larder.js';
