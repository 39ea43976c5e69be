import { describe, expect, it } from 'vitest';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { planClass } from './plan-class.js';

const lemony = recipe(['100 g rocket', '3 tbsp lemon juice', '1 tsp lemon zest', '2 eggs', '30 g walnuts'], {
  title: 'Lemon rocket',
  steps: [
    step('s1', {
      text: 'Juice the lemon, whisk; toss rocket, eggs and walnuts.',
      uses: ['l1', 'l2', 'l3', 'l4', 'l5'].map((line) => ({ line, share: '1' })),
      tools: ['whisk'],
    }),
  ],
});
const plan = (to = {}) => planClass({ class: classOf([dish(lemony)], to), kitchen });
const row = (of: ReturnType<typeof plan>, key: string) => of.shopping.rows.find((each) => each.key === key)!;

describe('one number changes, and everything follows', () => {
  it('14 people: stations of 4+4+3+3, batches 1, 1, ¾, ¾', () => {
    const { portions } = plan();
    expect(portions.stations.sizes).toEqual([4, 4, 3, 3]);
    expect(portions.dishes[0]!.batches.map(({ factor, count }) => [factor, count])).toEqual([
      ['1', 2],
      ['3/4', 2],
    ]);
  });
  it(
    'juice: 2 × 45 + 2 × 33.75 = 157.5 ml ÷ 35 = 4.5 → 5 ' +
      'lemons; 17 people: 2 × 45 + 3 × 33.75 = 191.25 → 6',
    () => {
      expect(row(plan(), 'lemon').buy).toBe('5');
      expect(row(plan({ people: 17 }), 'lemon').buy).toBe('6');
    },
  );
  it('eggs: ¾ × 2 = 1½ → 2 at a station; 4 stations want 8, 5 want 10 → boxes of 12', () => {
    expect(row(plan(), 'egg')).toMatchObject({ need: '8', buy: '1 box of 12' });
    expect(row(plan({ people: 17 }), 'egg').need).toBe('10');
  });
  it(
    'rocket: 3½ × 100 g ÷ 0.95 is not divided, it is as purchased: ' +
      '350 g → 6 bags of 60 g or 1 × 60 + 3 × 100 = 360',
    () => expect(row(plan(), 'rocket')).toMatchObject({ need: '350', leftOver: '10 g left' }),
  );
  it('kit and time follow too', () => {
    expect(plan().kit.stations).toBe(4);
    expect(plan({ people: 17 }).kit.stations).toBe(5);
    expect(plan().timeline.clock.length).toBeGreaterThan(4);
  });
  it('is the same plan twice', () => expect(plan()).toEqual(plan()));
});

describe('checks', () => {
  const sentences = (of: ReturnType<typeof plan>) => of.warnings.map(({ sentence }) => sentence);
  it('an empty menu says what to do', () =>
    expect(planClass({ class: classOf([]), kitchen }).warnings[0]).toMatchObject({
      place: 'people',
      remedy: 'Add a dish from the library.',
    }));
  it('a recipe without lines or steps', () =>
    expect(sentences(planClass({ class: classOf([dish(recipe([], { title: 'Bare' }))]), kitchen }))).toEqual(
      expect.arrayContaining([
        '“Bare” has no ingredient lines',
        '“Bare” has no steps, so it takes no time in the plan',
      ]),
    ));
  it('a line that no step uses', () => {
    const unused = recipe(['100 g rocket', '1 tsp sumac'], {
      title: 'Leaves',
      steps: [step('s1', { text: 'Toss the rocket.', uses: [{ line: 'l1', share: '1' }] })],
    });
    expect(sentences(planClass({ class: classOf([dish(unused)]), kitchen }))).toContain(
      'No step of “Leaves” uses sumac',
    );
  });
  it('what the larder does not know', () =>
    expect(
      sentences(
        planClass({
          class: classOf([dish(recipe(['30 g moon dust'], { steps: [step('s1', { text: 'Moon dust.' })] }))]),
          kitchen,
        }),
      ),
    ).toContain('Not in the larder: moon dust'));
  it('too few whisks for the stations', () =>
    expect(
      sentences(
        planClass({
          class: classOf([dish(lemony)]),
          kitchen: { ...kitchen, tools: [{ tool: 'whisk', count: 3 }] },
        }),
      ).some((sentence) => sentence.startsWith('Not enough whisks: 4 needed')),
    ).toBe(true));
  it('steps that go round in a circle are planned without one of its links, and that is said', () => {
    const circle = recipe(['1 lemon'], {
      steps: [step('a', { after: ['b'], text: 'Lemon.' }), step('b', { after: ['a'] })],
    });
    const { timeline, warnings } = planClass({ class: classOf([dish(circle)]), kitchen });
    expect(timeline.status).toBe('scheduled');
    expect(warnings.find(({ id }) => id === 'd1:circle')?.sentence).toBe(
      'Steps of “Test salad” come after each other in a circle: “Lemon.” and “Do b.”',
    );
  });
});

describe('allergens and jobs', () => {
  it('names allergens as the larder has them', () =>
    expect(plan().allergens).toEqual([{ dishId: 'd1', contains: ['egg', 'nuts (walnut)'], notKnown: [] }]));
  it('shopping is a dated job the day before; packing and setting out are jobs of the day', () =>
    expect(plan().jobs.map(({ kind, localDate }) => [kind, localDate])).toEqual([
      ['buy', '2026-11-26'],
      ['prep', '2026-11-27'],
      ['prep', '2026-11-27'],
      ['class', '2026-11-27'],
    ]));
});
