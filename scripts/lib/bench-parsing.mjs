import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './machine.mjs';
import { median, row, timed } from './measure.mjs';

/** The share of written lines and recipes that is understood in full, by what was written beside them. */
export function benchUnderstanding(core) {
  const folder = join(root, 'core', 'src', 'recipes', 'intake', 'corpus');
  const read = (name) => readFileSync(join(folder, name), 'utf8').trim();
  const amountOf = ({ amount, unit }) =>
    amount ? `${amount.low}${amount.high === amount.low ? '' : `..${amount.high}`} ${unit}` : '–';
  const shown = (line) => `${amountOf(line)} ${line.ingredient ?? '?'}`;
  const share = (all) => `${all.filter(Boolean).length} of ${all.length}`;
  const lines = read('lines.txt')
    .split('\n')
    .map((written) => {
      const [text, amount, ingredient] = written.split(' | ');
      return shown(core.parseIngredientLine(text, { system: 'metric' })) === `${amount} ${ingredient}`;
    });
  const recipes = read('recipes.txt')
    .split(/^@ /m)
    .slice(1)
    .map((block) => {
      const [head, ...rows] = block.trimEnd().split('\n');
      const [, serves, kind] = head.split(' | ');
      const wanted = rows.filter((each) => each.startsWith('= ')).map((each) => each.slice(2));
      const text = rows.filter((each) => !each.startsWith('= ')).join('\n');
      const recipe = core.parseRecipeText(text, { system: 'us' });
      const found = recipe.lines.map(shown);
      const facts = recipe.serves === Number(serves) && recipe.kind === kind;
      return {
        lines: wanted.map((each) => found.includes(each)),
        isWhole: facts && `${found}` === `${wanted}`,
      };
    });
  row('lines understood in full', share([...lines, ...recipes.flatMap((recipe) => recipe.lines)]));
  row('recipes understood in full', share(recipes.map(({ isWhole }) => isWhole)));
}

export function benchParsing(core) {
  const lines = [
    '2 × 400 g tins chickpeas, drained and rinsed',
    '¾ cup plus 1 tbsp olive oil',
    'zest and juice of 2 oranges',
    '3 tbsp chopped parsley, plus 1 tbsp for the top',
    '500 g peeled potatoes',
  ];
  const thousand = Array.from({ length: 1000 }, (_, index) => lines[index % lines.length]);
  const parse = () => thousand.forEach((line) => core.parseIngredientLine(line, { system: 'metric' }));
  parse();
  row('parseIngredientLine, 1 000 lines', `${timed(parse, 11).toFixed(1)} ms median`);
}

/** Lines of odd words, up to the longest that is read. */
export function benchOddLines(core) {
  const words = [
    '1',
    '½',
    '2 to 3',
    '(',
    '400 g',
    'tin',
    ',',
    'or',
    'and',
    'plus',
    'for the top',
    'in',
    'oil',
    'olive',
    'lemon',
    'juice',
    'zest of',
    'a',
    'x',
    '/',
    'of',
    'piece',
    'chopped',
    '(about',
    'to taste',
    '1/0',
    'dozen',
    ')',
    'parsley',
  ];
  let seed = 7;
  const random = () => {
    seed = (seed * 1103515245 + 12345) & 0x7fffffff;
    return seed / 0x7fffffff;
  };
  const lines = Array.from({ length: 3000 }, () =>
    Array.from({ length: 1 + Math.floor(random() * 60) }, () => words[Math.floor(random() * words.length)])
      .join(' ')
      .slice(0, 400),
  );
  const times = lines.map((line) => timed(() => core.parseIngredientLine(line, { system: 'metric' }), 3));
  row('parseIngredientLine, one odd line of up to 400 characters', `${median(times).toFixed(2)} ms median`);
}
