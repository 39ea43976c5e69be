import type { ClassDish } from '../class/index.js';
import { doing } from '../recipes/index.js';
import { type CautionId, cautionWords, findIngredient, type Larder } from '../larder/index.js';
import { type Batch, type DishPortions, linesEatenOf, makesStep } from '../portions/index.js';
import { capital } from '../words/index.js';

/** A dish as one place makes it. */
export interface Made {
  readonly dish: ClassDish;
  readonly portions: DishPortions;
  readonly batch: Batch;
}

const isTossed = doing('toss', 'fold');

/** Asked before each point of no return: before the toss, is everything there, dry, cool, and mixed again. */
export function checksOf(made: readonly Made[]): string[] {
  return made.flatMap(({ dish, portions, batch }) => {
    const tosses = dish.recipe.steps.some((step) => makesStep(batch, step) && isTossed(step));
    const kept = portions.components
      .flatMap((component) => component.lines)
      .filter((line) => line.keptBack)
      .map((line) => line.name);
    const hasDressing = dish.recipe.components.some((component) => component.role === 'dressing');
    return [
      ...(tosses
        ? [
            `${portions.title}: before you toss, is every bowl on the ` +
              'bench empty, and everything dry and cool?',
          ]
        : []),
      ...(tosses && hasDressing
        ? [
            `${portions.title}: mix the dressing again just before it is ` +
              'poured, and taste it on a piece of the salad.',
          ]
        : []),
      ...(kept.length > 0 ? [`${portions.title}: is the ${kept.join(' and ')} for the top kept back?`] : []),
    ];
  });
}

export function cautionsOf(made: readonly Made[], larder: Larder): string[] {
  const found = new Map<CautionId, Set<string>>();
  const lines = made.flatMap(({ dish, portions, batch }) => linesEatenOf(dish, portions.batches, batch));
  for (const line of lines) {
    const ingredient = findIngredient(larder, line.ingredient);
    for (const caution of ingredient?.cautions ?? [])
      found.set(caution, (found.get(caution) ?? new Set()).add(line.name));
  }
  const words = [...found].map(
    ([caution, names]) => `${capital([...names].join(', '))}: ${cautionWords[caution]}`,
  );
  return words.length > 0 ? [...words, 'Follow your local food code and a qualified person’s advice.'] : [];
}
