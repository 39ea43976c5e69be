import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { wholeTexts } from './judge-texts.mjs';
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
 * Every recipe of the corpora alone, and random menus of 2 to 5: how many of their classes have a plan that
 * stands, how much of it students work, and what they are shown.
 */
export function benchMenus(core) {
  const draw = numbers(7);
  for (const [what, menus] of Object.entries(askedMenus(core, draw))) {
    const plans = menus.map((menu) => {
      const bundle = bundleOf(menu, core);
      return { bundle, timeline: core.planClass(bundle).timeline };
    });
    sayPlans(what, plans, core);
    sayHands(plans);
  }
}

function askedMenus(core, draw) {
  const recipes = corpusTexts().map((text) => core.parseRecipeText(text, { system: 'metric' }));
  const told = wholeTexts()
    .map(({ text }) => core.readRecipe(text, { system: 'metric' }).recipes)
    .filter((dishes) => dishes.length > 0);
  const menusOf = (count, { from, dishes, minutes, lengths }) =>
    Array.from({ length: count }, () => ({
      recipes: Array.from({ length: 2 + draw(dishes) }, () => from[draw(from.length)]),
      people: 6 + draw(19),
      lengthMinutes: minutes + 30 * draw(lengths),
      assistants: draw(2),
    }));
  const alone = (dishes, people, assistants) => ({ recipes: dishes, people, lengthMinutes: 150, assistants });
  const first = told.map(([dish]) => dish);
  return {
    'recipes as people tell them, for 11 without and 16 with an assistant': told.flatMap((dishes) => [
      alone(dishes, 11, 0),
      alone(dishes, 16, 1),
    ]),
    'random menus of 2 to 3 of them': menusOf(60, { from: first, dishes: 2, minutes: 120, lengths: 4 }),
    'recipes of the corpus, each alone on a class of 150 min for 12': recipes.map((each) =>
      alone([each], 12, 0),
    ),
    'random menus of 2 to 5 of them, 6 to 24 people, 90 to 240 min': menusOf(200, {
      from: recipes,
      dishes: 4,
      minutes: 90,
      lengths: 6,
    }),
  };
}

function bundleOf(menu, core) {
  return {
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
  };
}

const shareOf = (plans) => (is) => `${plans.filter(is).length} of ${plans.length}`;

function sayPlans(what, plans, core) {
  const share = shareOf(plans);
  row(what, `${share(({ timeline }) => timeline.status === 'scheduled')} need no hand laid on them`);
  const rows = {
    'an empty clock': ({ timeline }) => timeline.clock.length === 0,
    'a step that is left out': ({ bundle, timeline }) => !holdsEveryStep(bundle, timeline),
    'over their time': ({ timeline }) => timeline.overrunMinutes > 0,
    'steps prepared by staff so that it fits': ({ timeline }) =>
      timeline.ahead.some(({ isForFit }) => isForFit),
  };
  for (const [name, is] of Object.entries(rows)) row(`  ${name}`, share(is));
  const wanting = plans.filter(({ timeline }) => timeline.overrunMinutes > 0 || timeline.clashes.length > 0);
  const freed = wanting.filter(({ bundle }) => core.clashReport(bundle).waysOut.length > 0);
  row(
    '  over their time or with a clash, and with a way out that was tried',
    `${freed.length} of ${wanting.length}`,
  );
}

/** How much students work, and what they are shown. */
function sayHands(plans) {
  const share = shareOf(plans);
  const percent = ({ timeline }) => timeline.handsOn.percent;
  const shows = ({ timeline }) => timeline.clock.filter(({ ref }) => ref.role === 'shown');
  const counts = plans.map((plan) => shows(plan).length).sort((a, b) => a - b);
  const mean = plans.reduce((sum, plan) => sum + percent(plan), 0) / plans.length;
  const rows = {
    'hands at work half of the time or more': share((plan) => percent(plan) >= 50),
    'hands at work 60 % or more': share((plan) => percent(plan) >= 60),
    'hands at work, mean': `${Math.round(mean)} %`,
    'something is shown': share((plan) => shows(plan).length > 0),
    'shown in a class, median and most': `${counts[counts.length >> 1]} and ${counts.at(-1)}`,
    'watching for over 12 min': share(({ timeline }) => timeline.handsOn.watchMinutes > 12),
    'over 8 min for one thing': share((plan) => shows(plan).some(({ start, end }) => end - start > 8)),
  };
  for (const [name, value] of Object.entries(rows)) row(`  ${name}`, value);
}

function holdsEveryStep({ class: { dishes } }, { daysBefore, clock }) {
  const done = new Set([...daysBefore, ...clock].map(({ ref }) => `${ref.dishId}/${ref.stepId}`));
  return dishes.every(({ id, recipe }) => recipe.steps.every((step) => done.has(`${id}/${step.id}`)));
}
