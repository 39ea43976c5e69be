import { describe, expect, it } from 'vitest';
import { writeAmount } from '../../../amounts/index.js';
import { parseRecipeText } from '../text/text.js';
import { acceptFinding, declineFinding, hasFinding, offeredFindings } from './accepted.js';
import { findInSteps } from './findings.js';
import { byProductsIn } from './by-products-of-steps.js';

const lines = parseRecipeText(
  [
    'All sorts',
    '200 g smoked streaky bacon',
    '1 tin anchovies (50 g), drained',
    '2 × 400 g tins chickpeas, drained',
    '3 oranges, segmented',
    '200 g orzo',
    '',
    'Mix.',
  ].join('\n'),
  { system: 'metric' },
).lines;
const line = (name: string) => lines.filter((each) => each.text.includes(name));
const found = (text: string, name = '') =>
  byProductsIn(text, name ? line(name) : []).map(({ ingredient, amount }) => [
    ingredient,
    writeAmount(amount),
  ]);

describe('by-products that a step keeps', () => {
  it.each<[string, string, (readonly string[])[]]>([
    // A quarter of 200 g is rendered: 50 g ÷ 0.9 g/ml = 56 ml.
    ['Fry the bacon until crisp and keep the fat.', 'bacon', [['bacon-fat', '56 ml']]],
    ['Crisp the bacon, reserving the drippings.', 'bacon', [['bacon-fat', '56 ml']]],
    // 2 tins of 400 g, of which 38 % is liquid: 304 g ÷ 1.02 g/ml = 298 ml.
    ['Drain the chickpeas, keeping the liquid.', 'chickpeas', [['chickpea-liquid', '298 ml']]],
    ['Drain, reserving 100 ml of the cooking water.', 'orzo', [['cooking-liquid', '100 ml']]],
    ['Drain the orzo, saving 2 tbsp.', 'orzo', [['cooking-liquid', '2 tbsp']]],
    ['Drain the pasta, saving a ladleful of its water.', 'orzo', [['cooking-liquid', '100 ml']]],
    ['Lift out the mushrooms and keep the soaking liquid.', '', [['soaking-liquid', '150 ml']]],
    ['Tip the chicken on a plate and save the roasting juices.', '', [['pan-juices', '30 ml']]],
    ['Fry the shallots, then drain them, reserving the oil.', '', [['pan-oil', '45 ml']]],
    ['Lift out the onions; keep the brine.', '', [['pickle-brine', '60 ml']]],
    // 3 oranges × 20 ml.
    ['Cut out the fillets and squeeze the membranes over a bowl.', 'oranges', [['orange', '60 ml']]],
    // A use of one, and what is none.
    ['Fry the bread in the fat.', 'bacon', []],
    ['Use the fat for the dressing.', 'bacon', []],
    ['Drain the chickpeas and discard the liquid.', 'chickpeas', []],
    ['Keep the salad in the fridge.', '', []],
    ['Keep warm while you heat the oil.', '', []],
  ])('%s', (text, name, offeredByProducts) => expect(found(text, name)).toEqual(offeredByProducts));

  it('are chips that are taken on and off', () => {
    const recipe = parseRecipeText(
      'Bacon salad\n200 g smoked streaky bacon\n\nFry the bacon until crisp and keep the fat.',
      { system: 'metric' },
    );
    const step = recipe.steps[0]!;
    expect(step.gives).toEqual([
      { text: 'fat', ingredient: 'bacon-fat', amount: { low: '56', high: '56', unit: 'ml' } },
    ]);
    const [findings] = findInSteps([step.text], recipe.lines);
    const gift = offeredFindings(step, findings!, recipe.lines).find(({ kind }) => kind === 'gift')!;
    expect(gift.label).toBe('leaves ~ 56 ml fat');
    const without = declineFinding(step, gift);
    expect([without.gives, hasFinding(without, gift)]).toEqual([[], false]);
    expect(offeredFindings(without, findings!, recipe.lines)).not.toContainEqual(gift);
    expect(acceptFinding(without, gift).gives).toEqual(step.gives);
  });
});
