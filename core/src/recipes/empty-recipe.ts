import type { Recipe } from './types.js';

/** A recipe of which nothing is known yet: no title, no components, lines or steps. */
export const emptyRecipe: Recipe = {
  title: '',
  kind: 'salad',
  serves: 4,
  portion: 'side',
  system: 'metric',
  leastBatch: '1/4',
  story: '',
  source: '',
  credit: '',
  permission: '',
  notes: '',
  choices: [],
  components: [],
  lines: [],
  steps: [],
};
