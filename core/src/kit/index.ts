export * from './types.js';
export { buildKitList, type KitInput } from './kit-list.js';
