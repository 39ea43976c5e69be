/**
 * Rooms of core above `recipes` ask acts, states and families and read no words. These files still do, each
 * for a reason.
 */
export const readWordsAbove = {
  'cards/pages.ts': 'signs that a style sheet cannot print, no words of a recipe',
  'cards/station-cards.ts': 'a sentence of its own, joined',
  'class/oven-settings.ts': 'a setting that the code itself writes',
  'dressing/parts-words.ts': 'reads a ratio from words: "three parts oil to one of acid"',
  'identity/keys.ts': 'keys that the code itself writes',
  'people/folded-name.ts': 'names of people',
  'kit/containers.ts': 'the name of a fruit without its juice',
  'portions/portion-recipe.ts': 'the "about" of a note',
  'timeline/place/prepared.ts': 'what belongs to the class is not told by acts yet',
  'timeline/tasks/added-steps.ts': 'what cools or steams in two steps read together',
  'timeline/tasks/titles.ts': 'names of jobs are cut out of sentences',
  'timeline/tasks/work-words.ts': 'names of jobs are cut out of sentences',
};
