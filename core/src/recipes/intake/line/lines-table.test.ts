import { describe, expect, it } from 'vitest';
import { parseIngredientLine } from './line.js';

/** Amount, unit, ingredient and main form of lines as people write them; "–" stands for none. */
const table = `
2 tbsp extra virgin olive oil | 2 tbsp extra-virgin-olive-oil –
2 tablespoons extra-virgin olive oil | 2 tbsp extra-virgin-olive-oil –
1 tsp. Dijon mustard | 1 tsp dijon-mustard –
1 teaspoon wholegrain mustard | 1 tsp wholegrain-mustard –
60 ml sherry vinegar | 60 ml sherry-vinegar –
1 litre water | 1 l water –
2 pints milk | 2 pint milk –
3 oz blue cheese, crumbled | 3 oz blue-cheese crumbled
1 lb beets, peeled | 1 lb beetroot peeled
1½ pounds carrots | 3/2 lb carrot –
1 kilo new potatoes | 1 kg new-potato –
4 large eggs, beaten | 4 piece egg beaten
2 medium courgettes, grated | 2 piece courgette grated
1 small red onion, finely diced | 1 piece red-onion diced
1 banana shallot, minced | 1 piece shallot minced
3 spring onions, thinly sliced | 3 piece spring-onion sliced
3 green onions, chopped | 3 piece spring-onion chopped
2 bell peppers, charred and peeled | 2 piece pepper charred
1 red capsicum, diced | 1 piece red-pepper diced
½ head white cabbage, shredded | 1/2 head cabbage shredded
2 romaine hearts, torn | 2 piece cos-lettuce torn
1 head romaine | 1 head cos-lettuce –
100 g baby arugula | 100 g rocket –
200 g spinach, washed | 200 g baby-spinach washed
a bunch of flat-leaf parsley | 1 bunch parsley –
½ bunch cilantro, chopped | 1/2 bunch coriander chopped
20 g basil leaves | 20 g basil leaves
6 mint leaves, torn | 6 leaf mint torn
4 sprigs thyme, stripped | 4 sprig thyme stripped
2 bay leaves | 2 leaf bay-leaf –
1 tbsp chopped dill | 1 tbsp dill chopped
2 tbsp chives, sliced | 2 tbsp chives sliced
2 cloves of garlic, minced | 2 clove garlic minced
1 garlic clove, grated | 1 clove garlic grated
3 cm ginger, peeled and grated | 3 cm ginger grated
1 inch fresh ginger, sliced | 1 inch ginger sliced
1 red chilli, seeded and minced | 1 piece red-chilli minced
2 celery stalks, diced | 2 stalk celery diced
3 sticks celery, sliced | 3 stalk celery sliced
1 fennel bulb, shaved | 1 head fennel shaved
2 bulbs of fennel | 2 head fennel –
1 cucumber, peeled, seeded and diced | 1 piece cucumber diced
250 g cherry tomatoes, halved | 250 g cherry-tomato halved
4 ripe tomatoes, cored | 4 piece tomato cored
400 g butternut squash, cubed | 400 g squash cubed
1 avocado, diced | 1 piece avocado diced
2 eggplants, charred | 2 piece aubergine charred
300 g green beans, trimmed | 300 g green-beans trimmed
1 broccoli, cut in florets | 1 piece broccoli florets
200 g frozen peas | 200 g peas –
juice of 1 lemon | 1 piece lemon juiced
zest of 1 orange | 1 piece orange zested
zest and juice of 1 lime | 1 piece lime zested
3 tbsp freshly squeezed lime juice | 3 tbsp lime juiced
½ cup orange juice | 1/2 cup orange juiced
2 oranges, segmented | 2 piece orange segmented
1 grapefruit, in fillets | 1 piece grapefruit segmented
2 pears, cored and sliced | 2 piece pear sliced
1 crisp apple, in matchsticks | 1 piece apple matchsticks
100 g pomegranate seeds | 100 g pomegranate –
1 handful grapes, halved | 1 handful grapes halved
6 soft dates, pitted and chopped | 6 piece dates chopped
30 g raisins, soaked | 30 g raisins soaked
1 tin chickpeas, drained | 1 tin tinned-chickpeas drained
1 tin chopped tomatoes | 1 tin tinned-tomatoes chopped
100 g orange segments | 100 g orange segmented
1 tin lentils | 1 tin tinned-lentils –
1 can garbanzo beans, rinsed | 1 tin tinned-chickpeas rinsed
2 tins of butter beans, drained and rinsed | 2 tin tinned-butter-beans drained
1 x 400g tin black beans | 1 tin tinned-black-beans –
1 small tin sweetcorn, drained | 1 tin sweetcorn drained
1 jar roasted peppers, chopped | 1 jar roasted-peppers chopped
4 anchovy fillets, chopped | 4 piece anchovy chopped
2 tbsp capers, rinsed | 2 tbsp capers rinsed
50 g black olives, pitted | 50 g black-olives pitted
3 gherkins, chopped | 3 piece gherkins chopped
2 tbsp tahini | 2 tbsp tahini –
1 tbsp mayo | 1 tbsp mayonnaise –
1 tsp white miso | 1 tsp miso –
1 dash hot sauce | 1 dash hot-sauce –
1 tbsp soy sauce | 1 tbsp soy-sauce –
a splash of fish sauce | 1 splash fish-sauce –
a drizzle of pomegranate molasses | 1 drizzle pomegranate-molasses –
250 g pearl barley, cooked | 250 g pearl-barley cooked
150 g bulgur, soaked | 150 g bulgur soaked
1 cup quinoa, rinsed | 1 cup quinoa rinsed
200 g dried chickpeas, soaked overnight | 200 g dried-chickpeas soaked
100 g dried green lentils | 100 g green-lentils –
80 g walnuts, toasted and chopped | 80 g walnuts toasted
a handful of hazelnuts, crushed | 1 handful hazelnuts crushed
30 g flaked almonds, toasted | 30 g flaked-almonds toasted
2 tbsp pumpkin seeds | 2 tbsp pumpkin-seeds –
1 tbsp sesame seeds, toasted | 1 tbsp sesame-seeds toasted
a pinch of fine salt | 1 pinch fine-salt –
2 pinches flaky salt | 2 pinch flake-salt –
1 tsp kosher salt | 1 tsp coarse-salt –
¼ tsp freshly ground black pepper | 1/4 tsp black-pepper –
1 tsp cumin seeds, toasted and ground | 1 tsp cumin-seeds toasted
½ tsp smoked paprika | 1/2 tsp smoked-paprika –
⅛ tsp red pepper flakes | 1/8 tsp chilli-flakes –
1 tsp sumac | 1 tsp sumac –
1 tbsp honey | 1 tbsp honey –
2 tsp caster sugar | 2 tsp caster-sugar –
200 g Greek yoghurt | 200 g strained-yoghurt –
150 ml buttermilk | 150 ml buttermilk –
a knob of butter, melted | 1 knob butter melted
60 g feta, crumbled | 60 g feta crumbled
50 g parmesan, shaved | 50 g parmesan shaved
1 ball fresh mozzarella, torn | 1 piece mozzarella torn
4 slices stale bread, torn | 4 slice sourdough torn
2 flatbreads, toasted | 2 piece flatbread toasted
1 chicken breast, cooked | 1 piece chicken-breast cooked
200 g peeled prawns | 200 g prawns –
`
  .trim()
  .split('\n')
  .map((row) => {
    const [text, expected] = row.split(' | ') as [string, string];
    const [amount, unit, ingredient, form] = expected.split(' ') as [string, string, string, string];
    return { text, amount, unit, ingredient, form: form === '–' ? null : form };
  });

describe('lines as people write them', () => {
  it.each(table)('$text', ({ text, amount, unit, ingredient, form }) => {
    const read = parseIngredientLine(text, { system: 'metric' });
    expect({
      amount: read.amount?.low,
      unit: read.unit,
      ingredient: read.ingredient,
      form: read.form,
    }).toEqual({ amount, unit, ingredient, form });
    expect(read.unread).toBe('');
  });
});
