export { actsSaid, type SaidAct } from './acts.js';
export { heatSaid, heatsFood } from './heat.js';
export { phraseNames, phrasesSaid } from './phrases.js';
export { untilSaid } from './until.js';
export { rowsOf } from './table.js';
export { actKinds, type SaidVerb, verbNamed, verbNames, verbsSaid } from './verbs.js';
