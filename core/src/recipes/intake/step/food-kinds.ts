import { folded, phrasePattern, rowsOf } from '../../../language/index.js';
import type { Section } from '../../../larder/index.js';
import { foodKindsTable } from '../data/food-kinds.js';

/** Foods that a step names by their kind: "the herbs", "some of each vegetable". */
export interface SaidKind {
  /** The sections of the larder that are meant; null for every food. */
  readonly sections: readonly Section[] | null;
  readonly at: number;
}

const kinds = rowsOf<'words' | 'sections'>(foodKindsTable).map(({ words, sections }) => ({
  words: phrasePattern(words, '')!,
  sections: sections === '*' ? null : (sections.split(';') as Section[]),
}));

/** The kinds of food that a text names, in the order of the table. */
export function kindsSaid(text: string): SaidKind[] {
  const plain = folded(text);
  return kinds.flatMap(({ words, sections }) => {
    const found = words.exec(plain);
    return found ? [{ sections, at: found.index }] : [];
  });
}
