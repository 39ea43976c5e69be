export * from './types.js';
export { stationCards, type CardInput } from './station-cards.js';
