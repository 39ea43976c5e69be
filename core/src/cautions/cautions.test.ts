import { describe, expect, it } from 'vitest';
import type { SafetyProfile } from '../class/index.js';
import { standardLarder } from '../larder/index.js';
import { planClass } from '../plan/index.js';
import { parseRecipeText } from '../recipes/index.js';
import { standardTechniques } from '../techniques/index.js';
import { firstCautionRows } from '../tests/caution-rows.js';
import { harmRows } from '../tests/harm-rows.js';
import { moreCautionRows } from '../tests/more-caution-rows.js';
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

const table = [...firstCautionRows, ...moreCautionRows, ...harmRows];

describe('each rule', () => {
  it.each(table)(
    '%s speaks of its mistake and not of its nearest neighbour',
    (rule, lines, speaks, quiet) => {
      expect(rulesOf(lines, speaks)).toContain(rule);
      expect(rulesOf(lines, quiet)).not.toContain(rule);
    },
  );
  it.each([
    ['1 kg potatoes, green ones too', 'poison-raw'],
    ['500 g bitter courgettes', 'poison-raw'],
    ['400 g rhubarb with leaves', 'poison-raw'],
  ])('%s is no food', (line, rule) => {
    expect(rulesOf([line], ['Boil for 20 minutes.'])).toContain(rule);
    expect(rulesOf(['1 kg potatoes'], ['Boil for 20 minutes.'])).not.toContain(rule);
  });
  it.each([
    [['1 red onion', '100 ml white wine vinegar'], ['Slice the onion into the vinegar until pink.']],
    [['200 g smoked salmon', '1 lemon'], ['Lay out the smoked salmon and squeeze over the lemon.']],
    [
      ['300 g strong flour', '7 g dried yeast'],
      ['Mix, leave in a warm place for 3 hours.', 'Bake for 25 minutes.'],
    ],
    [
      ['6 tomatoes', '1 tsp salt'],
      ['Slice, salt and leave the tomatoes at room temperature for 30 minutes.'],
    ],
    [['100 g sun-dried tomatoes in oil'], ['Drain the tomatoes and chop them.']],
    [
      ['60 ml olive oil', '20 ml lemon juice'],
      ['Shake in a jar.', 'Keep in the fridge for a week.'],
    ],
    [['4 onions', '2 tbsp oil'], ['Fry the onions slowly for 40 minutes until caramelised.']],
    [['4 eggs'], ['Boil the eggs for 10 minutes.', 'Cool in cold water and peel.']],
    [['200 g feta', '100 g yoghurt'], ['Blend the feta with the yoghurt and chill for 2 hours.']],
    [['500 g buttermilk'], ['Whisk. Shelf life 5 days at 3 °C.']],
  ])('%s: nobody is harmed', (lines, steps) =>
    expect(found(lines, steps).filter(({ severity }) => severity === 'harm')).toEqual([]),
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
  it('names a note that there is', () => {
    const notes = new Set(standardTechniques.map(({ id }) => id));
    expect(cautionRules.flatMap(({ note }) => (note === null || notes.has(note) ? [] : [note]))).toEqual([]);
  });
  it('there are fifty and more', () => expect(cautionRules.length).toBeGreaterThanOrEqual(50));
  it('is tried by this table or by a test of its own', () =>
    expect(cautionRules.map(({ id }) => id).sort()).toEqual(
      [
        ...new Set(table.map(([rule]) => rule)),
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

describe('what mends it with one press', () => {
  const takeable: [string, string[], string[], string][] = [
    ['raw egg', ['2 eggs', '200 ml rapeseed oil'], ['Whisk the eggs with the oil.'], 'pasteurised-egg'],
    ['beans that are not boiled', ['250 g dried kidney beans'], ['Soak the beans.'], 'tinned-kidney-beans'],
    [
      'oil that turns bitter',
      ['2 egg yolks', '200 ml extra virgin olive oil'],
      ['Blend the yolks, adding the extra virgin olive oil slowly.'],
      'rapeseed-oil',
    ],
  ];
  it.each(takeable)('%s: taken, it is no longer found', (_, lines, steps, taken) => {
    const recipe = written(lines, steps);
    const warningsOf = (substitutes: Record<string, string>) =>
      planClass({ class: classOf([dish(recipe)], { decisions: { substitutes } }), kitchen }).warnings;
    const open = warningsOf({}).find(({ swap }) => swap?.taken === taken)!;
    const after = warningsOf({ [open.swap!.missing]: taken });
    expect(after.map(({ id }) => id)).not.toContain(open.id);
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

describe('figures in a remedy', () => {
  const judgedBy = (style: 'uk' | 'us' | 'eu', text: string) =>
    findCautions('d', {
      recipe: parseRecipeText(text, { system: 'metric' }),
      larder: standardLarder,
      profile: { style, own: {} },
    })
      .map(({ remedy }) => remedy)
      .join(' ');
  const hot = 'Rice bowl\n300 g rice\n\n1. Boil the rice for 12 minutes.\n2. Keep the rice warm for 6 hours.';
  const pink =
    'Chicken salad\n2 chicken breasts\n\n1. Sear the chicken for 2 minutes, it should still be pink.';
  it.each([
    ['uk', hot, 'at 63 °C or over'],
    ['us', hot, 'at 57 °C or over'],
    ['eu', hot, 'as hot as your local food code wants it'],
    ['uk', pink, '75 °C'],
    ['us', pink, '74 °C'],
  ] as const)('are those of the profile: %s', (style, text, figure) =>
    expect(judgedBy(style, text)).toContain(figure),
  );
});
