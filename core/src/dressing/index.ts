export * from './types.js';
export { balanceDressing } from './balance.js';
export { dressingMethodOf } from './method.js';
export { borders, schoolOf, schoolTargets, type SchoolTarget } from './schools.js';
export { type Fit, fitDressing, type FitLine, type FitPart, type FitTarget, fitTolerances } from './fit.js';
export { type Addition, adjustments, type Complaint, complaints } from './adjust.js';
export { type Base, bases as dressedBases, type Dresses, dresses } from './dresses.js';
export {
  type BowlAddition,
  mapPoint,
  type MapPoint,
  movedTo,
  solvedTexts,
  withAdditions,
  writtenSpoons,
} from './bowl.js';
export { dilutionOf } from './dilution.js';
export { type DipServing, dipServing, liquidToReach, type ToReach } from './dips.js';
export {
  type FlightBowl,
  flightBowls,
  flightChoice,
  flightRecipe,
  type FlightSharing,
  flightSharings,
  tastedOn,
  type TastedOn,
} from './flight.js';
export { type DressingKeeping, dressingKeeping } from './keeping.js';
export {
  type OwnSchools,
  schoolFigure,
  type SchoolFigure,
  schoolFigureKey,
  schoolFigureProblem,
  schoolFigures,
  schoolTarget,
} from './own-schools.js';
export { helpFor, type OutOfWindow, outOfWindow } from './out-of-window.js';
export { readParts, type SaidParts } from './parts-words.js';
export {
  type HeatingAdvice,
  heatingAdvice,
  type SecondUse,
  secondUses,
  dressingLabel,
} from './second-uses.js';
export { dressingComponents } from './components.js';
export { holdOf, tellDressing, type ToldDressing } from './told.js';
export { type SaltInPlaces, saltInPlaces } from './salt-places.js';
export { type FittingMethod, waysOf } from './ways.js';
