/**
 * Rooms of core above `recipes` ask acts, states and families and read no words. These files still do, each
 * for a reason.
 */
export const readWordsAbove = {
  'cards/pages.ts': 'signs that a style sheet cannot print, no words of a recipe',
  'people/folded-name.ts': 'names of people',
};
