import { describe, expect, it } from 'vitest';
import { parseRecipeText } from '../intake/text/text.js';
import { minutesOfWork, workBySteps, workOf } from './work.js';

const read = (lines: string, method: string) =>
  parseRecipeText(['A dish', '', 'Ingredients', ...lines.split('; '), '', 'Method', method].join('\n'), {
    system: 'metric',
  });
const minutes = (lines: string, method: string) =>
  workOf(read(lines, method)).map((parts) => minutesOfWork(parts));

describe('minutes of practised hands, from what is done and how much of it', () => {
  it.each<[lines: string, method: string, minutes: number[]]>([
    // 1 onion sliced 1.5 + 1 between jobs = 2.5, up to 3.
    ['1 red onion', 'Slice the onion.', [3]],
    // 2 onions diced 2 × 2 + 1.
    ['2 onions', 'Dice the onions.', [5]],
    // 4 cloves minced 4 × 0.5 + 1.
    ['4 cloves garlic', 'Mince the garlic.', [3]],
    // A cucumber peeled 1, seeded 1 and diced 1, as the line asks for, and tossed 2, + 1.
    ['1 cucumber, peeled, seeded and diced', 'Toss the cucumber with salt.', [6]],
    // Three of them: 3 × 3 + 2 + 1.
    ['3 cucumbers, peeled, seeded and diced', 'Toss the cucumbers with salt.', [12]],
    // 500 g at 0.8 a 100 g is 4, + 1.
    ['500 g tomatoes', 'Dice the tomatoes.', [5]],
    // A pepper cored 1 and diced 1.5, + 1 = 3.5.
    ['1 red pepper', 'Core and dice the pepper.', [4]],
    // A bunch picked 1.5 and chopped 1.5, + 1.
    ['1 bunch parsley', 'Pick and chop the parsley.', [4]],
    // 200 g of leaves at 2 a 100 g, + 1.
    ['200 g mixed leaves', 'Wash and dry the leaves.', [5]],
    // 2 carrots peeled 0.6 and grated 0.9 each, + 1.
    ['2 carrots', 'Peel and grate the carrots.', [4]],
    // 4 oranges in fillets 4 × 4, + 1.
    ['4 oranges', 'Fillet the oranges.', [17]],
    // A lemon zested 1 and squeezed 1, + 1.
    ['1 lemon', 'Zest and squeeze the lemon.', [3]],
    // 2 avocados opened 1 and diced 1 each, + 1.
    ['2 avocados', 'Open and dice the avocados.', [5]],
    // 1 kg peeled 8 and cut 5, + 1.
    ['1 kg potatoes', 'Peel and cut the potatoes.', [14]],
    // 6 eggs peeled 0.5 each, + 1.
    ['6 eggs', 'Peel the eggs.', [4]],
    // 3 aubergines peeled 2 each, + 1 = 7; 9 of them 18 + 1: three times the peeling.
    ['3 aubergines', 'Peel the aubergines.', [7]],
    ['9 aubergines', 'Peel the aubergines.', [19]],
    // 2 tins drained 1 each, + 1.
    ['2 tins chickpeas', 'Drain and rinse the chickpeas.', [3]],
    // What the words say stands for the mixing: 5 + 1.
    ['200 g kale', 'Massage for 5 minutes.', [6]],
    // Whisked 3 + 1; that it is poured is no work on the oil.
    ['3 tbsp olive oil; 1 tbsp cider vinegar', 'Whisk the oil and vinegar.', [4]],
    // "It" is what came before: 2 cucumbers grated 1.5 each + 1; 45 ml juice of 35 ml a lemon is 1.3, +
    // whisked 3 + 1.
    ['2 cucumbers; 3 tbsp lemon juice', 'Grate the cucumbers. Whisk the lemon juice.', [4, 6]],
    // "Peel and cut in wedges" is of the beetroot roasted before: 1 kg × (0.8 + 0.4) a 100 g = 12, + 1.
    ['1 kg beetroot', 'Roast the beetroot for 60 minutes. Peel while warm and cut in wedges.', [1, 13]],
    // Leeks are cut 0.4 a 100 g and rinsed on the way: 400 g are 1.6, + 1. Left to soften is no work at the
    // pan:
    // an onion sliced 1.5 + 1.
    ['400 g leeks', 'Halve the leeks and wash the leeks well.', [3]],
    ['1 red onion', 'Slice the onion and leave it for 10 minutes to soften.', [3]],
    // What is not said of a step: 3 + 1.
    ['200 g bread', 'See to it.', [4]],
  ])('%s: %s', (lines, method, wanted) => expect(minutes(lines, method)).toEqual(wanted));

  it('each piece of work is named with its amount', () =>
    expect(
      workOf(read('3 cucumbers, seeded; 500 g tomatoes', 'Dice the tomatoes. Toss the cucumbers.')),
    ).toEqual([
      [{ what: 'tomatoes, diced, 6 mm', amount: 500, unit: 'g', minutes: 4, grows: true }],
      [
        { what: 'cucumbers, seeded', amount: 3, unit: '', minutes: 3, grows: true },
        { what: 'to toss', amount: null, unit: '', minutes: 2, grows: false },
      ],
    ]));

  it('a cut is made once: a line that asks for it and a step that says it are one job', () =>
    expect(minutes('2 onions, diced', 'Dice the onions. Toss the onions.')).toEqual([5, 3]));

  it('the rates of a kitchen win', () => {
    const recipe = read('2 onions', 'Dice the onions.');
    const rates = { dice: [{ food: 'onion', minutes: 3, per: 'piece' as const }] };
    // 2 × 3 + 1.
    expect(minutesOfWork(workOf({ ...recipe, rates })[0]!)).toBe(7);
  });

  it('a step whose minutes a person has written follows no work', () => {
    const recipe = read('2 onions', 'Dice the onions.');
    expect([...workBySteps(recipe).keys()]).toEqual(['s1']);
    const steps = recipe.steps.map((step) => ({ ...step, isWorkedOut: false }));
    expect(workBySteps({ ...recipe, steps }).size).toBe(0);
  });
});
