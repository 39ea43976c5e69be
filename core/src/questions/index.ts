export { planChanges, type PlanChange } from './changes.js';
export { type WhatIf, withWhatIf, withWhatIfs } from './with-what-if.js';
export { whatIfEffects, type WhatIfEffect } from './what-if.js';
export { clashReport, type ClashReport } from './ways-out.js';
export { type AheadProposal, proposeAhead } from './ahead.js';
export * from './rehearse.js';
export { type RehearsedSpare, rehearsedSpare, spareInWords } from './spare.js';
export {
  dishesInstead,
  type PeopleChange,
  type PeopleRemedy,
  peopleRemedies,
  withPeopleChange,
} from './people-remedies.js';
