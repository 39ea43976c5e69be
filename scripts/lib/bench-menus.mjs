import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './machine.mjs';
import { row } from './measure.mjs';

/** Repeatable numbers below `most`, from one seed. */
function numbers(seed) {
  let state = seed;
  return (most) => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    return Math.floor((state / 2_147_483_648) * most);
  };
}

/** Recipes of the corpus, whole ones and methods, as people write them. */
function corpusTexts() {
  const read = (name) =>
    readFileSync(join(root, 'core', 'src', 'recipes', 'intake', 'corpus', name), 'utf8')
      .split(/^@ /m)
      .slice(1)
      .map((block) => block.trimEnd().split('\n'));
  const isWanted = (line) => line.startsWith('= ');
  const recipes = read('recipes.txt').map(([, ...rows]) => rows.filter((each) => !isWanted(each)).join('\n'));
  const methods = read('methods.txt').map(([title, lines, ...rows]) =>
    [
      title,
      'Serves 4',
      '',
      'Ingredients',
      ...lines.split('; '),
      '',
      'Method',
      ...rows.filter((each) => !isWanted(each)),
    ].join('\n'),
  );
  return [...recipes, ...methods];
}

/**
 * Every recipe of the corpus alone, and random menus of 2 to 5: how many of their classes have a plan that
 * stands.
 */
export function benchMenus(core) {
  const recipes = corpusTexts().map((text) => core.parseRecipeText(text, { system: 'metric' }));
  const draw = numbers(7);
  const bundleOf = (menu) => ({
    kitchen: { ...core.usualKitchen, larder: [] },
    class: {
      id: 'menu',
      title: 'Menu',
      startsAt: '2026-11-27T18:30',
      zone: 'Europe/London',
      place: '',
      lengthMinutes: menu.lengthMinutes,
      people: menu.people,
      peoplePerStation: 3,
      assistants: menu.assistants,
      demonstrationPlates: 2,
      dishes: menu.recipes.map((recipe, index) => ({
        id: `d${index}`,
        recipeId: `r${index}`,
        version: 1,
        portion: 'taste',
        maker: 'every station',
        choices: {},
        recipe,
      })),
    },
  });
  const alone = recipes.map((recipe) => ({
    recipes: [recipe],
    people: 12,
    lengthMinutes: 150,
    assistants: 0,
  }));
  const menus = Array.from({ length: 200 }, () => ({
    recipes: Array.from({ length: 2 + draw(4) }, () => recipes[draw(recipes.length)]),
    people: 6 + draw(19),
    lengthMinutes: 90 + 30 * draw(6),
    assistants: draw(2),
  }));
  say('recipes of the corpus, each alone on a class of 150 min for 12', alone.map(bundleOf), core);
  say('random menus of 2 to 5 of them, 6 to 24 people, 90 to 240 min', menus.map(bundleOf), core);
}

function say(what, bundles, core) {
  const plans = bundles.map((bundle) => ({ bundle, timeline: core.planClass(bundle).timeline }));
  const share = (is) => `${plans.filter(is).length} of ${plans.length}`;
  row(what, `${share(({ timeline }) => timeline.status === 'scheduled')} need no hand laid on them`);
  row(
    '  an empty clock',
    share(({ timeline }) => timeline.clock.length === 0),
  );
  row(
    '  a step that is left out',
    share(({ bundle, timeline }) => !holdsEveryStep(bundle, timeline)),
  );
  row(
    '  over their time',
    share(({ timeline }) => timeline.overrunMinutes > 0),
  );
  const wanting = plans.filter(({ timeline }) => timeline.overrunMinutes > 0 || timeline.clashes.length > 0);
  const freed = wanting.filter(({ bundle }) => core.clashReport(bundle).waysOut.length > 0);
  row(
    '  over their time or with a clash, and with a way out that was tried',
    `${freed.length} of ${wanting.length}`,
  );
  row(
    '  steps prepared by staff so that it fits',
    share(({ timeline }) => timeline.ahead.some(({ isForFit }) => isForFit)),
  );
  row(
    '  hands at work half of the time or more',
    share(({ timeline }) => timeline.handsOn.percent >= 50),
  );
}

function holdsEveryStep({ class: { dishes } }, { daysBefore, clock }) {
  const done = new Set([...daysBefore, ...clock].map(({ ref }) => `${ref.dishId}/${ref.stepId}`));
  return dishes.every(({ id, recipe }) => recipe.steps.every((step) => done.has(`${id}/${step.id}`)));
}
