import { type ClassFacts, nobody, type Person } from '../class/index.js';
import { type ClassBundle, planClass } from '../plan/index.js';
import { parseRecipeText, type Recipe } from '../recipes/index.js';
import { classOf, dish, kitchen } from './recipes.js';

/** A recipe as people write it. */
export const writtenRecipe = (title: string, lines: readonly string[], steps: readonly string[]): Recipe =>
  parseRecipeText(
    [title, 'Serves 4', '', ...lines, '', 'Method', ...steps.map((each, at) => `${at + 1}. ${each}`)].join(
      '\n',
    ),
    { system: 'metric' },
  );

export const somebody = (id: string, of: Partial<Person> = {}): Person => ({
  ...nobody,
  id,
  name: id.charAt(0).toUpperCase() + id.slice(1),
  ...of,
});

const nutSalad = writtenRecipe(
  'Pear and walnut salad',
  [
    '100 g rocket',
    '2 pears, sliced',
    '40 g walnuts',
    '60 g feta',
    '3 tbsp olive oil',
    '1 tbsp cider vinegar',
  ],
  [
    'Toast the walnuts.',
    'Whisk the olive oil with the cider vinegar.',
    'Toss the rocket, pears, walnuts and feta with the dressing.',
  ],
);
const tahiniDip = writtenRecipe(
  'Tahini dip',
  ['60 g tahini', '1 × 400 g tin chickpeas, drained', '2 tbsp lemon juice', '2 tbsp water'],
  ['Blend the chickpeas with the tahini, lemon juice and water.'],
);

/** Twelve people at three stations of four, with the nut salad and the dip. */
export function roomOf(roster: readonly Person[], of: Partial<ClassFacts> = {}): ClassBundle {
  const dishes = [dish(nutSalad, { id: 'd1' }), dish(tahiniDip, { id: 'd2' })];
  return {
    class: classOf(dishes, { people: 12, peoplePerStation: 4, demonstrationPlates: 2, roster, ...of }),
    kitchen,
  };
}
export const checked = (bundle: ClassBundle) => planClass(bundle).people;
