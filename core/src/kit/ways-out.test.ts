import { describe, expect, it } from 'vitest';
import { applyKitDecisions, type KitDecisions, splitStations, toolFacts } from '../class/index.js';
import { planBatches, portionRecipe } from '../portions/index.js';
import { dish, recipe, step } from '../tests/recipes.js';
import type { KitInput } from './kit-input.js';
import { buildKitList } from './kit-list.js';
import type { ToolUse } from './types.js';

const stations = splitStations(16, 4);
const salad = dish(
  recipe(['600 g carrots', '1 lemon, juiced'], { steps: [step('a', { text: 'Toss.', tools: ['whisk'] })] }),
);
const use = (
  start: number,
  end: number,
  tools: readonly string[],
  overrides: Partial<ToolUse> = {},
): ToolUse => ({
  start,
  end,
  place: 'stations',
  tools,
  title: `from ${start}`,
  dishId: 'd1',
  ...overrides,
});

function kitOf(
  uses: readonly ToolUse[],
  toolsInKitchen: KitInput['toolsInKitchen'] = [],
  decisions: Partial<KitDecisions> = {},
  of = salad,
) {
  return buildKitList({
    uses,
    stations: stations.sizes,
    people: 16,
    dishes: [
      {
        decided: of,
        portions: portionRecipe(of, planBatches(of, stations, 16, 0), {
          kitchenSystem: 'metric',
          english: 'uk',
        }),
      },
    ],
    toolsInKitchen,
    english: 'uk',
    clock: (minute) => `+${minute}`,
    decisions: { kit: [], ownSets: [], ...decisions },
  });
}
const own = (uses: readonly ToolUse[], tool: string) =>
  kitOf(uses).perStation.find(({ id }) => id === tool)?.count ?? 0;

describe('washed between dishes', () => {
  it('the same dish goes on with it: one', () =>
    expect(own([use(0, 10, ['strainer']), use(10, 20, ['strainer'])], 'strainer')).toBe(1));
  it('another dish wants it washed, 2 min: at once there is no time, so two', () =>
    expect(own([use(0, 10, ['strainer']), use(10, 20, ['strainer'], { dishId: 'd2' })], 'strainer')).toBe(2));
  it('2 min later it is washed: one, and the washing is listed', () => {
    const uses = [use(0, 10, ['strainer']), use(12, 20, ['strainer'], { dishId: 'd2' })];
    expect(own(uses, 'strainer')).toBe(1);
    expect(kitOf(uses).washing).toEqual([
      { tool: 'strainer', place: 'each station', atMinute: 10, minutes: 2, between: 'from 0 → from 12' },
    ]);
  });
  it('a board for raw chicken is never used for anything else, however long after', () => {
    const rows = kitOf([
      use(0, 10, ['board and knife'], { raw: ['chicken breast'] }),
      use(60, 70, ['board and knife']),
    ]).perStation.filter(({ id }) => id.startsWith('board'));
    expect(rows.map(({ id, count, tool }) => [id, count, tool])).toEqual([
      ['board and knife:raw', 1, 'board and knife, for raw chicken breast'],
      ['board and knife', 1, 'board and knife'],
    ]);
  });
  it('dirty at once at the most: a whisk at each of 4 stations, then a bowl too: 4 + 4 = 8', () =>
    expect(kitOf([use(0, 5, ['whisk']), use(5, 9, ['small bowl'])]).dirty).toMatchObject({
      count: 8,
      atMinute: 9,
    }));
});

describe('few places at once', () => {
  it('in rotation 2 of 4 stations use a tray: 2 for the room', () =>
    expect(kitOf([use(0, 10, ['oven tray'], { places: 2 })]).shared[0]).toMatchObject({
      tool: 'oven tray',
      count: 2,
    }));
});

