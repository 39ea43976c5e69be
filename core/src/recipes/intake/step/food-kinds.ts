import { folded, phrasePattern, rowsOf } from '../../../language/index.js';
import { family, type Ingredient } from '../../../larder/index.js';
import { foodKindsTable } from '../data/food-kinds.js';

/** Foods that a step names by their kind: "the herbs", "some of each vegetable". */
export interface SaidKind {
  /** Whether a food is of the kind. */
  readonly has: (food: Ingredient | null) => boolean;
  /** Every food is meant: "some of each ingredient". */
  readonly isEvery: boolean;
  readonly at: number;
  /** Where its last word ends. */
  readonly to: number;
}

const kinds = rowsOf<'words' | 'sections' | 'families'>(foodKindsTable).map(
  ({ words, sections, families }) => ({
    words: phrasePattern(words, '')!,
    isEvery: sections === '*',
    has: kindOf(sections.split(';'), families.split(';').filter(Boolean)),
  }),
);

function kindOf(
  sections: readonly string[],
  families: readonly string[],
): (food: Ingredient | null) => boolean {
  const members = family(...families);
  return (food) =>
    sections[0] === '*' || (food !== null && (sections.includes(food.section) || members.has(food)));
}

/** The kinds of food that a text names, in the order of the table. */
export function kindsSaid(text: string): SaidKind[] {
  const plain = folded(text);
  return kinds.flatMap(({ words, has, isEvery }) => {
    const found = words.exec(plain);
    return found ? [{ has, isEvery, at: found.index, to: found.index + found[0].length }] : [];
  });
}
