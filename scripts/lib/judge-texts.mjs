import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './machine.mjs';

/**
 * The corpus of whole texts: each with its genre, its rows and what a cook says must come out. `foods` are
 * the lines of the first recipe (`foods2` those of the second), `step` a piece of its work by some words of
 * it, with the foods that are in it by then and its wait, `before` an order that must hold and `free` one
 * that must not, `no` words that are no work, `proposes` foods that must be cooked first, `asks` words of a
 * question.
 */
export function wholeTexts(path = join(root, 'core/src/recipes/reading/corpus/texts.txt')) {
  return readFileSync(path, 'utf8')
    .split(/^(?=@ )/m)
    .filter((text) => text.trim())
    .map(textOf);
}

function textOf(written) {
  const rows = written.trim().split('\n');
  const [genre, title, serves] = rows[0].slice(2).split(' | ');
  const marked = (mark) =>
    rows.filter((row) => row.startsWith(mark)).map((row) => row.slice(mark.length).trim());
  return {
    genre,
    titles: title.split('; '),
    serves: serves.replace('serves ', '').split('; '),
    text: marked('>').join('\n'),
    wanted: marked('= ').map((row) => {
      const at = row.indexOf(' ');
      return { what: row.slice(0, at), said: row.slice(at + 1) };
    }),
  };
}

const plain = (text) =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\d=]+/gu, ' ')
    .trim();
const holds = (text, words) => ` ${plain(text)} `.includes(` ${plain(words)} `);

/** Every check of a text: what was asked, of which kind, and whether it came out. */
export function judged({ titles, serves, text, wanted }, readRecipe) {
  const read = readRecipe(text, { system: 'metric' });
  const checks = [check('dishes', titles.length, read.recipes.length)];
  titles.forEach((title, index) => {
    const recipe = read.recipes[index];
    if (!recipe) return;
    const asked = read.doubts.some(({ id, about }) => id.startsWith('serves') && about.recipe === index);
    const said = serves[index].match(/\d+/)?.[0] ?? '?';
    checks.push(check('servings', said, asked ? '?' : String(recipe.serves)));
  });
  return [...checks, ...wanted.flatMap((each) => askers[each.what](each.said, read))];
}

const check = (kind, wanted, found) => ({
  kind,
  wanted: String(wanted),
  found: String(found),
  ok: String(wanted) === String(found),
});

const askers = {
  foods: (said, { recipes: [recipe] }) => foods(said, recipe),
  foods2: (said, { recipes: [, recipe] }) =>
    recipe ? foods(said, recipe) : [check('lines', said, 'no recipe')],
  step: (said, { recipes: [recipe] }) => stepChecks(said, recipe),
  before: (said, { recipes: [recipe] }) => [check('order', said, orderOf(said, recipe))],
  free: (said, { recipes: [recipe] }) => [
    check('order', `not ${said}`, orderOf(said, recipe) === said ? said : `not ${said}`),
  ],
  no: (said, { recipes }) => [
    check(
      'roles',
      `no work: ${said}`,
      recipes.some(({ steps }) => steps.some((step) => plain(step.text).startsWith(plain(said))))
        ? 'work'
        : `no work: ${said}`,
    ),
  ],
  proposes: (said, { recipes, proposals }) => {
    const foodsOf = proposals.map(
      ({ line, recipe }) => recipes[recipe].lines.find(({ id }) => id === line).ingredient,
    );
    return said
      .split('; ')
      .map((food) => check('proposals', food, foodsOf.includes(food) ? food : foodsOf.join()));
  },
  asks: (said, { doubts }) => [
    check(
      'doubts',
      said,
      doubts.some(({ question }) => holds(question, said)) ? said : doubts.map(({ id }) => id).join(),
    ),
  ],
  uses: (said, { uses }) => [
    check('dishes', said, uses.map(({ recipe, of }) => `${recipe + 1} of ${of + 1}`).join()),
  ],
};

/** Foods with their amounts, and no line more. */
function foods(said, { lines }) {
  const left = [...lines];
  const found = said.split('; ').map((food) => {
    const [id, amount, unit] = food.split(' ');
    // "?oil" is a food that must be asked about.
    const at = left.findIndex((line) =>
      id.startsWith('?') ? line.ingredient === null && holds(line.name, id.slice(1)) : line.ingredient === id,
    );
    if (at < 0) return check('lines', food, 'none');
    const [line] = left.splice(at, 1);
    const written = amount === undefined ? '' : ` ${number(line.amount?.low)}`;
    const measured = unit === undefined ? '' : ` ${line.unit}`;
    return check('lines', food, `${id}${written}${measured}`);
  });
  return [...found, ...left.map((line) => check('lines', 'no more', line.text))];
}

function number(rational) {
  if (rational === undefined) return '–';
  const [above, below = 1] = String(rational).split('/').map(Number);
  return Math.round((above / below) * 1000) / 1000;
}

const stepOf = (recipe, words) => recipe.steps.find(({ text }) => holds(text, words));

function stepChecks(said, recipe) {
  const [words, names = '', wait = ''] = said.split(/\s*::\s*/);
  const step = stepOf(recipe, words);
  if (!step) return [check('steps', words, 'no such step')];
  const foodsIn = names.split(', ').filter(Boolean);
  const idOf = (use) => recipe.lines.find(({ id }) => id === use.line)?.ingredient;
  const own = step.uses.map(idOf);
  const before = stepsBefore(step, recipe).flatMap(({ uses }) => uses.map(idOf));
  return [
    check('steps', words, words),
    ...foodsIn.map((food) =>
      check('uses', food, [...own, ...before].includes(food) ? food : `not in “${words}”`),
    ),
    ...own
      .filter((food) => food && !foodsIn.includes(food) && names !== '')
      .map((food) => check('uses', 'no more', `${food} in “${words}”`)),
    ...(wait === '' ? [] : [check('times', wait, waitOf(step, wait))]),
  ];
}

function waitOf({ waitMinutes, occupies }, wanted) {
  const [, , appliance] = wanted.split(' ');
  const minutes = waitMinutes ? `wait ${waitMinutes.low}-${waitMinutes.high}` : 'no wait';
  return appliance ? `${minutes} ${occupies?.appliance ?? 'nowhere'}` : minutes;
}

/** All that comes before a step, by its edges. */
function stepsBefore(step, { steps }) {
  const found = new Set();
  const open = [...step.after];
  while (open.length > 0) {
    const id = open.pop();
    if (found.has(id)) continue;
    found.add(id);
    open.push(...steps.find((each) => each.id === id).after);
  }
  return steps.filter(({ id }) => found.has(id));
}

/** The order itself where it holds: the first comes before the second by edges, or in a step by words. */
function orderOf(said, recipe) {
  const [first, second] = said.split(' | ');
  const [one, other] = [proposedOr(recipe, first), stepOf(recipe, second)];
  if (!one || !other) return `no step “${one ? second : first}”`;
  if (one === other)
    return plain(one.text).indexOf(plain(first)) < plain(one.text).indexOf(plain(second))
      ? said
      : 'the other way';
  return stepsBefore(other, recipe).includes(one) ? said : 'apart';
}

/** A step that was proposed is named by its food. */
function proposedOr(recipe, words) {
  return (
    recipe.steps.findLast((step) => step.proposed && holds(step.text.replace(/s\b/g, ''), words)) ??
    stepOf(recipe, words)
  );
}
