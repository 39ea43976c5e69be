import 'reflect-metadata';

export { bodyProblem } from './body.js';
export * from './rules.js';
export * from './normal.js';
export * from './sessions.js';
export * from './classes.js';
export * from './class-views.js';
export * from './decisions.js';
export * from './acts.js';
export * from './recipes.js';
export * from './recipe-views.js';
export * from './larder.js';
export * from './techniques.js';
export * from './problems.js';
export * from './kitchen.js';
export * from './people.js';
export * from './labels.js';
