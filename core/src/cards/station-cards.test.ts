import { describe, expect, it } from 'vitest';
import { type ClassDecisions, nobody, noDecisions, type Person } from '../class/index.js';
import { planClass } from '../plan/index.js';
import { standardTechniques } from '../techniques/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { stationCards } from './station-cards.js';

const uses = (...lines: string[]) => lines.map((line) => ({ line, share: '1' as const }));
const salad = recipe(
  [
    '600 g carrots, peeled',
    '3 tbsp olive oil',
    '60 g walnuts',
    '3 tbsp chopped parsley, plus 1 tbsp for the top',
  ],
  {
    title: 'Carrot salad',
    serves: 6,
    credit: 'With thanks to the garden',
    components: [
      { id: 'c1', name: 'Salad', role: 'base' },
      { id: 'c2', name: 'Dressing', role: 'dressing' },
    ],
    steps: [
      step('a', { text: 'Toast the walnuts.', place: 'before', uses: uses('l3') }),
      step('b', {
        text: 'Toss it all.',
        handsOnMinutes: 4,
        tools: ['large bowl'],
        techniques: ['toss'],
        demonstrateMinutes: 2,
        techniqueNote: 'Keep a third back.',
        until: 'until it shines',
        uses: uses('l1', 'l2', 'l4'),
        after: ['a'],
      }),
    ],
  },
);
const facts = classOf(
  [dish(salad), dish(recipe(['200 ml buttermilk'], { title: 'Dip' }), { id: 'd2', maker: 'demonstration' })],
  { demonstrationPlates: 2 },
);
const cards = stationCards({
  facts,
  kitchen,
  plan: planClass({ class: facts, kitchen }),
  techniques: standardTechniques,
  when: 'Friday 27 November',
});
const [first, second, bench] = cards;

