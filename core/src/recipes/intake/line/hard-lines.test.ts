import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  type Amount,
  formatVolume,
  measureSystems,
  type Rational,
  toNumber,
  unitIds,
  unitSize,
  writeAmount,
} from '../../../amounts/index.js';
import type { LineReading } from '../../types.js';
import { parseIngredientLine } from './line.js';

const read = (text: string) => parseIngredientLine(text, { system: 'metric' });
const shown = (amount: { low: string; high: string; unit?: string | null } | null) =>
  amount
    ? `${amount.low}${amount.high === amount.low ? '' : `..${amount.high}`} ${amount.unit ?? ''}`.trim()
    : '–';

/**
 * Line | amount and unit | ingredient | what else must be understood of it, as field=value. "–" stands for
 * none.
 */
const table = `
1-1/2 cups plain yogurt | 3/2 cup | yoghurt |
one and a half tablespoons tahini | 3/2 tbsp | tahini |
1 ½ tbsp honey | 3/2 tbsp | honey |
1½ tbsp honey | 3/2 tbsp | honey |
half a red onion, thinly sliced | 1/2 piece | red-onion | form=sliced
1/2 a red cabbage - about 400g | 1/2 piece | red-cabbage |
a quarter of a small red cabbage, shredded | 1/4 piece | red-cabbage | form=shredded
two thirds of a cup of walnuts, toasted | 2/3 cup | walnuts | form=toasted
three quarters of a cup of buttermilk | 3/4 cup | buttermilk |
between 2 and 3 tbsp cider vinegar | 2..3 tbsp | cider-vinegar |
2 to 3 garlic cloves, crushed to a paste with salt | 2..3 clove | garlic | form=crushed
2–3 tbsp olive oil | 2..3 tbsp | olive-oil |
½–¾ tsp chilli flakes | 1/2..3/4 tsp | chilli-flakes |
2 or 3 sprigs thyme | 2..3 sprig | thyme |
150 g / 5 oz feta, crumbled | 150 g | feta | second=5 oz
150g/5oz feta | 150 g | feta | second=5 oz
100 ml / 3½ fl oz double cream | 100 ml | cream | second=7/2 floz
1 cup (240 ml) buttermilk | 1 cup | buttermilk | second=240 ml
5 oz (150 g) baby spinach | 5 oz | baby-spinach | second=150 g
2 carrots (about 200 g), grated | 2 piece | carrot | second=200 g, form=grated, note=grated
1 cucumber (300 g) | 1 piece | cucumber | second=300 g
2 × 400 g tins chickpeas, drained and rinsed | 2 tin | tinned-chickpeas | pack=400 g, form=drained
2 x 400g cans chickpeas | 2 tin | tinned-chickpeas | pack=400 g
1 (15 oz) can black beans, rinsed | 1 tin | tinned-black-beans | pack=15 oz
1 x 400g/14oz tin chickpeas | 1 tin | tinned-chickpeas | pack=400 g
400 g tin butter beans | 1 tin | tinned-butter-beans | pack=400 g
a 400 g tin of white beans, drained | 1 tin | tinned-white-beans | pack=400 g
1 can (14.5 oz) diced tomatoes | 1 tin | tinned-tomatoes | pack=29/2 oz, form=diced
200 g jar roasted peppers, drained | 1 jar | roasted-peppers | pack=200 g
1 × 145 g tin tuna in oil, drained | 1 tin | tuna | pack=145 g, note=in oil, drained
2 large eggs | 2 piece | egg | name=eggs, note=large
1 large egg yolk | 1 piece | egg | byProducts=yolk
half a dozen eggs | 6 piece | egg |
2 dozen cherry tomatoes | 24 piece | cherry-tomato |
a dozen olives, pitted | 12 piece | olives | form=pitted
3 medium-sized carrots | 3 piece | carrot | name=carrots
juice of ½ lime | 1/2 piece | lime | byProducts=juice
the juice of half a lemon | 1/2 piece | lemon | byProducts=juice
juice and zest of 1 orange | 1 piece | orange | byProducts=juice+zest
finely grated zest of 1 lemon | 1 piece | lemon | byProducts=zest
2 limes, juice only | 2 piece | lime | byProducts=juice
2 tbsp lemon or lime juice | 2 tbsp | lemon | byProducts=juice, alternatives=lime juice
2 tbsp white wine vinegar or lemon juice | 2 tbsp | white-wine-vinegar | byProducts=, alternatives=lemon juice
lemon juice, to taste | – | lemon | byProducts=juice, toTaste=true
a squeeze of lemon | 1 squeeze | lemon | byProducts=juice
5 cm piece of ginger, grated | 5 cm | ginger | name=ginger, form=grated
1-inch piece fresh ginger | 1 inch | ginger | name=ginger
a thumb of ginger, grated | 4 cm | ginger | form=grated
a thumb-sized piece of ginger | 4 cm | ginger |
a good glug of olive oil | 5/4 glug | olive-oil |
a large handful of mint leaves | 1 handful | mint | form=leaves, basis=edible
a couple of handfuls of watercress | 2 handful | watercress |
a few sprigs of dill | 3 sprig | dill |
pinch salt | 1 pinch | fine-salt |
2 thick slices country bread, torn | 2 slice | sourdough | form=torn
4 rashers smoked bacon, snipped | 4 slice | smoked-bacon |
1 lb 4 oz tomatoes | 20 oz | tomato |
1 kg 200 g potatoes | 1200 g | potato |
¾ cup plus 1 tbsp olive oil | 27/2 tbsp | olive-oil |
1 cup + 2 tablespoons olive oil | 56/3 tbsp | olive-oil |
3 tbsp chopped parsley, plus 1 tbsp for the top | 3 tbsp | parsley | keptBack=1 tbsp, form=chopped, basis=edible
60 g hazelnuts, plus extra for serving | 60 g | hazelnuts | keptBack=–
warm water, 3–4 tbsp | 3..4 tbsp | water |
Olive oil 60 ml | 60 ml | olive-oil |
Flour: 200 g | 200 g | plain-flour |
thyme, leaves picked from 4 sprigs | 4 sprig | thyme | form=leaves
1) 2 tbsp olive oil | 2 tbsp | olive-oil |
2. 3 spring onions, sliced | 3 piece | spring-onion | form=sliced
• 2 tbsp olive oil | 2 tbsp | olive-oil |
🥕 3 carrots | 3 piece | carrot |
<b>2</b> carrots | 2 piece | carrot |
1,5 kg potatoes | 3/2 kg | potato |
1,000 g potatoes | 1000 g | potato |
1 T olive oil | 1 tbsp | olive-oil |
1 t salt | 1 tsp | fine-salt |
½ tsp pepper | 1/2 tsp | black-pepper |
1 pepper, charred | 1 piece | pepper | form=charred
salt to taste | – | fine-salt | toTaste=true
1 tbsp Dijon mustard, or to taste | 1 tbsp | dijon-mustard | toTaste=true
4 anchovy fillets, optional | 4 piece | anchovy | optional=true
(optional) 1 tsp chilli flakes | 1 tsp | chilli-flakes | optional=true
about 200 g green beans, trimmed | 200 g | green-beans | note=about, trimmed
2 tbsp capers in salt, rinsed | 2 tbsp | capers-in-salt | note=rinsed
500 g potatoes, peeled | 500 g | potato | basis=purchased, form=peeled
500 g peeled potatoes | 500 g | potato | basis=edible, form=peeled
6 ripe tomatoes, peeled, seeded and diced | 6 piece | tomato | form=diced
400 g butternut squash, peeled and cut into 2 cm cubes | 400 g | squash | form=cubed
2 tsps cumin seeds, toasted and ground | 2 tsp | cumin-seeds | form=toasted
1 c. walnuts | 1 cup | walnuts |
a little olive oil | – | olive-oil | toTaste=true
a touch of honey | – | honey | toTaste=true
the odd caper | – | capers | toTaste=true
2 INCHES OF GINGER | 2 inch | ginger | name=ginger
1,5 dl double cream | 150 ml | cream |
l/2 cup honey | 1/2 cup | honey |
1 l/2 cups honey | 3/2 cup | honey |
¹/₂ cup honey | 1/2 cup | honey |
1 & 1/2 cups flour | 3/2 cup | plain-flour |
I tbsp honey | 1 tbsp | honey |
2 (8 oz) packages cream cheese | 2 packet | cream-cheese | pack=8 oz
2 8-oz packages cream cheese | 2 packet | cream-cheese | pack=8 oz
1 pkg. (8 oz.) cream cheese | 1 packet | cream-cheese | pack=8 oz
12 oz. jar roasted red peppers | 1 jar | roasted-peppers | pack=12 oz
1 tin anchovies (50 g) | 1 tin | anchovy | pack=50 g
1 stick butter | 4 oz | butter |
Egg yolks 2 | 2 piece | egg | byProducts=yolk
▢ 2 tbsp tahini | 2 tbsp | tahini |
[ ] 2 tbsp tahini | 2 tbsp | tahini |
2 scant cups flour | 3/2 cup | plain-flour |
1 heaped tbsp tahini | 5/4 tbsp | tahini |
1 level tbsp tahini | 1 tbsp | tahini |
2 large or 3 small carrots | 2 piece | carrot | alternatives=3 small carrots
1 med. onion | 1 piece | onion |
a 2-inch piece of ginger | 2 inch | ginger |
275 g cooked chickpeas | 275 g | tinned-chickpeas | basis=edible
275 g cooked chickpeas (from dried) | 275 g | dried-chickpeas | form=cooked
200 g black beans, drained | 200 g | tinned-black-beans |
50 g apricots, dried | 50 g | dried-apricots |
6 cloves | 6 piece | cloves |
4 hearts of palm | 4 piece | hearts-of-palm |
2 lime leaves | 2 piece | lime-leaves |
1 red onion or 2 shallots, thinly sliced | 1 piece | red-onion | alternatives=2 shallots
`
  .trim()
  .split('\n')
  .map((row) => {
    const [text, amount, ingredient, more = ''] = row.split('|').map((part) => part.trim()) as [
      string,
      string,
      string,
      string,
    ];
    return {
      text,
      amount,
      ingredient,
      more: more
        ? more.split(/, (?=\w+=)/).map((each) => each.split('=') as [keyof LineReading, string])
        : [],
    };
  });

