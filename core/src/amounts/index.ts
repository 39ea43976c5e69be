export * from './types.js';
export * from './rational.js';
export * from './units.js';
export * from './convert.js';
export * from './kitchen.js';
export * from './written.js';

export * from './spoons.js';
