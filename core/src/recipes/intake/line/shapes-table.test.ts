import { describe, expect, it } from 'vitest';
import { addLines, type FoundLines } from '../text/ingredient-rows.js';

/** The lines of one written row: amount, unit and food, as a cook would write them down. */
function linesOf(row: string): string[] {
  const found: FoundLines = { components: [], lines: [] };
  addLines(found, [row], 'Salad', { system: 'metric' });
  return found.lines.map(({ reading: { amount, unit, ingredient, name } }) => {
    const ends = amount && (amount.low === amount.high ? amount.low : `${amount.low}-${amount.high}`);
    return [ends, unit === 'piece' ? null : unit, ingredient ?? `?${name}`].filter(Boolean).join(' ');
  });
}

describe('a row as people write it', () => {
  it.each([
    // The amount stands behind its food.
    ['Feta – 200 g', '200 g feta'],
    ['olive oil - 80 ml', '80 ml olive-oil'],
    ['lemon - 1', '1 lemon'],
    ['Lemons: 2', '2 lemon'],
    ['Rocket = 60 g', '60 g rocket'],
    ['yoghurt (200 g)', '200 g yoghurt'],
    ['Feta .... 200 g', '200 g feta'],
    ['Sunflower oil 45 % 450 g', '450 g sunflower-oil'],
    ['Cucumber 2 no.', '2 cucumber'],
    ['cherry tomatoes 250g, halved', '250 g cherry-tomato'],
    // A stated measure wins over a loose one.
    ['a splash of olive oil (2–3 tbsp)', '2-3 tbsp olive-oil'],
    ['a good glug of olive oil (about 30 ml)', '30 ml olive-oil'],
    ['a handful of rocket (50 g)', '50 g rocket'],
    ['small handful of mint, about 10 g', '10 g mint'],
    // Bounds.
    ['up to 3 tbsp olive oil', '3 tbsp olive-oil'],
    ['at least 4 carrots', '4 carrot'],
    ['no more than 1 tsp sugar', '1 tsp caster-sugar'],
    ['max 2 chillies', '2 chilli'],
    // Packs.
    ['2x400g tins chickpeas', '2 tin tinned-chickpeas'],
    ['2 x 400g tins of chickpeas', '2 tin tinned-chickpeas'],
    ['400g tin chickpeas x 2', '2 tin tinned-chickpeas'],
    ['two 400 g tins chickpeas', '2 tin tinned-chickpeas'],
    // Shares in words.
    ['quarter of a white cabbage', '1/4 cabbage'],
    ['a quarter of a red cabbage, shredded', '1/4 red-cabbage'],
    ['third of a cucumber', '1/3 cucumber'],
    ['half a red cabbage', '1/2 red-cabbage'],
    // Halves and quarters of what comes whole.
    ['14 boiled egg halves', '7 egg'],
    ['8 egg quarters', '2 egg'],
    ['2 avocado halves', '1 avocado'],
    // Juice and zest.
    ['juice 1 lemon', '1 lemon'],
    ['zest 2 limes', '2 lime'],
    ['juice & zest 1 orange', '1 orange'],
    // Lengths and loose sizes.
    ['thumb of ginger', '4 cm ginger'],
    ['thumb-sized piece of ginger', '4 cm ginger'],
    ['4 inches of cucumber', '4 inch cucumber'],
    // Several foods in one row.
    ['2 carrots, 1 parsnip', '2 carrot', '1 parsnip'],
    ['3 tomatoes / 3 small cucumbers / 6 radishes', '3 tomato', '3 cucumber', '6 radish'],
    ['bunch of mint, bunch of parsley', '1 bunch mint', '1 bunch parsley'],
    ['a small head of cos and a big handful of parsley', '1 head cos-lettuce', '1 handful parsley'],
    ['1 carrot + 1 stick celery', '1 carrot', '1 stalk celery'],
    ['equal parts lemon juice and olive oil, ¼ cup each', '1/4 cup lemon', '1/4 cup olive-oil'],
    ['salt and sugar, 1 tsp each', '1 tsp fine-salt', '1 tsp caster-sugar'],
    ['1 tsp each of coriander seeds and fennel seeds', '1 tsp coriander-seeds', '1 tsp fennel-seeds'],
    ['each: ground cumin, paprika', 'ground-cumin', 'paprika'],
    ['White pepper. Dill.', 'white-pepper', 'dill'],
    ['to finish: paprika, parsley, olive oil', 'paprika', 'parsley', 'olive-oil'],
    ['To serve: lemon wedges, mint', 'lemon', 'mint'],
    // Short measures with their stops.
    ['1/4 pt. milk', '1/4 pint milk'],
    ['2 oz. sugar', '2 oz caster-sugar'],
    ['1 dsp. vinegar', '1 dsp ?vinegar'],
    ['3 tbs. olive oil', '3 tbsp olive-oil'],
    ['small red onion and a fistful of parsley', '1 red-onion', '1 handful parsley'],
    ['3 spoons white wine vinegar, 6 olive oil', '3 tbsp white-wine-vinegar', '6 tbsp olive-oil'],
    ['2 tbsp soy sauce, 1 rice vinegar', '2 tbsp soy-sauce', '1 tbsp rice-vinegar'],
    ['1 tsp cumin, 2 carrots', '1 tsp ground-cumin', '2 carrot'],
    ['eggs x5 boiled 8 min, peeled', '5 egg'],
    ['lettuce, 1 small', '1 lettuce'],
    ['parsley, big bunch', '1 bunch parsley'],
    ['mint, handful', '1 handful mint'],
    ['1 tsp coriander powder', '1 tsp ground-coriander'],
    // One food, whatever stands in it.
    ['salt and vinegar crisps, 1 bag', '1 packet ?salt and vinegar crisps'],
    ['1 tin beans, drained', '1 tin ?beans'],
    ['2 carrots, peeled and grated', '2 carrot'],
    ['1 lemon, zest and juice', '1 lemon'],
    ['200 g feta, or goat’s cheese', '200 g feta'],
    ['1/2 cup tahini, well stirred', '1/2 cup tahini'],
  ])('%s', (row, ...wanted) => expect(linesOf(row)).toEqual(wanted));
});
