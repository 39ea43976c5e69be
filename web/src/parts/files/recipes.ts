import { type Recipe, writeFornaxRecipes, writeJsonLd, writeMarkdown } from '@fornax/core';

/** Writers of recipes, in a part of their own: it comes with the first press. */
export const writers = {
  markdown: writeMarkdown,
  jsonld: writeJsonLd,
  fornax: (recipe: Recipe) => writeFornaxRecipes([recipe]),
} as const;
