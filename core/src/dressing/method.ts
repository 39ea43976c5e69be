import { type ComponentId, lookUp } from '../identity/index.js';
import { doing, type Recipe, saying } from '../recipes/index.js';
import type { DressingMethod } from './types.js';

const shakes = doing('shake');
const takesStickBlender = saying('stick blender');
const blends = doing('blend');
const pounds = saying('paste');
const whisks = doing('whisk');

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
  if (making.some(shakes)) return 'shake';
  if (making.some(takesStickBlender)) return 'stick blender';
  if (making.some(blends)) return 'blend';
  return making.some(pounds) && !making.some(whisks) ? 'paste' : 'whisk';
}
