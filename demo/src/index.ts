export * from './classes.js';
export * from './kitchen.js';