describe('station cards', () => {
  it('one for each set of equal stations, and one for the bench', () =>
    expect(cards.map(({ place, stations }) => [place, stations])).toEqual([
      ['Stations 1, 2', 2],
      ['Stations 3, 4', 2],
      ['Demonstration bench', 1],
    ]));
  it('a station of somebody with needs has a card of its own, whether it says them or not', () => {
    const who = { ...nobody, id: 'p1', name: 'Tove', station: 2 } as const;
    const roster = [{ ...who, allergens: [{ what: 'sesame', traces: false }] as const }];
    const withNeeds = { ...facts, roster };
    const places = stationCards({
      facts: withNeeds,
      kitchen,
      plan: planClass({ class: withNeeds, kitchen }),
      techniques: standardTechniques,
      when: 'Friday 27 November',
    }).map(({ place }) => place);
    expect(places).toEqual(['Station 1', 'Station 2', 'Stations 3, 4', 'Demonstration bench']);
  });
  const who = { ...nobody, id: 'p1', name: 'Tove', station: 2 } as const;
  const needsOn = (person: Partial<Person>, asked: Partial<ClassDecisions> = {}) => {
    const withNeeds = { ...facts, roster: [{ ...who, ...person }], decisions: { ...noDecisions, ...asked } };
    const plan = planClass({ class: withNeeds, kitchen });
    const made = stationCards({
      facts: withNeeds,
      kitchen,
      plan,
      techniques: standardTechniques,
      when: 'Friday',
    });
    return made.find(({ place }) => place === 'Station 2')?.needs ?? [];
  };
  const sesame = { allergens: [{ what: 'sesame', traces: true }] as const };
  it.each<[string, Partial<Person>, Partial<ClassDecisions>, string[]]>([
    ['an allergy is said unless somebody says not to', sesame, {}, ['no sesame, nor traces']],
    ['and is not where that was said', sesame, { needsOffCards: true }, []],
    ['so is what harms the unborn', { pregnant: true }, {}, ['nothing raw or unpasteurised']],
    ['and the old', { age: 'older' }, {}, ['nothing raw or unpasteurised']],
    ['and a baby', { age: 'baby' }, {}, ['no honey; nothing raw or unpasteurised']],
    ['a diet harms nobody, and is said where it was asked for', { diets: ['vegan'] }, {}, []],
    ['then it is', { diets: ['vegan'] }, { needsOnCards: true }, ['vegan']],
    ['what is only disliked is on no card', { dislikes: ['olives'] }, { needsOnCards: true }, []],
  ])('%s', (_, person, asked, said) => expect(needsOn(person, asked)).toEqual(said));
  it('what nobody comes to harm by stands at the step of the hands, until it is known and left', () => {
    const beans = recipe(['300 g dried kidney beans'], {
      steps: [
        step('a', { text: 'Soak the beans overnight and drain.', uses: uses('l1'), place: 'before' }),
        step('b', { text: 'Simmer the beans for 90 minutes.', uses: uses('l1'), after: ['a'] }),
      ],
    });
    const cautionOf = (noted: Readonly<Record<string, string>>) => {
      const class_ = { ...classOf([dish(beans)]), decisions: { ...noDecisions, noted } };
      const plan = planClass({ class: class_, kitchen });
      const made = stationCards({ facts: class_, kitchen, plan, techniques: [], when: 'Friday' });
      const found = plan.warnings.filter(({ id, level }) => id.startsWith('caution:') && level === 'harm');
      return [
        made[0]!.dishes[0]!.steps.find(({ text }) => text.startsWith('Simmer'))!.caution,
        found,
      ] as const;
    };
    const [caution, found] = cautionOf({});
    expect(found.map(({ id }) => id)).toContain('caution:beans-only-simmered:d1:b');
    for (const { remedy } of found) expect(caution).toContain(remedy);
    const left = Object.fromEntries(found.map(({ id }) => [id, 'boiled hard at home']));
    expect(cautionOf(left)[0]).not.toContain('boil them hard');
  });
  it('with their own amounts: ⅔ and ½ of 600 g, as the kitchen measures, the other beside it', () => {
    const line = (card: typeof first) =>
      card!.dishes[0]!.components[0]!.lines.slice(0, 2).map(({ amount, beside }) => [amount, beside]);
    // Oil: 30 ml × 0.91 = 27 g and 22.5 × 0.91 = 20 g.
    expect([line(first), line(second)]).toEqual([
      [
        ['400 g', ''],
        ['2 tbsp', '27 g'],
      ],
      [
        ['300 g', ''],
        ['1 tbsp + 1½ tsp', '20 g'],
      ],
    ]);
  });
  it('the part for the top is set aside: ⅔ tbsp = 2 tsp', () =>
    expect(first!.dishes[0]!.components[0]!.lines[2]!.kept).toBe('keep 2 tsp back for the top'));
  it('steps that are taught, numbered from 1, with sign, vessel, notes and caution', () => {
    expect(first!.dishes[0]!.steps).toMatchObject([
      {
        number: 1,
        text: 'Toss it all.',
        until: 'until it shines',
        minutes: 'about 4 min',
        vessel: expect.stringContaining('bowl'),
        notes: [expect.stringContaining('Toss'), 'Keep a third back.'],
      },
    ]);
    expect(first!.dishes[0]!.doneBefore).toEqual(['Toast the walnuts. (40 g walnut halves)']);
  });
  it('the bench card has every step, and what is only shown', () =>
    expect(bench!.dishes.map(({ title, steps }) => [title, steps.length])).toEqual([
      ['Carrot salad', 2],
      ['Dip', 0],
    ]));
  it('asks before the toss, and for what is kept back', () =>
    expect(first!.checks.map((check) => check.replace(/^Carrot salad: /, '').slice(0, 20))).toEqual([
      'before you toss, is ',
      'mix the dressing aga',
      'is the flat-leaf par',
    ]));
  it('cautions defer to the local code', () =>
    expect(first!.cautions[first!.cautions.length - 1]).toBe(
      'Follow your local food code and a qualified person’s advice.',
    ));
  it('names allergens and credit, and what to set out in', () => {
    expect(first!.dishes[0]).toMatchObject({
      contents: expect.stringContaining('walnut'),
      credit: 'With thanks to the garden',
    });
    expect(first!.containers.join()).toContain('carrot');
  });
  it(
    'a station’s card says what it gets of a batch made once: ' + '⅔ of the 3 batches that all need together',
    () => {
      const parted = {
        ...salad,
        lines: salad.lines.map((line, index) => (index === 1 ? { ...line, componentId: 'c2' } : line)),
      };
      const once = classOf([dish(parted, { making: { once: ['c2'] } })], { demonstrationPlates: 2 });
      const [card] = stationCards({
        facts: once,
        kitchen,
        plan: planClass({ class: once, kitchen }),
        techniques: [],
        when: '',
      });
      // ⅔ + ⅔ + ½ + ½ + ⅓ = 2⅔, made as 3 batches: ⅔ ÷ 3 = 22 %.
      expect(card!.dishes[0]!.fromOnce).toEqual(['Dressing: 22 % of it']);
    },
  );
  it('a class without dishes has no cards', () => {
    const empty = classOf([]);
    expect(
      stationCards({
        facts: empty,
        kitchen,
        plan: planClass({ class: empty, kitchen }),
        techniques: [],
        when: '',
      }),
    ).toEqual([]);
  });
});
