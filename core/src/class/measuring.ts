/** Lines by what they are measured with: pourable things, things by the pinch, and the rest. */
export type LineKind = 'liquid' | 'spice' | 'food';

export const lineKinds: readonly LineKind[] = ['liquid', 'spice', 'food'];
