import { describe, expect, it } from 'vitest';
import { type KitchenFacts, type Maker, noTimelineDecisions, splitStations } from '../../class/index.js';
import { planClass } from '../../plan/index.js';
import { classOf, dish, kitchen, onClock, recipe, step } from '../../tests/recipes.js';
import { buildTasks } from './tasks.js';

const sauce = (id: string, title: string) =>
  dish(
    recipe([], {
      title,
      steps: [
        step('whisk', { text: `Whisk the ${title}.`, tools: ['whisk', 'small bowl'] }),
        step('serve', { text: `Serve the ${title}.`, after: ['whisk'] }),
      ],
    }),
    { id },
  );
const withTools = (...tools: KitchenFacts['tools'][number][]): KitchenFacts => ({ ...kitchen, tools });
const entriesOf = (of: ReturnType<typeof planClass>) => [...of.timeline.daysBefore, ...of.timeline.clock];
const washes = (of: ReturnType<typeof planClass>) => entriesOf(of).filter(({ id }) => id.endsWith(':washed'));
// 14 people are 4 stations.
const two = classOf([sauce('d1', 'mustard'), sauce('d2', 'lemon')]);

describe('washing up between two dishes', () => {
  it(
    '7 whisks are 1 for each of 4 stations: each dish washes ' + 'its whisk, 1 min, before the other whisks',
    () => {
      const plan = planClass({ class: two, kitchen: withTools({ tool: 'whisk', count: 7 }) });
      const uses = entriesOf(plan)
        .filter(({ id }) => id === 'd1/whisk' || id === 'd2/whisk')
        .sort((a, b) => a.start - b.start);
      const found = washes(plan).sort((a, b) => a.start - b.start);
      expect(found.map(({ title, start, end }) => [title, end - start, start])).toEqual([
        ['Wash up: whisk', 1, uses[0]!.end],
        ['Wash up: whisk', 1, uses[1]!.end],
      ]);
      expect(uses[1]!.start).toBeGreaterThanOrEqual(found[0]!.end);
      expect(plan.kit.shortages).toEqual([]);
    },
  );
  it('what goes round is named as a clash would name it: that of a station, or that of the bench', () => {
    const namesOf = (maker: Maker) => {
      const facts = classOf([
        { ...sauce('d1', 'mustard'), maker },
        { ...sauce('d2', 'lemon'), maker },
      ]);
      return buildTasks({
        facts,
        kitchen: withTools({ tool: 'whisk', count: 1 }),
        stations: splitStations(facts.people, facts.peoplePerStation),
        dishes: onClock(facts),
        decisions: noTimelineDecisions,
      }).resources.map(({ name, capacity }) => [name, capacity]);
    };
    expect(namesOf('every station')).toEqual([['the whisk of a station', 1]]);
    expect(namesOf('demonstration')).toEqual([['the whisk', 1]]);
  });
  it('8 whisks are 2 for each: nothing is washed between', () =>
    expect(washes(planClass({ class: two, kitchen: withTools({ tool: 'whisk', count: 8 }) }))).toEqual([]));
  it('what the kitchen has not counted is taken as there', () =>
    expect(washes(planClass({ class: two, kitchen }))).toEqual([]));
  it('one dish needs no washing of its own tools', () =>
    expect(
      washes(
        planClass({
          class: classOf([sauce('d1', 'mustard')]),
          kitchen: withTools({ tool: 'whisk', count: 4 }),
        }),
      ),
    ).toEqual([]));
  it('whisk and bowl are washed together: 1 + 1 min, with their workings', () => {
    const [first] = washes(
      planClass({
        class: two,
        kitchen: withTools({ tool: 'whisk', count: 4 }, { tool: 'small bowl', count: 4 }),
      }),
    );
    expect(first).toMatchObject({
      title: 'Wash up: whisk and small bowl',
      detail: 'Another dish needs them next.',
      lane: 'stations',
      kind: 'students',
    });
    expect(first!.end - first!.start).toBe(2);
    expect(first!.workings.steps[0]).toEqual({
      label: 'Wash the whisk',
      value: '1 min',
      note: 'More dishes want it at a station than a station has.',
    });
  });
  it('the bench and the stations share: 9 whisks are 1 for each of 4 stations and 5 for the bench', () => {
    const shown = classOf(
      [{ ...sauce('d1', 'mustard'), maker: 'demonstration' }, sauce('d2', 'lemon'), sauce('d3', 'herb')],
      { demonstrationPlates: 2 },
    );
    expect(
      washes(planClass({ class: shown, kitchen: withTools({ tool: 'whisk', count: 9 }) })).map(
        ({ lane }) => lane,
      ),
    ).toEqual(['stations', 'stations']);
  });
  it('a blender at the bench is washed by whoever used it: 3 min', () => {
    const blended = (id: string, title: string) =>
      dish(
        recipe([], {
          title,
          steps: [
            step('blend', { text: `Blend the ${title}.`, tools: ['jug blender'], place: 'before' }),
            step('serve', { after: ['blend'] }),
          ],
        }),
        { id, maker: 'made ahead' },
      );
    const plan = planClass({
      class: classOf([blended('d1', 'beans'), blended('d2', 'herbs')]),
      kitchen: withTools({ tool: 'jug blender', count: 1 }),
    });
    const [a, b] = entriesOf(plan)
      .filter(({ id }) => id.endsWith('/blend'))
      .sort((x, y) => x.start - y.start);
    expect(
      washes(plan).map(({ lane, start, end }) => [lane, end - start, start === a!.end || start === b!.end]),
    ).toEqual([
      ['you', 3, true],
      ['you', 3, true],
    ]);
    expect(b!.start - a!.end).toBeGreaterThanOrEqual(3);
  });
  it('only the last step of a dish that uses it washes it', () => {
    const twice = dish(
      recipe([], {
        steps: [
          step('a', { tools: ['whisk'] }),
          step('b', { tools: ['whisk'], after: ['a'] }),
          step('c', { after: ['b'] }),
        ],
      }),
      { id: 'd1' },
    );
    expect(
      washes(
        planClass({
          class: classOf([twice, sauce('d2', 'lemon')]),
          kitchen: withTools({ tool: 'whisk', count: 4 }),
        }),
      )
        .map(({ id }) => id)
        .sort(),
    ).toEqual(['d1/b:washed', 'd2/whisk:washed']);
  });
  it('nothing is washed after the last step of a dish: clearing follows', () => {
    const last = dish(recipe([], { steps: [step('a'), step('b', { tools: ['whisk'], after: ['a'] })] }), {
      id: 'd1',
    });
    expect(
      washes(
        planClass({
          class: classOf([last, sauce('d2', 'lemon')]),
          kitchen: withTools({ tool: 'whisk', count: 4 }),
        }),
      ).map(({ id }) => id),
    ).toEqual(['d2/whisk:washed']);
  });
  it('class minutes count it as work of the stations', () => {
    const plan = planClass({ class: two, kitchen: withTools({ tool: 'whisk', count: 4 }) });
    expect(
      plan.timeline.budget.filter(({ title }) => title === 'Wash up: whisk').map(({ minutes }) => minutes),
    ).toEqual([1, 1]);
  });
});
