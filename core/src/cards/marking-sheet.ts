import { type ClassFacts, tastingOf } from '../class/index.js';
import type { MarkingSheet } from './types.js';

/** What is asked of each bowl, and how it is marked. */
const questions = [
  'Sharp, 1–5',
  'Salt, 1–5',
  'Sweet, 1–5',
  'Body, 1–5',
  'What would you dress with it?',
  'Mark, 1–10',
];

/** A sheet to mark for every tasting flight of a class: one a person. */
export function markingSheets(facts: ClassFacts, when: string): MarkingSheet[] {
  return facts.dishes.flatMap((dish): MarkingSheet[] => {
    const tasting = tastingOf(dish);
    if (!tasting) return [];
    return [
      {
        id: dish.id,
        title: tasting.isBlind ? 'Blind tasting' : dish.recipe.title,
        classTitle: facts.title,
        classLine: when,
        copies: facts.people,
        questions,
        rows: tasting.bowls.map(({ letter, name }) => ({
          letter,
          name: tasting.isBlind ? '' : name,
        })),
        key: tasting.bowls.map(({ letter, name }) => `${letter}: ${name}`),
      },
    ];
  });
}
