import { describe, expect, it } from 'vitest';
import type { SafetyProfile } from '../class/index.js';
import { standardLarder } from '../larder/index.js';
import { planClass } from '../plan/index.js';
import { parseRecipeText } from '../recipes/index.js';
import { classOf, dish, kitchen } from '../tests/recipes.js';
import { cautionRules, findCautions } from './index.js';

const written = (lines: readonly string[], steps: readonly string[]) =>
  parseRecipeText(
    [
      'Test',
      'Serves 4',
      '',
      ...lines,
      '',
      'Method',
      ...steps.map((each, index) => `${index + 1}. ${each}`),
    ].join('\n'),
    { system: 'metric' },
  );
const found = (lines: readonly string[], steps: readonly string[], style: SafetyProfile['style'] = 'uk') =>
  findCautions('d1', { recipe: written(lines, steps), larder: standardLarder, profile: { style, own: {} } });
const rulesOf = (...of: Parameters<typeof found>) => found(...of).map(({ rule }) => rule);

/** A rule, a recipe that it speaks of, and its nearest neighbour of which it does not. */
type Row = [rule: string, lines: string[], speaks: string[], quiet: string[]];
const table: Row[] = [
  [
    'beans-not-soaked',
    ['250 g dried kidney beans'],
    ['Boil the beans hard for 30 minutes, then simmer until tender.'],
    ['Soak the beans overnight and drain.', 'Boil the beans hard for 30 minutes, then simmer.'],
  ],
  [
    'beans-soaking-water',
    ['250 g dried white beans'],
    ['Soak the beans overnight.', 'Boil the beans hard for 30 minutes.'],
    ['Soak the beans overnight.', 'Drain, cover with fresh water and boil the beans hard for 30 minutes.'],
  ],
  [
    'beans-not-boiled',
    ['250 g dried borlotti beans'],
    ['Soak the beans overnight and drain.', 'Bake the beans in a slow cooker for 8 hours.'],
    ['Soak the beans overnight and drain.', 'Boil the beans hard for 30 minutes, then bake.'],
  ],
  [
    'beans-boiled-short',
    ['250 g dried black beans'],
    ['Soak the beans overnight and drain.', 'Simmer the beans for 5 minutes.'],
    ['Soak the beans overnight and drain.', 'Simmer the beans for 60 minutes.'],
  ],
  [
    'raw-egg',
    ['2 egg yolks', '200 ml rapeseed oil'],
    ['Whisk the yolks with the oil.'],
    ['Boil the egg yolks, then mash with the oil.'],
  ],
  [
    'raw-meets-ready',
    ['400 g chicken breast', '100 g rocket'],
    ['Toss the chicken with the rocket.', 'Serve.'],
    ['Fry the chicken until 75 °C.', 'Toss the chicken with the rocket.'],
  ],
  [
    'marinade-reused',
    ['400 g chicken breast', '50 ml olive oil'],
    [
      'Marinate the chicken in the oil.',
      'Grill the chicken until 75 °C.',
      'Pour the remaining marinade over.',
    ],
    [
      'Marinate the chicken in the oil.',
      'Grill the chicken until 75 °C.',
      'Boil the remaining marinade and pour it over.',
    ],
  ],
  [
    'cooked-to-what',
    ['400 g chicken thighs'],
    ['Fry the chicken for 12 minutes.'],
    ['Fry the chicken for 12 minutes, until the juices run clear.'],
  ],
  [
    'raw-flour',
    ['2 tbsp plain flour', '200 g cream cheese'],
    ['Whisk the flour into the cream cheese.'],
    ['Toast the flour, then whisk it into the cream cheese.'],
  ],
  [
    'in-oil',
    ['1 bulb garlic', '300 ml olive oil'],
    ['Cover the garlic with the oil. It keeps 2 weeks in a cupboard.'],
    ['Cover the garlic with the oil. It keeps 3 days in the fridge.'],
  ],
  [
    'rice-kept',
    ['200 g white rice'],
    ['Boil the rice and cool it fast. It keeps 3 days.'],
    ['Boil the rice and cool it fast. It keeps 1 day.'],
  ],
  [
    'reheated-twice',
    ['400 g potatoes'],
    ['Boil the potatoes.', 'Reheat the potatoes until steaming.', 'Reheat them again until steaming.'],
    ['Boil the potatoes.', 'Reheat the potatoes until steaming.'],
  ],
  [
    'reheated-to-what',
    ['400 g potatoes'],
    ['Boil the potatoes.', 'Reheat the potatoes.'],
    ['Boil the potatoes.', 'Reheat the potatoes until steaming hot.'],
  ],
  [
    'blended-hot',
    ['400 g carrots'],
    ['Blend the carrots while hot.'],
    ['Blend the carrots while hot, a third at a time, the lid vented.'],
  ],
  [
    'zest-after-juice',
    ['juice of 1 lemon', 'zest of 1 lemon'],
    ['Squeeze the lemon.', 'Zest the lemon.'],
    ['Zest the lemon.', 'Squeeze the lemon.'],
  ],
  [
    'tin-not-drained',
    ['1 tin chickpeas'],
    ['Toss the chickpeas.'],
    ['Drain and rinse the chickpeas.', 'Toss the chickpeas.'],
  ],
  [
    'leaves-not-dried',
    ['2 heads little gem'],
    ['Wash the little gem.', 'Toss the little gem.'],
    ['Wash the little gem and spin it dry.', 'Toss the little gem.'],
  ],
  [
    'cucumber-in-yoghurt',
    ['1 cucumber', '200 g yoghurt'],
    ['Grate the cucumber.', 'Stir the cucumber into the yoghurt.'],
    ['Grate the cucumber, salt it and squeeze it.', 'Stir the cucumber into the yoghurt.'],
  ],
  [
    'seasoned-before-salty',
    ['400 g tomatoes', '100 g feta', 'salt'],
    ['Season the tomatoes.', 'Crumble the feta over.'],
    ['Crumble the feta over the tomatoes.', 'Season.'],
  ],
  [
    'cut-while-hot',
    ['2 beef steaks'],
    ['Grill the steaks.', 'Slice the steaks while still hot.'],
    ['Grill the steaks.', 'Rest the steaks for 5 minutes, then slice.'],
  ],
  [
    'dressed-early',
    ['200 g mixed leaves', '3 tbsp olive oil'],
    ['Toss the leaves with the olive oil.', 'Chill for 1 hour.'],
    ['Toss the leaves with the olive oil.', 'Serve at once.'],
  ],
  [
    'browns',
    ['3 apples', '100 g rocket'],
    ['Slice the apples.', 'Chill for 1 hour.', 'Toss the apples with the rocket.'],
    ['Slice the apples into lemon water.', 'Chill for 1 hour.', 'Toss the apples with the rocket.'],
  ],
  [
    'green-in-acid',
    ['300 g green beans', '2 tbsp lemon juice'],
    ['Boil the beans.', 'Toss the green beans with the lemon juice. Chill for 2 hours.'],
    ['Boil the beans.', 'Chill for 2 hours.', 'Toss the green beans with the lemon juice.'],
  ],
  [
    'soggy-topping',
    ['200 g mixed leaves', '80 g croutons'],
    ['Toss the leaves.', 'Scatter the croutons over. Leave for 30 minutes.'],
    ['Toss the leaves.', 'Scatter the croutons over and serve.'],
  ],
  [
    'wet-into-oil',
    ['400 g potatoes', '1 litre sunflower oil'],
    ['Rinse the potatoes.', 'Deep-fry the potatoes in the oil until golden.'],
    ['Rinse the potatoes and pat them dry.', 'Deep-fry the potatoes in the oil until golden.'],
  ],
  [
    'unattended-oil',
    ['400 g potatoes', '1 litre sunflower oil'],
    ['Deep-fry the potatoes in the oil, leave for 10 minutes.'],
    ['Roast the potatoes in the oil, leave for 10 minutes.'],
  ],
  [
    'hot-into-jar',
    ['200 ml white wine vinegar', '1 red onion'],
    ['Pour the boiling vinegar over the onion in a jar.'],
    ['Pour the boiling vinegar over the onion in a warmed jar.'],
  ],
  ['flambe', ['2 peaches'], ['Add the brandy and set it alight.'], ['Add the brandy and simmer.']],
  [
    'stone-in-the-palm',
    ['2 avocados'],
    ['Hold the avocado in your palm and hit the stone with the knife.'],
    ['Halve the avocado on the board.'],
  ],
  [
    'oil-too-fast',
    ['2 egg yolks', '200 ml rapeseed oil'],
    ['Whisk the yolks with the oil.'],
    ['Whisk the oil into the yolks in a thin stream.'],
  ],
  [
    'bitter-oil',
    ['2 egg yolks', '200 ml extra virgin olive oil'],
    ['Blend the yolks, adding the extra virgin olive oil slowly.'],
    ['Whisk the yolks, adding the extra virgin olive oil slowly.'],
  ],
  [
    'nuts-scorched',
    ['100 g walnuts'],
    ['Roast the walnuts at 220 °C for 10 minutes.'],
    ['Roast the walnuts at 170 °C for 10 minutes.'],
  ],
  [
    'garlic-burnt',
    ['3 cloves garlic', '2 tbsp olive oil'],
    ['Fry the garlic until brown.'],
    ['Fry the garlic until pale gold.'],
  ],
  [
    'yoghurt-boiled',
    ['200 g yoghurt', '1 onion'],
    ['Fry the onion.', 'Stir in the yoghurt and boil for 5 minutes.'],
    ['Fry the onion.', 'Off the heat, stir in the yoghurt; do not boil.'],
  ],
  [
    'basil-cooked',
    ['1 bunch basil', '400 g tomatoes'],
    ['Simmer the tomatoes with the basil for 30 minutes.'],
    ['Simmer the tomatoes for 30 minutes.', 'Tear the basil over.'],
  ],
  [
    'acid-with-beans',
    ['250 g dried white beans', '2 tomatoes'],
    ['Soak the beans overnight and drain.', 'Boil the beans hard with the tomatoes for 60 minutes.'],
    ['Soak the beans overnight and drain.', 'Boil the beans hard for 60 minutes.', 'Add the tomatoes.'],
  ],
  [
    'eggs-not-cooled',
    ['4 eggs', '200 g rocket'],
    ['Boil the eggs for 9 minutes.', 'Peel the eggs and quarter them over the rocket.'],
    ['Boil the eggs for 9 minutes, then into iced water.', 'Peel the eggs.'],
  ],
  [
    'poultry-washed',
    ['400 g chicken breast'],
    ['Wash the chicken.', 'Fry the chicken until 75 °C.'],
    ['Pat the chicken dry.', 'Fry the chicken until 75 °C.'],
  ],
  [
    'thawed-warm',
    ['400 g prawns'],
    ['Thaw the prawns at room temperature.'],
    ['Thaw the prawns in the fridge.'],
  ],
  [
    'fish-in-acid-long',
    ['400 g salmon', '100 ml lemon juice'],
    ['Marinate the salmon in the lemon juice for 3 hours.', 'Grill the salmon to 63 °C.'],
    ['Marinate the salmon in the lemon juice for 20 minutes.', 'Grill the salmon to 63 °C.'],
  ],
  [
    'poultry-in-acid-long',
    ['400 g chicken breast', '100 ml lemon juice'],
    ['Marinate the chicken in the lemon juice for 12 hours.', 'Grill the chicken to 75 °C.'],
    ['Marinate the chicken in the lemon juice for 2 hours.', 'Grill the chicken to 75 °C.'],
  ],
  [
    'cooled-too-slowly',
    ['200 g farro'],
    ['Boil the farro for 20 minutes.', 'Leave the farro to cool for 4 hours.'],
    ['Boil the farro for 20 minutes.', 'Leave the farro to cool for 30 minutes.'],
  ],
  [
    'quick-pickle-kept',
    ['1 red onion', '100 ml cider vinegar'],
    ['Pickle the onion in the vinegar; it keeps in the cupboard for months.'],
    ['Pickle the onion in the vinegar; it keeps in the fridge for a week.'],
  ],
  ['poison-raw', ['100 g apricot kernels', '200 g yoghurt'], ['Grind the kernels into the yoghurt.'], []],
  ['foraged', ['200 g wild mushrooms'], ['Fry the mushrooms.'], []],
  [
    'courgette-not-squeezed',
    ['2 courgettes', '200 g yoghurt'],
    ['Grate the courgettes.', 'Stir the courgettes into the yoghurt.'],
    ['Grate the courgettes, salt and squeeze them.', 'Stir the courgettes into the yoghurt.'],
  ],
  [
    'tofu-not-pressed',
    ['300 g firm tofu'],
    ['Fry the tofu until crisp.'],
    ['Press the tofu and pat it dry.', 'Fry the tofu until crisp.'],
  ],
  [
    'salt-not-rinsed',
    ['2 tbsp capers in salt', '400 g tomatoes'],
    ['Toss the capers with the tomatoes.'],
    ['Rinse the capers.', 'Toss the capers with the tomatoes.'],
  ],
  [
    'quinoa-not-rinsed',
    ['200 g quinoa'],
    ['Boil the quinoa for 15 minutes.'],
    ['Rinse the quinoa.', 'Boil the quinoa for 15 minutes.'],
  ],
  [
    'tahini-no-water',
    ['100 g tahini', '3 tbsp lemon juice'],
    ['Whisk the tahini with the lemon juice.'],
    ['Whisk the tahini with the lemon juice and cold water.'],
  ],
];

