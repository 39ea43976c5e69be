export * from './types.js';
export { buildShoppingList, rowKeyOf, type ShoppingOptions } from './shopping-list.js';
export { choosePacks, justShort, type Combination, type PackAnswer, type PackOptions } from './packs.js';
export { asPurchased, type PurchasedUse } from './as-purchased.js';
export { fruitPieces } from './fruit.js';
export { pooledNeed, inShoppingUnit } from './need.js';
export { buyingDays, planTrips, supplierOf, anyShop, longestKeeping } from './trips.js';
export { priceIn } from './row-parts.js';
export { packKey } from './words.js';
