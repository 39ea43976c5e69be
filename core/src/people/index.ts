export * from './types.js';
export { checkPeople } from './check.js';
export { keptSeats, placeWell, seatAt, type Seating, exchangeSeats } from './seats.js';
export { metLine, objectionsTo } from './objections.js';
export { readNeeds, type ReadNeeds } from './read-needs.js';
export { couldComeToHarm, marksOf, needsAt, needsOfStations } from './marks.js';
export { foldedName } from './folded-name.js';
