import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { parseRecipeText } from '../index.js';
import { roleOfSentence } from './roles.js';
import { labelledSentences } from './train.js';

const read = (text: string) => parseRecipeText(text, { system: 'metric' });
const corpus = labelledSentences(readFileSync(join(import.meta.dirname, 'corpus', 'roles.txt'), 'utf8'));

describe('what a sentence of a method is', () => {
  it.each([
    ['Whisk the oil into the mustard, then season.', 'step'],
    ['Salt them, leave half an hour, squeeze them out well - don’t skip this.', 'step'],
    ['Serve with toast.', 'step'],
    ['Fold in the cream.', 'step'],
    ['The sauce will keep for four days in a jar.', 'keeping'],
    ['You could use almonds instead of the hazelnuts.', 'way'],
    ['If the dip is too thick, loosen it with a spoonful of water.', 'rescue'],
    ['Don’t let it boil.', 'aside'],
    ['It goes well with grilled fish.', 'serving'],
    ['I hope you all love it as much as we did.', 'chatter'],
    ['Zxcv qwer.', 'step'],
  ])('%s: %s', (sentence, role) => expect(roleOfSentence(sentence)).toBe(role));

  it('takes next to no work of its corpus for something else', () => {
    const lost = corpus.filter(({ role, text }) => role === 'step' && roleOfSentence(text) !== 'step');
    expect(lost.map(({ text }) => text)).toEqual([]);
  });
  it('keeps most of what is no work off the clock', () => {
    const others = corpus.filter(({ role }) => role !== 'step');
    const taken = others.filter(({ text }) => roleOfSentence(text) === 'step');
    expect(taken.length / others.length).toBeLessThan(0.15);
  });
});