function fieldOf(reading: LineReading, field: keyof LineReading): string {
  if (field === 'second' || field === 'pack') return shown(reading[field]);
  if (field === 'keptBack') return shown(reading.keptBack?.amount ?? null);
  if (field === 'byProducts' || field === 'alternatives') return reading[field].join('+');
  return String(reading[field]);
}

describe('harder lines', () => {
  it.each(table)('$text', ({ text, amount, ingredient, more }) => {
    const reading = read(text);
    expect([
      reading.amount ? shown({ ...reading.amount, unit: reading.unit }) : '–',
      reading.ingredient,
      reading.unread,
    ]).toEqual([amount, ingredient, '']);
    expect(more.map(([field]) => [field, fieldOf(reading, field)])).toEqual(more);
    expect(reading.confidence).toBeGreaterThanOrEqual(0.6);
  });
});

describe('what is only half understood is marked with a low confidence', () => {
  it.each([
    ['lots of parsley', 'parsley', '“lots of” is not an amount: write how much'],
    ['some mint', 'mint', '“some” is not an amount: write how much'],
    ['salt and pepper to taste', null, '“salt and pepper” names two things: write each on a line of its own'],
    [
      '1 tsp each cumin and coriander seeds',
      null,
      '“each cumin and coriander seeds” names two things: write each on a line of its own',
    ],
    ['1 whole egg and 1 yolk', 'egg', '“and 1 yolk” was not read: write it on a line of its own'],
    ['1 1/2 tbsp', null, 'no ingredient is named'],
    ['1.000 g potatoes', 'potato', '“1.000” can be 1 or 1000: write which'],
    ['2 tbsp oil', null, '“oil” can be several things'],
    ['400 g black beans', null, '“black beans” can be several things'],
  ])('%s', (text, ingredient, unread) => {
    const reading = read(text);
    expect(reading).toMatchObject({ text, ingredient, unread });
    expect(reading.confidence).toBeLessThan(0.6);
  });
});

