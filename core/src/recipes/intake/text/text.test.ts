import { looseEnds } from '../../loose-ends.js';
import { describe, expect, it } from 'vitest';
import { standardTechniques, suggestions } from '../../../techniques/index.js';
import { parseRecipeText } from './text.js';
import { readTimes } from '../step/times.js';

const read = (text: string) => parseRecipeText(text, { system: 'metric' });
const salad = read(`# Warm bean salad
Serves 6

Ingredients
- 250 g dried white beans
- 2 cloves garlic
- a pinch of stardust

For the dressing:
3 tbsp olive oil
1 tbsp red wine vinegar

Method
1. Soak the beans overnight.
2) Simmer them with the garlic for 45–60 minutes until tender.
- Whisk oil and vinegar, and toss. Taste.`);

describe('pasted text', () => {
  it('finds title, servings, components and steps', () => {
    expect(salad).toMatchObject({ title: 'Warm bean salad', serves: 6, kind: 'salad' });
    expect(salad.components.map(({ name, role }) => [name, role])).toEqual([
      ['Salad', 'base'],
      ['Dressing', 'dressing'],
    ]);
    expect(salad.lines.map(({ ingredient, componentId }) => [ingredient, componentId])).toEqual([
      ['dried-white-beans', 'c1'],
      ['garlic', 'c1'],
      [null, 'c1'],
      ['olive-oil', 'c2'],
      ['red-wine-vinegar', 'c2'],
    ]);
    expect(salad.steps.map(({ text }) => text.slice(0, 6))).toEqual(['Soak t', 'Simmer', 'Whisk ']);
  });
  it.each([
    ['(feeds about 6)', 6],
    ['Makes about 300 ml, enough for 8', 8],
    ['Makes 1½ cups (serves 6)', 6],
    ['Serves: 8-10 as a starter', 8],
    ['Enough for 5', 5],
    ['makes around 12', 12],
  ])('reads for how many it is in its own words: %s', (words, serves) =>
    expect(read(`Slaw\n${words}\n\n2 carrots\n\nGrate the carrots.`).serves).toBe(serves),
  );
  it('tells work from food in a list without headings or full stops', () => {
    const { lines, steps, title, serves } = read(`Pickled radish salad (2 people)
- 1 bunch radishes
- toasted sesame seeds
- roast chicken
- squeeze of lemon
- 1 slice sourdough
- slice radishes thin as you can, salt them
- toss all w/ the lemon
- toast the bread and tear it over`);
    expect([title, serves]).toEqual(['Pickled radish salad', 2]);
    expect(lines.map(({ name }) => name)).toEqual([
      'radishes',
      'sesame seeds',
      'roast chicken',
      'lemon',
      'sourdough',
    ]);
    expect(steps.map(({ text }) => text)).toEqual([
      'Slice radishes thin as you can, salt them',
      'Toss all with the lemon',
      'Toast the bread and tear it over',
    ]);
  });
  it('takes things in one row between bars for a row each, and cells of one thing for one', () => {
    const { lines, serves, title } = read(`Aubergine salad - serves 6
3 aubergines | 2 celery sticks | 400g tin tomatoes
200 g | feta

1. Fry.`);
    expect([title, serves]).toEqual(['Aubergine salad', 6]);
    expect(lines.map(({ ingredient }) => ingredient)).toEqual([
      'aubergine',
      'celery',
      'tinned-tomatoes',
      'feta',
    ]);
  });
  it('takes a part in one row and a list in a sentence for their lines', () => {
    const farro = read(`Farro
200g farro
dressing: 2 tbsp cider vinegar, 1 tsp dijon, 5 tbsp rapeseed oil

Roast the squash with oil for 30 mins. Dressing: shake everything in a jar.`);
    expect(farro.components.map(({ name }) => name)).toEqual(['Salad', 'Dressing']);
    expect(farro.lines.map(({ ingredient, componentId }) => [ingredient, componentId])).toEqual([
      ['farro', 'c1'],
      ['cider-vinegar', 'c2'],
      ['dijon-mustard', 'c2'],
      ['rapeseed-oil', 'c2'],
    ]);
    // The oil of the dressing is not that of the tray, and "everything" is all of the dressing alone.
    expect(farro.steps.map(({ uses }) => uses.map(({ line }) => line))).toEqual([[], ['l2', 'l3', 'l4']]);
    const dip = read(`Smoky dip

You'll need 3 big aubergines, 3 tbsp tahini, parsley and 1 pomegranate to finish.

Mash the aubergines with tahini.`);
    expect(dip.lines.map(({ ingredient }) => ingredient)).toEqual([
      'aubergine',
      'tahini',
      'parsley',
      'pomegranate',
    ]);
  });
  it('keeps the name of a food that begins as work does', () => {
    const { lines, steps } = read(`Plate
1 tin chickpeas
roast peppers from a jar, drained
top quality olive oil, for drizzling
cut flowers for the table
whip cream cheese with lemon`);
    expect(lines.map(({ ingredient }) => ingredient)).toEqual([
      'tinned-chickpeas',
      'roasted-peppers',
      'olive-oil',
      null,
    ]);
    expect(steps.map(({ text }) => text)).toEqual(['Whip cream cheese with lemon']);
  });
  it.each([
    [
      'what is left is taken later',
      ['Fry the bread in a little oil.', 'Whisk in the rest of the oil.'],
      ['1/4', '3/4'],
    ],
    ['nothing else takes it', ['Fry the bread in a little oil.', 'Serve.'], ['1']],
  ])('a little of a line is a quarter, or all where %s', (_, method, shares) => {
    const { steps } = read(`Bread\n\n4 slices bread\n100 ml olive oil\n\nMethod\n${method.join('\n')}`);
    const oil = steps.flatMap(({ uses }) => uses.filter(({ line }) => line === 'l2'));
    expect(oil.map(({ share }) => share)).toEqual(shares);
  });
  it('marks what was not understood', () =>
    expect(salad.lines[2]!.unread).toBe('“stardust” is not in the larder'));
  it('reads times, waits, appliances and the sign that ends a step', () => {
    expect(salad.steps[0]).toMatchObject({
      waitMinutes: { low: 600, high: 720 },
      place: 'before',
      occupies: { appliance: 'fridge' },
      techniques: ['soak-and-cook-pulses'],
    });
    expect(salad.steps[1]).toMatchObject({
      waitMinutes: { low: 45, high: 60 },
      until: 'until tender',
      occupies: { appliance: 'hob' },
      after: ['s1'],
    });
    expect(salad.steps[2]).toMatchObject({
      waitMinutes: null,
      tools: ['whisk', 'large bowl'],
      uses: [
        { line: 'l4', share: '1' },
        { line: 'l5', share: '1' },
      ],
    });
  });
  it('works without headings: amounts are lines, sentences are steps', () => {
    const plain = read(
      'Quick dip\n200 g feta\n100 g plain yoghurt\nBlend the feta with the yoghurt until smooth.',
    );
    expect(plain).toMatchObject({ title: 'Quick dip', kind: 'dip' });
    expect([plain.lines.length, plain.steps.length]).toEqual([2, 1]);
  });
  it.each([
    ['', ''],
    ['Only a title', 'Only a title'],
    ['<script>alert(1)</script>', '<script>alert(1)</script>'],
    ['🥗🥗', '🥗🥗'],
  ])('%j is kept, with no lines and no steps', (text, title) => {
    expect(read(text)).toMatchObject({ title, lines: [], steps: [] });
  });
  it('200 kB are cut, not choked on', () =>
    expect(read('1 lemon\n'.repeat(25_000)).lines.length).toBeLessThan(8000));
});

