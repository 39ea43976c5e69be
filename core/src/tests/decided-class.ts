import type { ClassDecisions } from '../class/index.js';
import { type ClassBundle, planClass } from '../plan/index.js';
import { classOf, dish, kitchen, recipe, step } from './recipes.js';

export const uses = (...lines: string[]) => lines.map((line) => ({ line, share: '1' as const }));
export const salad = recipe(
  ['200 g walnuts', '60 ml white wine vinegar', '1 tsp capers, drained (optional)', '404 g tinned chickpeas'],
  {
    serves: 14,
    steps: [
      step('a', { text: 'Toast the walnuts and chop them.', uses: uses('l1') }),
      step('b', { text: 'Whisk the dressing.', uses: uses('l2', 'l3', 'l4'), after: ['a'] }),
    ],
  },
);
export const bundle = (
  decisions: Partial<ClassDecisions> = {},
  overrides: Partial<ClassBundle> = {},
  dishes = [dish(salad, { maker: 'demonstration' })],
): ClassBundle => ({ class: classOf(dishes, { decisions }), kitchen, ...overrides });
export const row = (plan: ReturnType<typeof planClass>, key: string) =>
  [...plan.shopping.rows, ...plan.shopping.covered].find((each) => each.key === key);