describe('each rule', () => {
  it.each(table)(
    '%s speaks of its mistake and not of its nearest neighbour',
    (rule, lines, speaks, quiet) => {
      expect(rulesOf(lines, speaks)).toContain(rule);
      expect(rulesOf(lines, quiet)).not.toContain(rule);
    },
  );
  it('a dressing on wet food is told where much comes of it', () => {
    const text = (tomatoes: string) =>
      [
        'Salad',
        'Serves 4',
        '',
        `${tomatoes} tomatoes`,
        '',
        'For the dressing',
        '60 ml olive oil',
        '',
        '1. Toss.',
      ].join('\n');
    const rules = (tomatoes: string) =>
      findCautions('d1', {
        recipe: parseRecipeText(text(tomatoes), { system: 'metric' }),
        larder: standardLarder,
        profile: { style: 'uk', own: {} },
      }).map(({ rule }) => rule);
    // 8 % of 910 g (1 kg without cores) are 73 ml; of 91 g 7 ml.
    expect(rules('1 kg')).toContain('thinned-dressing');
    expect(rules('100 g')).not.toContain('thinned-dressing');
  });
  it('what is all used is not wanted again', () => {
    const recipeWith = (share: '1' | '1/2') => {
      const whole = written(['40 g walnuts'], ['Chop the walnuts.', 'Scatter the walnuts over.']);
      const steps = whole.steps.map((step) => ({ ...step, uses: [{ line: whole.lines[0]!.id, share }] }));
      return {
        recipe: { ...whole, steps },
        larder: standardLarder,
        profile: { style: 'uk' as const, own: {} },
      };
    };
    const rules = (share: '1' | '1/2') => findCautions('d1', recipeWith(share)).map(({ rule }) => rule);
    expect([rules('1').includes('used-twice'), rules('1/2').includes('used-twice')]).toEqual([true, false]);
  });
  it('a dressing is poured over something', () => {
    const rules = (last: string) => {
      const recipe = written(
        ['200 g rocket', '', 'For the dressing', '60 ml olive oil'],
        ['Whisk the olive oil.', last],
      );
      const facts = { larder: standardLarder, profile: { style: 'uk' as const, own: {} } };
      const steps = recipe.steps.map((step) => ({ ...step, after: [] }));
      return findCautions('d1', { recipe: { ...recipe, kind: 'salad', steps }, ...facts }).map(
        ({ rule }) => rule,
      );
    };
    expect(rules('Pile the rocket up.')).toContain('dressing-not-used');
    expect(rules('Toss the rocket with the dressing.')).not.toContain('dressing-not-used');
  });
  it('cooked grains keep three days', () => {
    const rules = (days: number) => {
      const recipe = written(['200 g farro'], ['Boil the farro for 20 minutes.']);
      const steps = recipe.steps.map((step) => ({ ...step, holdMinutes: days * 1440 }));
      const facts = { larder: standardLarder, profile: { style: 'uk' as const, own: {} } };
      return findCautions('d1', { recipe: { ...recipe, steps }, ...facts }).map(({ rule }) => rule);
    };
    expect([rules(5).includes('cooked-kept-long'), rules(3).includes('cooked-kept-long')]).toEqual([
      true,
      false,
    ]);
  });
  it('there are fifty and more', () => expect(cautionRules.length).toBeGreaterThanOrEqual(50));
  it('is tried by this table or by a test of its own', () =>
    expect(cautionRules.map(({ id }) => id).sort()).toEqual(
      [
        ...table.map(([rule]) => rule),
        'cooked-kept-long',
        'dressing-not-used',
        'thinned-dressing',
        'used-twice',
      ].sort(),
    ));
});

