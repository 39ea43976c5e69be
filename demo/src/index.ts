export * from './kitchen.js';