describe('minutes in words', () => {
  it.each([
    ['simmer 15–20 minutes', { low: 15, high: 20 }],
    ['for an hour', { low: 60, high: 60 }],
    ['half an hour', { low: 30, high: 30 }],
    ['1½ hours', { low: 90, high: 90 }],
    ['about 30 seconds', { low: 1, high: 1 }],
    ['between 2 and 3 hours', { low: 120, high: 180 }],
    ['2 days', { low: 2880, high: 2880 }],
    ['overnight', { low: 600, high: 720 }],
    ['serve in 2 bowls', null],
    ['cut 3 carrots in 5 minutes', { low: 5, high: 5 }],
  ])('%s', (text, minutes) =>
    expect(readTimes(text).map(({ low, high }) => ({ low, high }))).toEqual(minutes ? [minutes] : []),
  );
});

describe('technique notes', () => {
  it('there are at least 20, each whole', () => {
    expect(standardTechniques.length).toBeGreaterThanOrEqual(20);
    for (const note of standardTechniques)
      expect([
        note.id,
        note.why.length > 20,
        note.how.length >= 3,
        note.lookFor.length > 5,
        note.goesWrong.length >= 1,
        note.beginnerMinutes > 0,
      ]).toEqual([note.id, true, true, true, true, true]);
  });
  it('every word leads to a note that there is', () => {
    const ids = new Set(standardTechniques.map(({ id }) => id));
    for (const { technique: id } of suggestions) expect([id, ids.has(id)]).toEqual([id, true]);
  });
});

describe('what is started low', () => {
  const scalings = (text: string) =>
    parseRecipeText(text, { system: 'metric' }).lines.map(
      ({ ingredient, scaling }) => `${ingredient} ${scaling}`,
    );
  it('not the acid that a dressing measures against its oil', () =>
    expect(
      scalings(
        'Vinaigrette\nIngredients\n3 tbsp olive oil\n1 tbsp sherry vinegar\n1 tsp salt\nMethod\nShake.',
      ),
    ).toEqual(['olive-oil linear', 'sherry-vinegar linear', 'fine-salt startLow']));
  it('nor the vinegar of a pickle: 150 ml do not sharpen', () =>
    expect(
      scalings(
        'Pickle\nIngredients\n300 g carrots\n150 ml rice vinegar\n2 tbsp caster sugar\nMethod\nPour it over.',
      ),
    ).toEqual(['carrot linear', 'rice-vinegar linear', 'caster-sugar linear']));
  it('cloves of garlic in a step are no spice that a line lacks', () =>
    expect(
      looseEnds(
        parseRecipeText(
          'Dip\nIngredients\n2 cloves garlic\n200 g feta\nMethod\n1. Crush 2 cloves of garlic into the feta.',
          {
            system: 'metric',
          },
        ),
      ).unlisted,
    ).toEqual([]));
  it('but acid that only sharpens', () =>
    expect(scalings('Slaw\nIngredients\n1 red cabbage\n1 tbsp sherry vinegar\nMethod\nToss.')).toEqual([
      'red-cabbage linear',
      'sherry-vinegar startLow',
    ]));
});