describe('a recipe as it is told', () => {
  const dip = read(`Roasted carrot dip

For 6 people as a starter

500g carrots, peeled
3 tbsp olive oil
1 tsp cumin seeds
150 g Greek yoghurt

Heat the oven to 200C. Toss the carrots in 2 tbsp of the oil with the cumin and roast for 35 minutes.
Blend with the yoghurt until smooth. If it is too thick, loosen with a splash of water.
Drizzle with the rest of the oil to serve.

Keeps 3 days in the fridge.
No yoghurt? Use silken tofu.
Good with flatbreads or spooned over grilled lamb.`);
  it('has its work and nothing else for steps', () => {
    expect(dip.steps.map(({ text }) => text.split(' ', 1)[0])).toEqual(['Heat', 'Blend', 'Drizzle']);
    expect(dip.steps.at(-1)!.holdMinutes).toBe(3 * 24 * 60);
  });
  it('keeps a rescue with its step, and other ways and serving ideas in the notes', () => {
    expect(dip.steps[1]!.techniqueNote).toBe('If it is too thick, loosen with a splash of water.');
    expect(dip.notes).toBe(
      'No yoghurt? Use silken tofu.\nGood with flatbreads or spooned over grilled lamb.',
    );
  });
  it('is for as many as it says', () => expect(dip.serves).toBe(6));

  const letter = read(`Hi all, here's the slaw we did on Thursday, serves eight-ish.

You need half a red cabbage, 3 carrots, 2 apples, a handful of parsley and 60 g walnuts.
For the dressing: 4 tbsp cider vinegar, 1 tbsp honey, 6 tbsp rapeseed oil, salt.

Shred the cabbage as fine as you can, grate the carrots, cut the apples into matchsticks.
Don't dress it yet. Toast the walnuts in a dry pan for 5 minutes, then chop them roughly.
Shake all the dressing ingredients in a jar. Ten minutes before you eat, toss everything together.
Love, M x`);
  it('has its parts although it has no headings', () => {
    expect(letter.components.map(({ name, role }) => `${name} ${role}`)).toEqual([
      'Salad base',
      'Dressing dressing',
    ]);
    expect(letter.lines).toHaveLength(9);
    expect(letter.serves).toBe(8);
    expect(letter.title).toBe('Slaw');
  });
  it('makes the dressing of all of its lines, beside the rest', () => {
    const shaken = letter.steps.find(({ text }) => text.startsWith('Shake'))!;
    expect(shaken.uses).toHaveLength(4);
    expect(shaken.after).toEqual([]);
  });
  it('waits for nobody ten minutes before the meal', () => {
    const last = letter.steps.at(-1)!;
    expect(last.text).toBe('Ten minutes before you eat, toss everything together.');
    expect(last.waitMinutes).toBeNull();
  });
  it('keeps what is not to be done yet with the step before', () =>
    expect(letter.steps[0]!.techniqueNote).toBe("Don't dress it yet."));

  const numbered = read(`Step 1
Cook 300g orzo in boiling salted water for 9 minutes.
Step 2
Meanwhile, halve 250g cherry tomatoes and dice 1 cucumber.
Step 3
Toss it all with 150g feta and 4 tbsp olive oil.`);
  it('reads "Step 1" in a row of its own as a number', () => {
    expect(numbered.steps.map(({ text }) => text.split(' ', 1)[0])).toEqual(['Cook', 'Meanwhile,', 'Toss']);
    expect(numbered.lines.map(({ text }) => text)).toEqual([
      '300g orzo',
      '250g cherry tomatoes',
      '1 cucumber',
      '150g feta',
      '4 tbsp olive oil',
    ]);
  });

  it('salts what is in hand, and goes on with it', () => {
    const { lines, steps } = read(`Cucumber salad for 4
2 long cucumbers; 1 tsp salt; 200 ml soured cream; 1 tbsp white wine vinegar

Slice the cucumbers as thin as paper. Salt them, leave half an hour, squeeze them out well.
Stir the cream with the vinegar, fold in the cucumbers.
My mother used crème fraîche.`);
    expect(lines).toHaveLength(4);
    expect(steps.map(({ after }) => after.join())).toEqual(['', 's1', 's2', 's3']);
  });
  it('counts the food of a prep list before what is said of it', () => {
    const [line] = read('Lentils\n\nred onion 2, fine dice\nfeta 400g\n\nDice the onion.').lines;
    expect([line!.ingredient, line!.amount?.low, line!.preparation]).toEqual(['red-onion', '2', ['diced']]);
  });

  it('is told in one paragraph: nothing of it is lost', () => {
    const told = read(
      'Okay so for the fattoush you want two pitta, tear them and fry them in four tablespoons of oil. ' +
        'Then chop two cucumbers and four tomatoes. Toss it all with the juice of one lemon. That feeds six.',
    );
    expect(told.title).toBe('Fattoush');
    expect(told.serves).toBe(6);
    expect(told.steps).toHaveLength(3);
    expect(told.lines.map(({ ingredient }) => ingredient)).toEqual(
      expect.arrayContaining(['pitta', 'cucumber', 'tomato', 'lemon']),
    );
  });
  it('may have its foods in one row, and counts behind their names', () => {
    const { lines } = read(
      'Tzatziki\n1 cucumber, 400 g strained yoghurt, 1 clove garlic, 2 tbsp olive oil, dill\n' +
        'Grate the cucumber and salt it.\nMix with everything else.',
    );
    expect(lines.map(({ ingredient }) => ingredient)).toEqual([
      'cucumber',
      'strained-yoghurt',
      'garlic',
      'olive-oil',
      'dill',
    ]);
    const [onion] = read('Slaw\n\nRed onion x 2\n200 g cabbage\n\nSlice and toss.').lines;
    expect([onion!.ingredient, onion!.amount?.low]).toEqual(['red-onion', '2']);
  });
  it('goes on with work behind work, and a remark is no food', () => {
    const { lines, steps, notes } = read(
      'Sambharo\n\n4 carrots\n1 tsp mustard seeds\nlemon\n\nheat the seeds till they pop\nadd the carrots, ' +
        'stir fry 3 min\nsqueeze lemon\nbest eaten straight away but ok next day',
    );
    expect(lines).toHaveLength(3);
    expect(steps.map(({ text }) => text).at(-1)).toBe('Squeeze lemon');
    expect(notes).toBe('Best eaten straight away but ok next day');
  });

  it('is a chat without times: who speaks is no food', () => {
    const { lines, steps, serves } = read(
      'Kofi: gari salad please\nEsi: for 4\nEsi: 1 cup rice\nEsi: 1 tin sardines\nEsi: 1 tomato\n' +
        'Esi: chop the tomato\nEsi: mix all, sardines on top',
    );
    expect(serves).toBe(4);
    expect(lines.map(({ ingredient }) => ingredient)).toContain('tomato');
    expect(lines).toHaveLength(3);
    expect(steps).toHaveLength(2);
  });
  it('waits as long as it says for what stands in hot water', () => {
    const [step] = read(
      'Bulgur\n\n300 g fine bulgur\n\nPour boiling water over the bulgur, cover and leave for 20 minutes.',
    ).steps;
    expect(step!.waitMinutes).toEqual({ low: 20, high: 20 });
  });
});
