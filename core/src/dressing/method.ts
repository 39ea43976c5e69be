import { type ComponentId, lookUp } from '../identity/index.js';
import type { Recipe } from '../recipes/index.js';
import type { DressingMethod } from './types.js';

/** Techniques that are a method by themselves. */
const methodOf: Readonly<Record<string, DressingMethod>> = {
  'shake-dressing': 'shake',
  'stick-blend': 'stick blender',
  'blend-dip': 'blend',
  'whisk-dressing': 'whisk',
};

/**
 * How a recipe brings a dressing or dip together: by the techniques and the words of its steps, and of those
 * that use its lines.
 */
export function dressingMethodOf({ steps, lines }: Recipe, componentId: ComponentId): DressingMethod {
  const own = new Set(lines.filter((line) => line.componentId === componentId).map(({ id }) => id));
  const making = steps.filter(
    (step) => step.componentId === componentId || step.uses.some(({ line }) => own.has(line)),
  );
  const known = making.flatMap(({ techniques }) => techniques.flatMap((id) => lookUp(methodOf, id) ?? []));
  if (known[0]) return known[0];
  const words = making.map(({ text }) => text).join(' ');
  if (/\bshake\b/i.test(words)) return 'shake';
  if (/\b(?:stick|hand|immersion)[ -]?blender\b/i.test(words)) return 'stick blender';
  if (/\b(?:blend|blitz|process|purée|puree)/i.test(words)) return 'blend';
  return /\bpaste\b/i.test(words) && !/\bwhisk\b/i.test(words) ? 'paste' : 'whisk';
}
