export { heatSaid, heatsFood } from './heat.js';
export { rowsOf } from './table.js';
export { type SaidVerb, verbNames, verbsSaid } from './verbs.js';
