export * from './types.js';
export { markingSheets } from './marking-sheet.js';
export { needsTitle, saysNeeds } from './said.js';
export { stationCards, type CardInput } from './station-cards.js';
export { type CardPages, headStyles, pagesOfCard, runningHead, styleString } from './pages.js';
