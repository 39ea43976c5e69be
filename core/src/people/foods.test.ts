import { describe, expect, it } from 'vitest';
import type { Person } from '../class/index.js';
import { checked, roomOf, somebody, writtenRecipe } from '../tests/people.js';
import { dish } from '../tests/recipes.js';

/** What is found for somebody in a dish of these lines, by what it is about. */
function found(of: Partial<Person>, lines: readonly string[], steps: readonly string[]): string[] {
  const one = dish(writtenRecipe('Test', lines, steps), { id: 'd1' });
  const { findings } = checked(roomOf([somebody('x', { station: 1, ...of })], { dishes: [one] }));
  return [...new Set(findings.map(({ what }) => what))];
}

type Row = [
  who: string,
  of: Partial<Person>,
  what: string,
  lines: string[],
  steps: string[],
  quiet: string[],
];
const pregnant = { pregnant: true };
const infant: Partial<Person> = { age: 'baby' };
const small: Partial<Person> = { age: 'small child' };

/** Who, what is found, in which lines and steps; and the steps in which it is not. */
const table: Row[] = [
  [
    'pregnant',
    pregnant,
    'meat or fish that is barely cooked',
    ['400 g lamb steaks'],
    ['Fry the lamb steaks until medium rare.'],
    ['Fry the lamb steaks until well done.'],
  ],
  [
    'older',
    { age: 'older' },
    'raw meat or fish',
    ['400 g beef fillet'],
    ['Chop the beef fillet and serve it raw.'],
    ['Roast the beef fillet for an hour.'],
  ],
  [
    'pregnant',
    pregnant,
    'raw egg',
    ['2 eggs'],
    ['Whisk the eggs.'],
    ['Boil the eggs for 10 minutes, then cool.'],
  ],
  // Words that speak of heat and heat nothing of it: crisps, what was roasted before, what else is cooking.
  [
    'pregnant',
    pregnant,
    'cold-smoked or raw fish',
    ['50 g salmon roe', '50 g crisps'],
    ['Serve the salmon roe with crisps.'],
    [],
  ],
  [
    'pregnant',
    pregnant,
    'raw egg',
    ['2 egg yolks', '4 carrots'],
    ['While the carrots cook, whisk the yolks.', 'Toss the roasted carrots with the yolks.'],
    [],
  ],
  ['pregnant', pregnant, 'raw sprouts', ['100 g bean sprouts'], ['Toss the sprouts.'], ['Boil the sprouts.']],
  ['pregnant', pregnant, 'alcohol', ['100 ml white wine'], ['Stir the wine.'], []],
  ['65 or more', { age: 'older' }, 'raw egg', ['2 eggs'], ['Whisk the eggs.'], ['Boil the eggs, then cool.']],
  ['a teenager', { age: 'teenager' }, 'alcohol', ['2 tbsp vermouth'], ['Stir the vermouth.'], []],
  ['under 1', infant, 'honey under one year', ['1 tbsp honey'], ['Stir the honey.'], []],
  // What a list of a few names misses: raw fish by any name, every cured sausage, every small round fruit.
  ...(
    [
      [
        'cold-smoked or raw fish',
        '200 g salmon fillet',
        'Dice the salmon and dress it.',
        'Poach the salmon for 8 minutes.',
      ],
      [
        'cold-smoked or raw fish',
        '200 g sea bass',
        'Slice the sea bass.',
        'Pan-fry the sea bass for 4 minutes.',
      ],
      ['cold-smoked or raw fish', '12 oysters', 'Open the oysters.', 'Broil the oysters for 5 minutes.'],
      [
        'mould-ripened or unpasteurised cheese',
        '100 g camembert',
        'Slice the camembert.',
        'Bake the camembert for 20 minutes.',
      ],
      ['cured raw meat', '100 g salami', 'Slice the salami.', 'Sauté the salami for 5 minutes.'],
    ] as const
  ).map(([what, line, raw, done]): Row => ['pregnant', pregnant, what, [line], [raw], [done]]),
  ['1 to 4', small, 'choking', ['100 g lychees'], ['Toss the lychees.'], []],
  ['1 to 4', small, 'choking', ['8 kumquats'], ['Toss the kumquats.'], []],
  ['1 to 4', small, 'choking', ['1 daikon'], ['Cut the daikon in chunks.'], ['Grate the daikon.']],
  ['1 to 4', small, 'choking', ['200 g grapes'], ['Toss the grapes.'], []],
  ['1 to 4', small, 'choking', ['2 carrots'], ['Cut the carrots in chunks.'], ['Grate the carrots.']],
  ['1 to 4', small, 'choking', ['50 g popcorn'], ['Scatter the popcorn.'], []],
];

describe('for whom a food is no good', () => {
  it.each(table)('%s, %o: %s', (_who, of, what, lines, steps, quiet) => {
    expect(found(of, lines, steps)).toContain(what);
    if (quiet.length > 0) expect(found(of, lines, quiet)).not.toContain(what);
    expect(found({}, lines, steps)).toEqual([]);
  });
  it.each([
    ['grapes', ['200 g grapes, quartered']],
    ['walnuts', ['50 g walnuts, crushed']],
    ['dates', ['100 g dates, chopped']],
  ])('%s that are cut small choke nobody', (_, lines) =>
    expect(found(small, lines, ['Toss it all.'])).toEqual([]),
  );
  it('an unpasteurised cheese is told by its words', () => {
    expect(found(pregnant, ['100 g unpasteurised cheddar'], ['Grate the cheddar.'])).toEqual([
      'unpasteurised food',
      'foods to avoid',
    ]);
    expect(found(pregnant, ['100 g cheddar'], ['Grate the cheddar.'])).toEqual([]);
  });
});