describe('the exact written form of an amount', () => {
  const amountOf = fc
    .record({
      unit: fc.constantFrom(...unitIds),
      top: fc.integer({ min: 1, max: 400 }),
      bottom: fc.integer({ min: 1, max: 16 }),
      more: fc.integer({ min: 0, max: 9 }),
    })
    .map(({ unit, top, bottom, more }): Amount => {
      const fraction = (count: number) => {
        const divisor = greatest(count, bottom);
        const text = `${count / divisor}/${bottom / divisor}`;
        return (bottom / divisor === 1 ? String(count / divisor) : text) as Rational;
      };
      return { low: fraction(top), high: fraction(top + more), unit };
    });
  const greatest = (a: number, b: number): number => (b === 0 ? a : greatest(b, a % b));
  it('reads back to the same amount, for every unit and for ranges', () => {
    fc.assert(
      fc.property(amountOf, (amount) => {
        const reading = read(`${writeAmount(amount)} walnuts`);
        expect({ ...reading.amount, unit: reading.unit }).toEqual(amount);
      }),
      { numRuns: 800 },
    );
  });
});

describe('the kitchen form of a volume', () => {
  it('read back is off by no more than it says', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.6, max: 2900, noNaN: true }),
        fc.constantFrom(...measureSystems),
        (millilitres, system) => {
          const text = formatVolume(millilitres, system);
          const parts = text.text
            .split(' + ')
            .map((part) => parseIngredientLine(`${part} water`, { system }));
          const total = parts.reduce(
            (sum, part) => sum + toNumber(part.amount!.low) * toNumber(unitSize(part.unit!, system)!),
            0,
          );
          // Litres are written to two figures behind the point; spoons and cups state their error exactly.
          expect(Math.abs(total / millilitres - 1 - text.error)).toBeLessThan(0.005);
        },
      ),
      { numRuns: 400 },
    );
  });
});
