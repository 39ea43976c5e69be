export * from './types.js';
export { buildKitList, type KitInput } from './kit-list.js';
export { toolFacts, toolFact, toolName, toolPlural, isSharedTool } from './tools.js';
export { applyKitDecisions } from './decisions.js';
