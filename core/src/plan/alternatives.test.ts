import { describe, expect, it } from 'vitest';
import type { ClassDecisions, ClassFacts } from '../class/index.js';
import { parseRecipeText } from '../recipes/index.js';
import { classOf, dish, kitchen } from '../tests/recipes.js';
import { planClass } from './plan-class.js';
import type { ClassBundle } from './types.js';

const salad = parseRecipeText(
  [
    'Bean salad',
    'Serves 4',
    '400 g tin chickpeas or white beans, drained',
    '4 tbsp yoghurt (or tahini)',
    '1 tbsp fresh dill or 1 tsp dried',
    '2 peppers, half red, half yellow',
    '1 tin whatever beans you have',
    '2 tbsp lemon juice or white wine vinegar',
    '',
    'Drain the chickpeas. Stir the yoghurt with the lemon juice. Toss everything with the dill.',
  ].join('\n'),
  { system: 'metric' },
);

function planned(alternatives: ClassDecisions['alternatives'] = {}, rest: Partial<ClassBundle> = {}) {
  const facts: ClassFacts = {
    ...classOf([dish(salad, { id: 'd1', recipeId: 'r1' })]),
    people: 4,
    peoplePerStation: 4,
    demonstrationPlates: 0,
    decisions: { alternatives },
  };
  return planClass({ class: facts, kitchen, ...rest });
}

const open = (plan: ReturnType<typeof planned>, name: string) =>
  plan.alternatives.find((line) => line.name === name)!;
const row = (plan: ReturnType<typeof planned>, ingredient: string) =>
  plan.shopping.rows.find((each) => each.ingredient === ingredient);

describe('what a recipe leaves open', () => {
  const plan = planned();

  it('offers its own “or …”, with what it does to the dish', () => {
    expect(open(plan, 'yoghurt').options).toMatchObject([
      { text: 'tahini', ingredient: 'tahini', effect: expect.stringContaining('brings sesame') },
    ]);
    expect(open(plan, 'yoghurt').options[0]!.effect).toContain('then without milk');
    expect(open(plan, 'chickpeas').options).toMatchObject([{ ingredient: 'tinned-white-beans', effect: '' }]);
  });

  it('offers first what is in the cupboard', () => {
    const walnuts = parseRecipeText('Nuts\n100 g walnuts, pecans or almonds\n\nMix the nuts.', {
      system: 'metric',
    });
    const { alternatives } = planClass({
      class: classOf([dish(walnuts, { id: 'd1', recipeId: 'r1' })]),
      kitchen,
      stock: [
        { ingredient: 'almonds', amount: { low: '100', high: '100', unit: 'g' }, state: '', useBy: null },
      ],
    });
    expect(alternatives[0]!.options.map(({ name, inCupboard }) => [name, inCupboard])).toEqual([
      ['almonds', true],
      ['pecan halves', false],
    ]);
  });

  it('names groups, and what an unnamed food could be', () => {
    expect(open(plan, 'peppers').group).toBe('half red, half yellow');
    expect(row(plan, 'pepper')).toMatchObject({ buy: '2', group: 'half red, half yellow' });
    const beans = open(plan, 'beans');
    expect(beans).toMatchObject({ group: 'whatever you have', ingredient: null, taken: null });
    expect(beans.options.map(({ ingredient }) => ingredient)).toContain('tinned-kidney-beans');
    expect(plan.allergens[0]!.notKnown).toEqual(['beans']);
  });
});

describe('an alternative that was taken', () => {
  it('takes the place on the list, in the allergens and in the steps', () => {
    const before = planned();
    const { key } = open(before, 'yoghurt');
    const plan = planned({ [key]: 'tahini' });
    expect(row(plan, 'yoghurt')).toBeUndefined();
    // 4 × 15 ml × 1.01 g/ml = 60.6 g.
    expect(row(plan, 'tahini')?.need).toBe('303/5');
    expect(plan.allergens[0]!.contains).toContain('sesame');
    expect(plan.allergens[0]!.contains).not.toContain('milk');
    expect(open(plan, 'yoghurt')).toMatchObject({ taken: 'tahini', ingredient: 'tahini' });
    const steps = plan.timeline.clock.map(({ detail }) => detail).join(' ');
    expect(steps).toContain('Stir the tahini');
    expect(steps).not.toContain('yoghurt');
  });

  it('is the tinned kind where a tin was asked for', () => {
    const { key } = open(planned(), 'chickpeas');
    const plan = planned({ [key]: 'white beans' });
    expect(row(plan, 'tinned-white-beans')?.buy).toMatch(/^1 tin/);
    expect(row(plan, 'tinned-chickpeas')).toBeUndefined();
  });

  it('has the amount that is written for it', () => {
    const { key, options } = open(planned(), 'fresh dill');
    expect(options.map(({ text }) => text)).toEqual(['1 tsp dried dill']);
    const lines = planned({ [key]: '1 tsp dried dill' }).portions.dishes[0]!.components.flatMap(
      (component) => component.lines,
    );
    const dill = lines.find(({ name }) => /dill/.test(name))!;
    expect(JSON.stringify(dill)).toContain('1 tsp');
  });

  it('fills a group for this class', () => {
    const { key, options } = open(planned(), 'beans');
    const kidney = options.find(({ ingredient }) => ingredient === 'tinned-kidney-beans')!;
    const plan = planned({ [key]: kidney.text });
    expect(row(plan, 'tinned-kidney-beans')?.buy).toMatch(/^1 tin/);
    expect(plan.allergens[0]!.notKnown).toEqual([]);
  });

  it('is forgotten where the recipe does not write it any more', () => {
    const { key } = open(planned(), 'yoghurt');
    const plan = planned({ [key]: 'mayonnaise' });
    expect(row(plan, 'yoghurt')?.name).toBe('plain yoghurt');
    expect(open(plan, 'yoghurt').taken).toBeNull();
  });
});
