export * from './types.js';
export * from './vessels/types.js';
export { batchesInAll, batchNeed, batchesFrom, workableBatch, nameStations, portionSize } from './batches.js';
export { planBatches, batchOffers, rotationTurns, stationsAtOnce, chosenStations } from './plan-batches.js';
export { portionRecipe, makesLine } from './portion-recipe.js';
export { linesEatenOf } from './eaten.js';
export { usualMeasures } from './measures.js';
export { scaleLine } from './scale-line.js';
export { lineMeasure, lineVolume, shareThatGoesIn, usualDensity } from './vessels/line-volume.js';
export { usualManner } from './vessels/manners.js';
export { fitVessels, makesStep, stepsInto } from './vessels/fits.js';
export { sectionOf, heightOf, shapeOf, widthAt } from './vessels/section.js';

export { fillsFor, fillsOf, type Fills } from './fills.js';
