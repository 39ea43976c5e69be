import type { Recipe } from '@fornax/core';

/** ", makes about 300 ml" where a recipe says how much it gives; empty where it does not. */
export function yieldSaid({ story }: Pick<Recipe, 'story'>): string {
  const row = story.split('\n').find((each) => /^(?:makes|yields?)\b/i.test(each));
  return row ? `, ${row.charAt(0).toLowerCase()}${row.slice(1).replace(/\.$/, '')}` : '';
}
