import { findIngredient, type Larder, standardLarder } from '../../../larder/index.js';
import { idOfName } from '../line/names.js';
import { LineMentions, type NamedLine, singular } from './mentions.js';

/** Words that the larder knows but that mean no ingredient in a step. */
const notMeant = new Set(['oil', 'leaf', 'herb', 'bean', 'green', 'seed', 'nut', 'clove', 'squash', 'jam']);

/** Ingredients that steps name and no line has: each with the words as they stand in the step. */
export function unlistedNames(
  texts: readonly string[],
  lines: readonly NamedLine[],
  larder: Larder = standardLarder,
): string[] {
  const mentions = new LineMentions(lines, larder);
  const listed = new Set(lines.map((line) => line.ingredient));
  const written = lines.map((line) => line.name.toLowerCase()).join(' | ');
  const found = new Set<string>();
  for (const text of texts) {
    const places = new Set(mentions.in(text).values());
    const words = [...text.toLowerCase().matchAll(/[a-zà-öø-ÿ'-]{2,}/g)].map((match) => ({
      word: match[0],
      at: match.index,
    }));
    for (let index = 0; index < words.length; index++) {
      const length = [3, 2, 1].find(
        (count) => index + count <= words.length && idOfName(phrase(words, index, count), larder),
      );
      if (!length) continue;
      const name = phrase(words, index, length);
      const last = words[index + length - 1]!;
      index += length - 1;
      const id = idOfName(name, larder);
      const isBought = (findIngredient(larder, id)?.packs.length ?? 0) > 0;
      if (
        !isBought ||
        places.has(last.at) ||
        listed.has(id) ||
        notMeant.has(singular(name)) ||
        written.includes(singular(last.word))
      )
        continue;
      found.add(name);
    }
  }
  return [...found];
}

function phrase(words: readonly { readonly word: string }[], from: number, count: number): string {
  return words
    .slice(from, from + count)
    .map(({ word }) => word)
    .join(' ');
}
