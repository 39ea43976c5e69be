export * from './types.js';
export { buildKitList } from './kit-list.js';
export type { KitInput } from './kit-input.js';
export { applianceShortages, type LackingStep } from './missing-appliances.js';
