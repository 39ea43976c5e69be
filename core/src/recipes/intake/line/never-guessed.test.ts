import { describe, expect, it } from 'vitest';
import { standardLarder } from '../../../larder/index.js';
import { parseIngredientLine } from './line.js';
import { isKnownName } from './names.js';
import { isOnlyFoodOpen } from './which-food.js';

/** Words that make another food of what they stand before. */
const modifiers = `
peanut almond oat rice soya coconut hazelnut walnut cashew truffle chilli garlic celery lemon lime tomato
onion chicken beef fish mushroom salmon cod smoked pickled candied salted dried powdered vegan fermented
goat buffalo rye barley sesame mustard pumpkin
`
  .trim()
  .split(/\s+/);
/** Heads that are food by themselves, or by many names. */
const heads = `
oil, butter, milk, cream, flour, stock, salt, sauce, paste, seeds, powder, bread, vinegar, juice, leaves,
sprouts, jam, noodles, cheese, crisps, yoghurt, syrup, sugar, mayonnaise, mustard, soup, relish, jelly,
liqueur, wine
`
  .trim()
  .replace(/\s+/g, ' ')
  .split(', ');
/** Foods that are another thing in each of these states. */
const foods = `
strawberries, tomatoes, carrots, beetroot, cucumber, lemons, mackerel, prawns, chicken breast, eggs, feta,
almonds, spinach, onions, peaches, figs, potatoes, mushrooms, basil, dill
`
  .trim()
  .replace(/\s+/g, ' ')
  .split(', ');
const states = ['smoked', 'pickled', 'candied', 'freeze-dried', 'salted', 'fermented', 'cured', 'powdered'];
const more = `
day-lily buds, rock samphire, eel, smoked sprats, nutritional broth, egg powder, butter powder, milk
powder, buttermilk powder, cream of tartar, cream soda, salt beef, salt pork, pepper steak, garlic bread,
garlic butter, onion bhaji, potato bread, potato crisps, potato vodka, rice bran oil, rice bran, rice cakes,
corn bread, corn syrup solids, lemon verbena, lemon myrtle, lime cordial, orange squash, orange liqueur,
apple brandy, apple butter, pear cider, fig leaves, peach leaves, grape seed flour, tomato leaves, tomato
ketchup powder, celery root chips, fennel salami, mint chocolate, mint humbugs, basil seeds, sage derby,
dill pollen, parsley root, coriander roots, egg custard, egg salad, cheese straws, cheese sauce, yoghurt
raisins, honey ham, honey roast cashews, honey dew wine, bacon jam, bacon salt, prawn crackers, prawn paste,
shrimp paste, fish fingers, fish balls, fish cakes, crab apples, crab paste, chicken salt, chicken nuggets,
turkey ham, duck sauce, beef tea, beef tomatoes in juice, lamb bacon, ham hock, bean curd skin, bean paste,
pea protein, lentil crisps, chickpea pasta, chickpea miso, almond extract, almond paste, walnut pesto,
cashew cream, peanut sauce, sesame bread, poppy seed bread, sunflower lecithin, pumpkin pie spice, mustard
cress seeds, pepper jack, black pepper crackers, pepper salami, chilli chocolate, cinnamon sugar, vanilla
yoghurt, maple bacon, maple butter, sugar cane, sugar free syrup, water kefir, water spinach, watercress
soup, rocket pesto, kale crisps, beet sugar, carrot cake, radish kimchi, turnip tops, leek powder, sweet
potato noodles, avocado leaves, cucumber vodka, olive bread, caper leaves, anchovy paste, tuna mayonnaise,
gherkin relish, tahini halva, harissa powder, miso butter, soy lecithin, oyster crackers, vinegar powder,
balsamic pearls, butter-flavoured oil, low-fat spread, fat-free feta, sugar-free jam, alcohol-free wine,
salt-free stock, reduced-fat cream cheese, goat butter, buffalo milk, sheep's butter, oat bran, wheat bran,
wheat grass, barley grass, rye whiskey, quinoa milk, quinoa flakes, potato salad, pasta salad, rice pudding,
bread sauce, bread mix, brioche crumbs, cracker crumbs, gluten-free crackers
`
  .trim()
  .replace(/\s+/g, ' ')
  .split(', ');

const crossed = modifiers.flatMap((modifier) => heads.map((head) => `${modifier} ${head}`));
const stated = foods.flatMap((food) => states.map((state) => `${state} ${food}`));
const unknown = [...new Set([...crossed, ...stated, ...more])].filter(
  // Lemons and limes are what their juice is bought as.
  (name) => !isKnownName(name) && !/^(?:lemon|lime) juice$/.test(name),
);

const read = (text: string) => parseIngredientLine(text, { system: 'metric' });
const guessed = (lines: readonly string[]) =>
  lines.flatMap((line) => {
    const { ingredient } = read(line);
    return ingredient === null ? [] : [`${line} → ${ingredient}`];
  });

describe('nothing is read as something else', () => {
  it('at least 1 000 names that the larder does not have are crossed', () =>
    expect(unknown.length).toBeGreaterThan(1000));
  it('each is asked about, by weight', () =>
    expect(guessed(unknown.map((name) => `200 g ${name}`))).toEqual([]));
  it('and by the spoon, the piece and the bunch', () =>
    expect(
      guessed(unknown.flatMap((name) => [`2 tbsp ${name}`, `2 ${name}, chopped`, `1 bunch of ${name}`])),
    ).toEqual([]));
  it('with what is said behind it; a vegetable is salted at the bench', () =>
    expect(
      guessed(
        foods.flatMap((food) =>
          states
            .filter((state) => state !== 'salted' && !isKnownName(`${state} ${food}`))
            .map((state) => `200 g ${food}, ${state}`),
        ),
      ),
    ).toEqual([]));
  it('the line is marked, and its words are kept', () => {
    const { name, unread, confidence } = read('200 g smoked sprats');
    expect([name, unread]).toEqual([
      'smoked sprats',
      '“smoked sprats” is not in the larder: probably a fish, not known which',
    ]);
    expect(confidence).toBeLessThan(0.6);
  });
  it('what the larder does have is read, by each of its names', () => {
    const wrong = [...standardLarder.ingredients.values()].flatMap(({ id, names }) =>
      [names.uk, names.us, ...names.also]
        .filter((name) => !/,/.test(name))
        .flatMap((name) => {
          const { ingredient, unread } = read(`100 g ${name}`);
          return ingredient === id || /several things|names two/.test(unread)
            ? []
            : [`${name} → ${ingredient}, not ${id}`];
        }),
    );
    expect(wrong).toEqual([]);
  });
});

describe('a line of which only the food is open', () => {
  const lineOf = (text: string) => parseIngredientLine(text, { system: 'metric' });
  it.each([
    ['100 g moon dust', true],
    ['100 g river fish fillets', true],
    ['100 g feta', false],
  ])('%s: %s', (text, is) => expect(isOnlyFoodOpen(lineOf(text))).toBe(is));
});
