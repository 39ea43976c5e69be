import { findIngredient, keepingOfAll, type Larder } from '../larder/index.js';
import type { RecipeLine } from '../recipes/index.js';

const day = 1440;

export interface Keeping {
  readonly days: number;
  readonly why: string;
}

/** How long a dish keeps, cold and covered; a day where something in it is not known. */
export function dishKeeping(lines: readonly RecipeLine[], larder: Larder): Keeping {
  const foods = lines.map(({ ingredient }) => findIngredient(larder, ingredient));
  const { minutes, why } = keepingOfAll(foods, 'in a dish');
  return { days: Math.floor(minutes / day), why };
}
