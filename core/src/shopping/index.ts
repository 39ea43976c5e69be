export * from './types.js';
export { buildShoppingList, type ShoppingOptions } from './shopping-list.js';
export { choosePacks } from './packs.js';
export { asPurchased } from './as-purchased.js';
export { fruitPieces } from './fruit.js';
