export { actsSaid, type SaidAct } from './acts.js';
export { cueTable } from './cues.js';
export { folded } from './verbs.js';
export { heatSaid, heatsFood } from './heat.js';
export { phrasePattern } from './phrase-pattern.js';
export { phraseNames, phraseNamesOf, phrasesSaid } from './phrases.js';
export { untilSaid } from './until.js';
export { rowsOf } from './table.js';
export { actKinds, type SaidVerb, type Verb, verbNamed, verbNames, verbsSaid } from './verbs.js';
