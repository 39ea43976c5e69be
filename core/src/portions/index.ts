export * from './types.js';
export * from './vessel-types.js';
export {
  splitStations,
  batchNeed,
  batchesFrom,
  workableBatch,
  nameStations,
  portionSize,
} from './batches.js';
export {
  planBatches,
  batchOffers,
  rotationTurns,
  stationsAtOnce,
  flightOf,
  chosenStations,
} from './plan-batches.js';
export { portionRecipe, makesLine, usualMeasures } from './portion-recipe.js';
export { scaleLine } from './scale-line.js';
export { lineMeasure, lineVolume, usualDensity } from './line-volume.js';
export { fitVessels, makesStep, standardVessels, stepsInto } from './vessels.js';
export { sectionOf, heightOf, shapeOf, widthAt } from './section.js';
