import type { LarderEntry } from './figures.js';
import { withFigure } from './figures.js';
import { createLarder, standardLarder, type Larder } from './larder.js';
import { plainName } from './names.js';
import { ownIngredient } from './own-ingredient.js';

/**
 * The id of an ingredient that a kitchen adds: letters, digits and dashes of its name, marked as its own. A
 * name in another script has a code; so has a second one with the same letters.
 */
export function ownIngredientId(name: string, larder: Larder = standardLarder): string {
  const words = name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 34);
  const id = `own-${words || codeOf(name)}`;
  const taken = larder.ingredients.get(id);
  return taken && plainName(taken.names.uk) !== plainName(name) ? `${id}-${codeOf(name)}` : id;
}

/** A short code of a name that has no Latin letters, the same every time. */
function codeOf(name: string): string {
  let code = 0x811c9dc5;
  for (const letter of plainName(name)) code = Math.imul(code ^ letter.codePointAt(0)!, 0x01000193) >>> 0;
  return code.toString(36);
}

const known = new Map<string, Larder>();
const rememberedLarders = 20;

/**
 * The larder of a kitchen: the standard one, with its own figures over it and its own ingredients beside. The
 * same entries give the same larder.
 */
export function larderOf(entries: readonly LarderEntry[]): Larder {
  if (entries.length === 0) return standardLarder;
  const key = JSON.stringify(entries);
  const before = known.get(key);
  if (before) return before;
  if (known.size >= rememberedLarders) known.clear();
  const ingredients = new Map(standardLarder.ingredients);
  const called: [name: string, id: string][] = [];
  for (const { ingredient, figures, own, called: names = [], mayContain } of entries) {
    const base = own ? ownIngredient(ingredient, own) : ingredients.get(ingredient);
    if (base)
      ingredients.set(ingredient, {
        ...Object.entries(figures).reduce((item, [figure, value]) => withFigure(item, figure, value), base),
        ...(mayContain?.length ? { mayContain } : {}),
      });
    if (base) called.push(...names.map((name): [string, string] => [name, ingredient]));
  }
  const larder = createLarder([...ingredients.values()], called);
  known.set(key, larder);
  return larder;
}
