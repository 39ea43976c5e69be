import { findIngredient, isRawProtein, keepingOf, type Larder, type Section } from '../../larder/index.js';
import {
  knifeWorkOf,
  minutesOfWork,
  type Recipe,
  type RecipeLine,
  type RecipeStep,
  shortTitle,
  toolsNamed,
  workOf,
} from '../../recipes/index.js';
import { techniquesSuggested } from '../../techniques/index.js';
import { preparedMinutes } from './keeping.js';
import { addedStep, firstUser, stepOf } from './putting-in.js';

/** A wait that leaves no time to cut anything is none that is filled. A starting estimate. */
const leastWait = 8;
/** Less knife work is not worth a job of its own. A starting estimate. */
const leastMinutes = 3;

/** What is cut as it comes from the shop: an egg is boiled before, a tin is opened. */
const sections: ReadonlySet<Section> = new Set<Section>([
  'vegetables',
  'salad and herbs',
  'fruit',
  'nuts and seeds',
]);

/**
 * Knife work that stands in the list of foods alone ("carrots, grated") is done with the step that uses it.
 * Where that step comes after a wait, it is a job of its own, so that hands have work meanwhile; but not of
 * what browns, of raw fish or meat, or of what something must happen to before. Null where there is none.
 */
export function cutsFirst(recipe: Recipe, step: RecipeStep, larder: Larder): RecipeStep | null {
  const wait = step.isWorkedOut && step.place === 'in class' ? waitBefore(recipe, step) : null;
  if (!wait) return null;
  const lines = recipe.lines.filter(
    (line) => firstUser(recipe, line.id)?.id === step.id && canBeCutFirst(line, larder),
  );
  const text = knifeWorkOf(lines);
  if (text === '') return null;
  const cut = addedStep(`auto-cut-${step.id}`, text, step, {
    place: 'in class',
    tools: toolsNamed(text),
    techniques: techniquesSuggested(text),
    holdMinutes: Math.min(...lines.map((line) => keepsCut(line, larder))),
    isWorkedOut: true,
    addedFor: `There is time for it while “${shortTitle(wait.text)}” waits.`,
  });
  const parts = workOf({ steps: [cut], lines: recipe.lines, system: recipe.system, larder })[0]!;
  const minutes = minutesOfWork(parts);
  return minutes >= leastMinutes ? { ...cut, handsOnMinutes: minutes } : null;
}

/** Puts it before the step that uses what it cuts, and tells it behind the step that waits. */
export function withCutsFirst(recipe: Recipe, cut: RecipeStep, stepId: string): Recipe {
  const wait = waitBefore(recipe, stepOf(recipe, stepId))!;
  return {
    ...recipe,
    steps: recipe.steps.flatMap((each) => {
      if (each.id === stepId) return [{ ...each, after: [...each.after, cut.id] }];
      return each.id === wait.id ? [each, cut] : [each];
    }),
  };
}

function canBeCutFirst(line: RecipeLine, larder: Larder): boolean {
  const food = findIngredient(larder, line.ingredient);
  const isCutRaw = food && sections.has(food.section) && !isRawProtein(food);
  return isCutRaw === true && keepsCut(line, larder) > leastWait && knifeWorkOf([line]) !== '';
}

/** What browns at room temperature keeps so long; the rest as long as what is prepared. */
function keepsCut({ ingredient }: RecipeLine, larder: Larder): number {
  const kept = keepingOf(findIngredient(larder, ingredient) ?? null, 'cut');
  return kept?.place === 'room' ? 0 : preparedMinutes;
}

/** A step in class that waits, somewhere before another. */
function waitBefore({ steps }: Recipe, { after }: RecipeStep): RecipeStep | null {
  const seen = new Set<string>();
  const open: string[] = [...after];
  while (open.length > 0) {
    const id = open.pop()!;
    const step = seen.has(id) ? undefined : steps.find((each) => each.id === id);
    seen.add(id);
    if (!step) continue;
    if (step.place === 'in class' && (step.waitMinutes?.low ?? 0) >= leastWait) return step;
    open.push(...step.after);
  }
  return null;
}
