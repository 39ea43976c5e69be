import { describe, expect, it } from 'vitest';
import { parseRecipeText } from '../text/text.js';

/** The names of the lines that each step uses. */
function usedBy(...method: string[]): string[][] {
  const text = [
    'Potato salad',
    '',
    '500 g new potatoes',
    '',
    'For the dressing:',
    '1 tbsp wholegrain mustard',
    '3 tbsp rapeseed oil',
    '1 shallot',
    '',
    ...method.map((step, index) => `${index + 1}. ${step}`),
  ].join('\n');
  const { lines, steps } = parseRecipeText(text, { system: 'metric' });
  const nameOf = (id: string) => lines.find((line) => line.id === id)!.name;
  return steps.map(({ uses }) => uses.map(({ line }) => nameOf(line)));
}

const dressing = ['wholegrain mustard', 'rapeseed oil', 'shallot'];

describe('a part that is made by its name', () => {
  it.each([
    'Whisk the dressing and pour it over.',
    "While they're still warm whisk the dressing and pour it over.",
    'Shake up the vinaigrette.',
    'Make the dressing.',
  ])('“%s” uses all of its lines', (step) =>
    expect(usedBy('Boil the spuds 15 min.', step)).toEqual([['new potatoes'], dressing]),
  );
  it('but what a later step names is still to come', () =>
    expect(usedBy('Boil the potatoes.', 'Whisk the dressing.', 'Scatter over the shallot.')).toEqual([
      ['new potatoes'],
      ['wholegrain mustard', 'rapeseed oil'],
      ['shallot'],
    ]));
  it('what was begun before is only mixed: nothing more goes in', () =>
    expect(usedBy('Whisk the mustard into the oil.', 'Mix the dressing.', 'Add the potatoes.')).toEqual([
      ['wholegrain mustard', 'rapeseed oil'],
      [],
      ['new potatoes'],
    ]));
  it('mixed again, nothing goes in', () =>
    expect(usedBy('Boil the potatoes.', 'Shake the dressing again.')).toEqual([['new potatoes'], []]));
});