describe('ways out of a shortage', () => {
  const uses = [use(0, 6, ['whisk'])];
  const ways = (counts: KitInput['toolsInKitchen']) =>
    kitOf(uses, counts).shortages[0]?.waysOut.map(({ kind, sentence }) => [kind, sentence]);
  it('4 wanted, 3 there: share two and two, or 3 first and 1 after them, 6 min longer', () => {
    expect(ways([{ tool: 'whisk', count: 3 }])).toEqual([
      ['share', 'Each waits for the other: up to 6 min longer'],
      ['stagger', 'Stations 1–3 go first, station 4 after them: up to 6 min longer'],
    ]);
  });
  it('3 places share 2, not 1: a pair and one alone', () => {
    const kinds = (count: number) =>
      kitOf([use(0, 6, ['whisk'], { places: 3 })], [{ tool: 'whisk', count }]).shortages[0]!.waysOut.map(
        ({ kind }) => kind,
      );
    expect([kinds(2), kinds(1)]).toEqual([['share', 'stagger'], ['stagger']]);
  });
  it('1 there cannot be shared by twos; one after the other takes 3 × 6 = 18 min more', () =>
    expect(ways([{ tool: 'whisk', count: 1 }])).toEqual([
      ['stagger', 'Station 1 goes first, the others in turn: up to 18 min longer'],
    ]));
  it('another tool where there are enough of it: 4 jars, 0.7 × 6 min = 2 min sooner, with its result', () => {
    expect(
      ways([
        { tool: 'whisk', count: 3 },
        { tool: 'jar with lid', count: 4 },
      ])![0],
    ).toEqual(['replace', 'Shaken: holds about 10 minutes; about 2 min sooner']);
    expect(
      ways([
        { tool: 'whisk', count: 3 },
        { tool: 'jar with lid', count: 3 },
      ])!.map(([kind]) => kind),
    ).not.toContain('replace');
  });
  it('none there at all: only another tool helps', () =>
    expect(ways([{ tool: 'whisk', count: 0 }])).toEqual([]));
  it.each([
    [{ tool: 'whisk', kind: 'stagger', atOnce: 3 }, 'Whisks go round: 3 at once'],
    [{ tool: 'whisk', kind: 'share' }, 'Two stations share one whisk'],
  ] as const)('%j ends the shortage and can be taken back', (decision, sentence) => {
    const kit = kitOf(uses, [{ tool: 'whisk', count: 3 }], { kit: [decision] });
    expect([kit.shortages, kit.taken.map((each) => each.sentence)]).toEqual([[], [sentence]]);
  });
});

describe('what a way out does to a step of 6 minutes at 4 stations', () => {
  const of = (kind: 'stagger' | 'share' | 'replace', more = {}) =>
    applyKitDecisions(
      recipe([], { steps: [step('a', { handsOnMinutes: 6, tools: ['whisk'] })] }),
      [{ tool: 'whisk', kind, ...more }],
      4,
    ).steps[0]!;
  it('3 at once: two turns, 12 min', () => expect(of('stagger', { atOnce: 3 }).handsOnMinutes).toBe(12));
  it('shared: 12 min', () => expect(of('share').handsOnMinutes).toBe(12));
  it('a jar instead: 0.7 × 6 = 4.2 → 4 min, with other words', () =>
    expect(of('replace', { by: 'jar with lid' })).toMatchObject({
      handsOnMinutes: 4,
      tools: ['jar with lid'],
      text: expect.stringContaining('With jar with lid: shaken'),
    }));
  it('an unknown substitute changes nothing', () =>
    expect(of('replace', { by: 'laser' }).tools).toEqual(['whisk']));
});

describe('kept apart', () => {
  it('a station free of nuts has its own of what the room shares: 4 + 1 trays', () => {
    const kit = kitOf([use(0, 10, ['oven tray'])], [{ tool: 'oven tray', count: 4 }], {
      ownSets: [{ station: 2, without: 'nuts' }],
    });
    expect(kit.shared[0]).toMatchObject({ count: 5, note: '1 for station 2 alone, free of nuts' });
    expect(kit.shortages[0]).toMatchObject({ needed: 5, inKitchen: 4 });
    expect(kit.crates.find(({ id }) => id.startsWith('station'))!.name).toContain(
      'station 2: its own, washed apart, free of nuts',
    );
  });
});

describe('crates', () => {
  const kit = kitOf([use(0, 10, ['whisk'])]);
  const crate = kit.crates[0]!;
  it('one a station, four alike, with tools and containers', () =>
    expect([
      crate.name,
      crate.count,
      crate.rows.some(({ name }) => name === 'whisk'),
      crate.rows.some(({ key }) => key.startsWith('container:')),
    ]).toEqual(['Stations 1–4', 4, true, true]));
  it('there is one of each that is no station', () => {
    const others = kit.crates.filter(({ id }) => !id.startsWith('station'));
    expect(others.map(({ name }) => name)).toContain('Consumables');
    expect(others.map(({ count }) => count)).toEqual(others.map(() => 1));
  });
  it('weighs its tools, its containers and its food', () => {
    // Whisk 120, cloth 80, 8 spoons × 25 = 200, scrap bowl 250, 2 towels × 60 = 120: 770 g. Carrots 600 ×
    // 0.85 = 510 g in a tub of 700 g, juice of a lemon 35 g on a tray of 900 g.
    expect(crate.workings.steps.map(({ label, value }) => [label, value])).toEqual([
      ['Tools', '770 g'],
      ['Containers', '1.6 kg'],
      ['Food', '545 g'],
    ]);
  });
});

