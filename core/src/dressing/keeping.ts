import { findIngredient, keepingOfAll, type Larder } from '../larder/index.js';
import type { Balance } from './types.js';

const day = 1440;

export interface DressingKeeping {
  readonly days: number;
  readonly why: string;
}

/** How long a bowl keeps cold and covered, and by what. No acidity is claimed to keep it longer. */
export function dressingKeeping(
  { lines, missing }: Pick<Balance, 'lines' | 'missing'>,
  larder: Larder,
): DressingKeeping {
  const foods = lines.map(({ ingredient }) => findIngredient(larder, ingredient));
  const isOpen = missing.some(({ what }) => what === 'weight' || what === 'composition');
  const { minutes, why } = keepingOfAll(isOpen ? [null] : foods, 'in a dressing');
  return { days: Math.floor(minutes / day), why };
}
