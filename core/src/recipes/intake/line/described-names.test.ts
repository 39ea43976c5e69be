import { describe, expect, it } from 'vitest';
import { parseIngredientLine } from './line.js';

/** Foods with what people say of them: how fat, how salty, how ripe, of which kind; then what is bought. */
const table = `
1/3 cup creamy peanut butter | peanut-butter
3 tbsp crunchy peanut butter | peanut-butter
3 tbsp low-fat natural yoghurt | low-fat-yoghurt
2 tsp reduced-salt soy sauce | reduced-salt-soy-sauce
1 tbsp low sodium soy sauce | reduced-salt-soy-sauce
150 g frozen edamame beans | edamame
a few spinach leaves | baby-spinach
1 tsp salad oil | none
1/4 cup split moong dal | moong-dal
250 g small green lentils | green-lentils
100 g day-old sourdough bread | sourdough
1 tin chopped tomatoes in juice | tinned-tomatoes
2 little gem lettuces, outer leaves removed | little-gem
1 pack ready-cooked puy lentils | cooked-puy-lentils
200 g half-fat crème fraîche | creme-fraiche
3 heaped tbsp full-fat mayonnaise | mayonnaise
1 tbsp raw honey | honey
1 tsp unrefined sea salt | fine-salt
a wedge of Parmesan, shaved | parmesan
50 g grated mature cheddar cheese | cheddar
1 roasted red pepper from a jar | roasted-peppers
80 g blanched whole almonds | almonds
2 tbsp cold-pressed rapeseed oil | rapeseed-oil
1 large free-range egg yolk | egg
1 small shallot, peeled and minced | shallot
300 g new potatoes, scrubbed | new-potato
2 sweet eating apples | apple
1 bunch curly parsley | curly-parsley
3 sprigs of fresh thyme leaves | thyme
10 g fresh root ginger | ginger
1 tbsp toasted white sesame seeds | sesame-seeds
2 tbsp unsweetened desiccated coconut | desiccated-coconut
125 ml unsweetened soya milk | soya-milk
1 handful salted roasted peanuts | peanuts
200 g vacuum-packed beetroot | cooked-beetroot
400 g can cannellini beans in water | tinned-white-beans
1 tbsp good-quality aged balsamic | balsamic-vinegar
50 ml extra virgin olive oil (peppery) | extra-virgin-olive-oil
1 ripe Hass avocado | avocado
8 medjool dates, stoned | dates
1 tsp mild smoked paprika | smoked-paprika
2 anchovy fillets in oil | anchovy
1 tsp runny acacia honey | honey
150 g thick set Greek style yoghurt | strained-yoghurt
1 small head of radicchio di Treviso | treviso
200 g skinless boneless salmon fillet | salmon
1 tbsp freshly squeezed lemon juice | lemon
100 g mixed pitted olives | olives
60 g sun-dried tomatoes in oil, drained | sun-dried-tomatoes
1 tbsp finely snipped chives | chives
100 g frozen petits pois | peas
half a crusty baguette | baguette
1 tsp coarse ground black pepper | black-pepper
1 tbsp light olive oil mayonnaise | none
2 tbsp reduced-fat soured cream | soured-cream
3 cups loosely packed arugula | rocket
1 jumbo English cucumber | cucumber
2 Persian cucumbers | mini-cucumber
1/2 tsp kosher salt (I use the flaky kind) | coarse-salt
1 cup shelled fresh peas | fresh-peas
1 tsp superfine sugar | caster-sugar
2 Granny Smith apples | granny-smith
1 Braeburn apple | apple
1 Pink Lady | apple
2 Conference pears | conference-pear
1 Bosc pear | pear
500 g Charlotte potatoes | waxy-potato
1 kg Maris Piper | floury-potato
500 g Yukon Golds | waxy-potato
4 russet potatoes | floury-potato
500 g Jersey Royals | new-potato
6 Roma tomatoes | plum-tomatoes
2 beefsteak tomatoes | beef-tomatoes
250 g San Marzano tomatoes, fresh | plum-tomatoes
1 Hass avocado | avocado
1 Lebanese cucumber | mini-cucumber
1 Vidalia onion | sweet-onion
1 Spanish onion | sweet-onion
2 serrano chillies | serrano-chilli
2 bird's eye chillies | birds-eye-chilli
1 Romano pepper | pointed-pepper
1 crown prince squash | none
1 Savoy cabbage | savoy-cabbage
1 pointed cabbage | pointed-cabbage
1 head Lollo rosso | lollo-rosso
1 cos lettuce | cos-lettuce
2 Ruby grapefruit | pink-grapefruit
3 Satsumas | satsuma
1 Charentais melon | cantaloupe
1 Galia melon | melon
1 Alphonso mango | mango
2 Black Mission figs | fig
250 g Muscat grapes | grapes
2 Nashi pears | asian-pear
100 g Cavolo nero | black-kale
2 Kalamata olives | black-olives
100 g Castelvetrano olives | green-olives
200 g Beluga lentils | black-lentils
100 g Carnaroli rice | risotto-rice
bunch of dhania (coriander) | coriander
2 brinjals (aubergines) | aubergine
1 tsp haldi (ground turmeric) | turmeric
100 g cheese (cashew) | none
100 mils sherry vinegar | sherry-vinegar
1 dessertspoonful honey | honey
`
  .trim()
  .split('\n')
  .map((row) => row.split(' | ') as [string, string]);

describe('a food with what is said of it', () => {
  it.each(table)('%s', (line, food) =>
    expect(parseIngredientLine(line, { system: 'metric' }).ingredient ?? 'none').toBe(food),
  );
});
