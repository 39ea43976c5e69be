import { verbsSaid } from '../../../language/index.js';
import { findIngredient, type Larder, type Section } from '../../../larder/index.js';
import type { NamedLine } from './mentions.js';

/** What stands in the cupboard is often there twice: the oil to fry in, the oil of the dressing. */
const poured: ReadonlySet<Section> = new Set<Section>([
  'oils and vinegars',
  'spices and seasoning',
  'baking and sweet',
]);
const isForFrying = /\b(?:for|to) (?:deep |shallow )?(?:fry|cook|roast|grill|brush|greas)(?:ing|e)?\b/i;
const inFat = (text: string) =>
  verbsSaid(text).some(({ verb }) => verb.heat === 'fat' || verb.heat === 'any');

/**
 * Of several lines that one word names alike, the one that the step means: "the oil" of the part whose other
 * food the step takes; what is for frying only where something is fried. All of them where nothing tells.
 */
export function ofTheStep(
  named: Map<string, number>,
  text: string,
  { byId, larder }: { readonly byId: ReadonlyMap<string, NamedLine>; readonly larder: Larder },
): Map<string, number> {
  const alike = new Map<number, string[]>();
  for (const [line, at] of named) alike.set(at, [...(alike.get(at) ?? []), line]);
  const isPoured = (id: string) => {
    const food = findIngredient(larder, byId.get(id)!.ingredient);
    return food === null || poured.has(food.section);
  };
  const parts = new Set(
    [...alike.values()].flatMap((ids) => (ids.length === 1 ? [byId.get(ids[0]!)!.componentId] : [])),
  );
  for (const ids of alike.values()) {
    if (ids.length < 2 || !ids.every(isPoured)) continue;
    const isMeant = (id: string) => {
      const { text: written = '', componentId } = byId.get(id)!;
      return isForFrying.test(written) ? inFat(text) : parts.size === 0 || parts.has(componentId);
    };
    const meant = ids.filter(isMeant);
    if (meant.length > 0) for (const id of ids) if (!meant.includes(id)) named.delete(id);
  }
  return named;
}
