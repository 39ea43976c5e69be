import { describe, expect, it } from 'vitest';
import { parseRecipeText } from '../intake/text/text.js';
import { doing, inOneAct, isDone, isSaid, saying, wasDone } from './ask.js';
import { readActs, readAgain, withActs } from './read.js';

const recipe = parseRecipeText(
  [
    'Roast beetroot',
    'Serves 4',
    '',
    'Ingredients',
    '500 g beetroot',
    '2 tbsp olive oil',
    '',
    'Method',
    '1. Toss the beetroot in the oil and roast at 200 °C for 40 minutes until a knife slides in.',
    '2. Peel; it keeps 3 days in the fridge.',
  ].join('\n'),
  { system: 'metric' },
);

describe('the acts of a step', () => {
  it('are the verb, the foods, the heat, the minutes and the sign of each', () => {
    const [beetroot, oil] = recipe.lines.map(({ id }) => id);
    const [first, second] = withActs(recipe).steps;
    // "Toss the beetroot in the oil and " has 33 characters.
    expect(first!.acts).toEqual([
      { verb: 'toss', kind: 'toss', foods: [beetroot, oil], things: ['oil'], words: [0, 33] },
      {
        verb: 'roast',
        kind: 'dry heat',
        way: 'dry',
        appliance: 'oven',
        states: ['cooked through', 'steaming hot'],
        heat: '200 °C',
        minutes: { low: 40, high: 40 },
        until: 'a knife slides in',
        words: [33, 88],
      },
    ]);
    expect(second!.acts).toMatchObject([
      { verb: 'peel' },
      { verb: 'keep', keeps: 3 * 1440, places: ['fridge'] },
    ]);
  });
  it('that a person corrected are kept, until they are read again', () => {
    const own = [{ verb: 'steam', kind: 'wet heat', way: 'wet' as const, words: [0, 4] as const }];
    const steps = recipe.steps.map((step) => ({ ...step, acts: own, actsCorrected: true }));
    const kept = withActs({ ...recipe, steps });
    expect(kept.steps[0]!.acts).toEqual(own);
    expect(doing('wet heat')(kept.steps[0]!)).toBe(true);
    const again = readAgain(kept.steps[0]!, recipe.lines);
    expect(again).toMatchObject({ actsCorrected: false, acts: withActs(recipe).steps[0]!.acts });
  });
  it('are the same read twice', () => {
    const once = withActs(recipe);
    expect(withActs(once)).toEqual(once);
  });
});

describe('what is asked of acts', () => {
  const step = (text: string) => ({ text });
  it('is answered by verb, by kind and by what is said', () => {
    expect(doing('rinse')(step('Rinse the beans.'))).toBe(true);
    expect(doing('wash')(step('Rinse the beans.'))).toBe(true);
    expect(doing('soak')(step('Rinse the soaked beans.'))).toBe(false);
    expect(saying('soaked')(step('Rinse the soaked beans.'))).toBe(true);
  });
  it('counts together only what one act says', () => {
    const hotInGlass = inOneAct(isDone('pour'), isSaid('glass'));
    expect(hotInGlass(step('Pour it into a jar.'))).toBe(true);
    expect(hotInGlass(step('Pour it off. Wash the jar.'))).toBe(false);
  });
  it('throws for what the lexicon has not', () => {
    expect(() => doing('frobnicate')).toThrow('The lexicon has no “frobnicate”.');
    expect(() => saying('on the moon')).toThrow('The lexicon has no “on the moon”.');
  });
  it('of a line looks at its name and its note', () => {
    expect(wasDone('boil')({ name: 'eggs', note: 'boiled' })).toBe(true);
    expect(wasDone('boil')({ name: 'eggs', note: 'beaten' })).toBe(false);
  });
  it('is found in the whole of a text without verbs', () => {
    expect(readActs('Room temperature.')).toMatchObject([{ verb: '', kind: '', places: ['cupboard'] }]);
  });
});
