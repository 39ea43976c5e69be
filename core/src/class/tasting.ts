import type { ComponentId } from '../identity/index.js';
import type { ClassDish } from './dish.js';

/** A dressing or dip of a tasting flight, under its letter. */
export interface TastingBowl {
  readonly letter: string;
  readonly componentId: ComponentId;
  readonly name: string;
}

export interface Tasting {
  /** Nobody but the instructor knows which letter is what. */
  readonly isBlind: boolean;
  readonly bowls: readonly TastingBowl[];
}

/** The dressings and dips of a dish that are tasted beside each other, by letter; null where they are not. */
export function tastingOf({ making, recipe }: Pick<ClassDish, 'making' | 'recipe'>): Tasting | null {
  if (!making?.tasting) return null;
  const bowls = recipe.components
    .filter(({ role }) => role === 'dressing' || role === 'dip')
    .map(({ id, name }, index) => ({ letter: letterOf(index), componentId: id, name }));
  return bowls.length > 1 ? { isBlind: making.tasting === 'blind', bowls } : null;
}

/** A for the first, B for the second. */
export function letterOf(index: number): string {
  return String.fromCharCode('A'.charCodeAt(0) + index);
}