describe('a food that nobody knows', () => {
  it.each([[pregnant], [{ age: 'older' as const }], [small]])('is told to who is at risk: %o', (of) =>
    expect(found(of, ['200 g zorble paste'], ['Stir the paste.'])).toEqual(['foods to avoid']),
  );
  it('is not told to who asked for nothing', () =>
    expect(found({ age: 'child' }, ['200 g zorble paste'], ['Stir the paste.'])).toEqual([]));
});

/** What a name tells counts until somebody says which it is. */
describe('a food that is only known by its kind', () => {
  const allergic = { allergens: [{ what: 'fish' as const, traces: false }] };
  const nutFree = { allergens: [{ what: 'nuts' as const, traces: false }] };
  it.each<[string, Partial<Person>, string, string]>([
    ['300 g river fish fillets', allergic, 'fish', 'Fry the fish.'],
    ['300 g river fish fillets', { diets: ['vegan'] }, 'vegan', 'Fry the fish.'],
    ['300 g river fish fillets', pregnant, 'cold-smoked or raw fish', 'Slice the fish and serve.'],
    ['100 g monastery cheese', { diets: ['vegan'] }, 'vegan', 'Grate the cheese.'],
    ['50 g hill nuts', nutFree, 'nuts', 'Scatter the nuts.'],
    ['2 tbsp quince brandy', pregnant, 'alcohol', 'Stir in the brandy.'],
  ])('%s for %o: %s', (line, of, what, step) => expect(found(of, [line], [step])).toContain(what));
  it('is said to be only probable', () => {
    const one = dish(writtenRecipe('Test', ['300 g river fish fillets'], ['Fry the fish.']), { id: 'd1' });
    const { findings } = checked(roomOf([somebody('x', { station: 1, ...allergic })], { dishes: [one] }));
    expect(findings.map(({ sentence }) => sentence).join(' ')).toContain('probably a fish');
    expect(findings.flatMap(({ foods }) => foods)).toEqual([]);
  });
  it('of which the name tells nothing is not known', () =>
    expect(found(allergic, ['300 g zorble paste'], ['Stir it.'])).toEqual(['fish']));
});

describe('diets', () => {
  it.each<[Person['diets'][number], string, string[], 'clash' | 'look']>([
    ['vegan', 'vegan', ['100 g feta'], 'clash'],
    ['vegetarian', 'vegetarian', ['100 g anchovies'], 'clash'],
    ['no pork', 'no pork', ['100 g smoked bacon'], 'clash'],
    ['halal', 'halal', ['100 g smoked bacon'], 'clash'],
    ['halal', 'halal', ['200 g chicken breast'], 'look'],
    ['kosher-style', 'kosher-style', ['200 g prawns'], 'clash'],
    ['no alcohol', 'no alcohol', ['100 ml white wine'], 'clash'],
    ['low sugar', 'low sugar', ['2 tbsp honey'], 'look'],
    ['low fat', 'low fat', ['3 tbsp olive oil'], 'look'],
  ])('%s: %s', (diet, what, lines, level) => {
    const one = dish(writtenRecipe('Test', lines, ['Toss it all.']), { id: 'd1' });
    const { findings } = checked(roomOf([somebody('x', { station: 1, diets: [diet] })], { dishes: [one] }));
    expect(findings.map((each) => [each.what, each.level])).toEqual([[what, level]]);
  });
});

describe('what some may not eat at all', () => {
  it('is large predatory fish for small children and who is pregnant, cooked too; nobody else asks', () => {
    const of = (who: Partial<Person>) =>
      found(who, ['400 g swordfish steaks'], ['Grill the swordfish steaks until cooked through.']);
    expect([of(pregnant), of(small), of({ age: 'older' })]).toEqual([
      ['large predatory fish'],
      ['large predatory fish'],
      [],
    ]);
  });
  it('is gelatine, which is mostly of pork', () => {
    const of = (diet: 'no pork' | 'halal' | 'low salt') =>
      found({ diets: [diet] }, ['10 g gelatine'], ['Dissolve the gelatine.']);
    expect([of('no pork'), of('halal'), of('low salt')]).toEqual([['no pork'], ['halal'], []]);
  });
});

describe('what chokes a small child is made small by the steps, too', () => {
  const chokes = (line: string, step: string) => found(small, [line], [step]).includes('choking');
  it.each([
    ['50 g hazelnuts', 'Blend the hazelnuts with the oil to a paste.'],
    ['50 g hazelnuts', 'Grind the hazelnuts finely.'],
    ['50 g walnuts', 'Pound the walnuts in a mortar.'],
    ['200 g cherry tomatoes', 'Blitz the tomatoes to a salsa.'],
    ['200 g cherry tomatoes', 'Quarter the tomatoes.'],
    ['200 g grapes', 'Quarter the grapes lengthways.'],
    ['100 g olives', 'Chop the olives finely.'],
  ])('%s: %s', (line, step) => expect(chokes(line, step)).toBe(false));
  it.each([
    ['50 g hazelnuts', 'Toast the hazelnuts and chop them roughly.'],
    ['200 g cherry tomatoes', 'Toss the tomatoes with the oil.'],
    ['200 g grapes', 'Halve the grapes.'],
    ['2 carrots', 'Cut the carrots into sticks.'],
    // What is chopped is the parsley.
    ['100 g olives', 'Chop the parsley and toss it with the olives.'],
  ])('%s: %s still does', (line, step) => expect(chokes(line, step)).toBe(true));
});
