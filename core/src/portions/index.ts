export * from './types.js';
export { splitStations, batchNeed, batchesFrom, workableBatch, planBatches, nameStations, portionSize } from './batches.js';
export { portionRecipe, scaleLine } from './portion-recipe.js';
