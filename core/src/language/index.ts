export { heatSaid, heatsFood } from './heat.js';
export { type SaidVerb, verbsSaid } from './verbs.js';