describe('by whose advice', () => {
  it('kidney beans are boiled hard for 10 min UK-style and 30 US-style', () => {
    const steps = ['Soak the beans overnight and drain.', 'Simmer the beans for 20 minutes.'];
    expect(rulesOf(['250 g dried kidney beans'], steps, 'uk')).not.toContain('beans-boiled-short');
    const us = found(['250 g dried kidney beans'], steps, 'us').find(
      ({ rule }) => rule === 'beans-boiled-short',
    );
    expect(us!.remedy).toContain('boil them hard for 30 min');
    expect(us!.remedy).toContain('Follow your local food code');
  });
  it('reheated to 75 °C, 82 in Scotland, or 74', () => {
    const remedy = (style: SafetyProfile['style']) =>
      found(['400 g potatoes'], ['Boil the potatoes.', 'Reheat the potatoes.'], style)[0]!.remedy;
    expect(remedy('uk')).toContain('75 °C in the middle (82 °C in Scotland)');
    expect(remedy('scotland')).toContain('82 °C in the middle.');
    expect(remedy('us')).toContain('74 °C');
    expect(remedy('eu')).toContain('to what your local code says');
  });
});

describe('in the plan of a class', () => {
  it('harm comes first, names its dish, and is no word of safety', () => {
    const recipe = written(
      ['2 egg yolks', '1 tin chickpeas'],
      ['Whisk the yolks.', 'Toss the chickpeas with the yolks.'],
    );
    const { warnings } = planClass({ class: classOf([dish(recipe)]), kitchen });
    const cautions = warnings.filter(({ id }) => id.startsWith('caution:'));
    expect(cautions.map(({ level, sentence }) => [level, sentence])).toEqual([
      ['harm', '“Test”: the egg yolks are eaten raw'],
      ['look', '“Test”: the chickpeas are not drained'],
    ]);
    expect(JSON.stringify(cautions)).not.toMatch(/\bsafe\b/i);
  });
  it('is noted as known with a word why, and harm not without one', () => {
    const recipe = written(['2 egg yolks', '1 tin chickpeas'], ['Whisk the yolks.', 'Toss the chickpeas.']);
    const plan = (noted: Record<string, string>) =>
      planClass({ class: classOf([dish(recipe)], { decisions: { noted } }), kitchen });
    const [egg, tin] = plan({}).warnings.filter(({ id }) => id.startsWith('caution:'));
    expect(plan({ [egg!.id]: ' ', [tin!.id]: '' }).noted.map(({ id }) => id)).toEqual([tin!.id]);
    const noted = plan({ [egg!.id]: 'Pasteurised yolks are used.' });
    expect(noted.noted).toMatchObject([{ id: egg!.id, why: 'Pasteurised yolks are used.' }]);
    expect(noted.warnings.map(({ id }) => id)).not.toContain(egg!.id);
  });
  it('a clash or a lack cannot be noted away', () => {
    const menu = [dish(written(['500 g potatoes'], ['Boil the potatoes in a large pot for 20 minutes.']))];
    const facts = classOf(menu, { people: 60, peoplePerStation: 4 });
    const [lack] = planClass({ class: facts, kitchen }).warnings.filter(({ id }) => id === 'benches');
    const decided = { ...facts, decisions: { noted: { [lack!.id]: 'never mind' } } };
    expect(planClass({ class: decided, kitchen }).warnings.map(({ id }) => id)).toContain('benches');
  });
});