describe('consumables and what is easily forgotten', () => {
  const chicken = dish(
    recipe(['400 g chicken breast', '2 tbsp lemon juice'], {
      steps: [
        step('a', { text: 'Marinate the chicken and chill it, covered.', tools: ['oven tray'] }),
        step('b', { text: 'Toss everything.' }),
      ],
    }),
  );
  const kit = kitOf([], [], {}, chicken);
  const used = (of: ReturnType<typeof kitOf>, tool: string) =>
    of.consumables.find(({ id }) => id === tool)?.count ?? 0;
  it('sheets for trays that are in use at once: 4 stations, then the same trays again', () => {
    expect(used(kit, 'sheet of baking paper')).toBe(0);
    const twice = [use(0, 20, ['oven tray']), use(20, 40, ['oven tray'])];
    expect(used(kitOf(twice, [], {}, chicken), 'sheet of baking paper')).toBe(4);
  });
  it('a bowl is covered at each station that does it, once made ahead, not for “the rest of it”', () => {
    expect(used(kit, 'cover for a bowl')).toBe(4);
    expect(used(kitOf([], [], {}, { ...chicken, maker: 'made ahead' }), 'cover for a bowl')).toBe(1);
    const rest = dish(recipe(['2 tbsp oil'], { steps: [step('a', { text: 'Add the rest of the oil.' })] }));
    expect(used(kitOf([], [], {}, rest), 'cover for a bowl')).toBe(0);
  });
  it('a cloth under each board that is out at once', () => {
    const raw = [
      use(0, 10, ['board and knife']),
      use(4, 9, ['board and knife'], { raw: ['chicken breast'] }),
    ];
    expect(own(raw, 'damp cloth')).toBe(2);
    expect(own([use(0, 10, ['whisk'])], 'damp cloth')).toBe(1);
  });
  it('asks for what no step names', () =>
    expect(kit.checks.map(({ id }) => id)).toEqual([
      'second-board',
      'juice-bowl',
      'juice-strainer',
      'lids',
      'bags',
      'toss-bowl',
      'toss-with',
      'probe',
    ]));
  it('every tool that can stand in for another is a tool itself', () => {
    const known = new Set(toolFacts.map(({ id }) => id));
    for (const fact of toolFacts)
      for (const { tool } of fact.instead)
        expect([fact.id, tool, known.has(tool)]).toEqual([fact.id, tool, true]);
  });
});

describe('bowls to set out in', () => {
  // 16 people, 4 stations: oil and vinegar have a pinch bowl each, cream and stock a small one; 8 of each.
  const lines = ['2 tbsp olive oil', '2 tbsp cider vinegar', '150 ml double cream', '100 ml vegetable stock'];
  const steps = [
    step('a', { uses: [0, 1].map((at) => ({ line: `l${at + 1}`, share: '1' })) }),
    step('b', { uses: [{ line: 'l3', share: '1' }] }),
    step('c', { uses: [{ line: 'l4', share: '1' }] }),
  ];
  const dressed = dish(recipe(lines, { steps }));
  const short = (tool: string, count: number, uses: readonly ToolUse[] = []) =>
    kitOf(uses, [{ tool, count }], {}, dressed).shortages;

  it('enough is said nothing of', () => expect(short('pinch bowl', 8)).toEqual([]));
  it('7 for 8: oil and vinegar go in together, so 4 will do; taken, the shortage is gone', () => {
    const [shortage] = short('pinch bowl', 7);
    expect(shortage).toMatchObject({
      sentence: 'Not enough pinch bowls: 8 needed to set out, 7 in the kitchen',
      waysOut: [{ action: 'Set out together what goes in together', sentence: '4 pinch bowls instead of 8' }],
    });
    const kit = [shortage!.waysOut[0]!.decision];
    const taken = kitOf([], [{ tool: 'pinch bowl', count: 7 }], { kit }, dressed);
    expect(taken.shortages).toEqual([]);
    expect(taken.taken[0]!.sentence).toBe('What goes in together is set out together');
  });
  it('small bowls to work in are wanted beside them, 8 + 4; cream and stock go in apart: no way out', () =>
    expect(short('small bowl', 8, [use(0, 5, ['small bowl'])])).toMatchObject([
      {
        sentence: 'Not enough small bowls: 12 needed to set out, 4 of them to work in, 8 in the kitchen',
        waysOut: [],
      },
    ]));
  it('what students squeeze stands there as fruit, once for juice and zest', () => {
    const fruit = kitOf([], [], {}, dish(recipe(['2 tbsp lemon juice', '1 tsp lemon zest'])));
    expect(fruit.containers).toMatchObject([{ container: 'produce tray', count: 1, holds: ['lemon'] }]);
  });
});
