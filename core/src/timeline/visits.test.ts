import { describe, expect, it } from 'vitest';
import { type ClassFacts, type KitchenFacts, splitStations } from '../class/index.js';
import { classOf, dish, kitchen, onClock, recipe, step } from '../tests/recipes.js';
import { buildTimeline } from './timeline.js';

function timelineOf(facts: ClassFacts, of: KitchenFacts = kitchen) {
  const stations = splitStations(facts.people, facts.peoplePerStation);
  return buildTimeline({ facts, kitchen: of, stations, dishes: onClock(facts) });
}
const all = (timeline: ReturnType<typeof timelineOf>) => [...timeline.daysBefore, ...timeline.clock];
const entry = (timeline: ReturnType<typeof timelineOf>, id: string) =>
  all(timeline).find((each) => each.id === id)!;

describe('soaks and visits', () => {
  const soaked = recipe([], {
    steps: [
      step('soak', {
        place: 'before',
        handsOnMinutes: 5,
        waitMinutes: { low: 480, high: 720 },
        occupies: { appliance: 'fridge', setting: '' },
      }),
      step('cook', {
        place: 'before',
        handsOnMinutes: 10,
        waitMinutes: { low: 60, high: 75 },
        occupies: { appliance: 'hob', setting: '' },
        after: ['soak'],
      }),
      step('blend', { after: ['cook'] }),
    ],
  });
  it('a soak of 8 to 12 h is gone on with in its range, by people who come while the kitchen is open', () => {
    const timeline = timelineOf(classOf([dish(soaked)]));
    const [soak, cook] = [entry(timeline, 'd1/soak:wait'), entry(timeline, 'd1/cook')];
    expect(soak.end - soak.start).toBe(480);
    expect(cook.start - soak.start).toBeGreaterThanOrEqual(480);
    expect(cook.start - soak.start).toBeLessThanOrEqual(720);
    for (const id of ['d1/soak', 'd1/cook'])
      expect([entry(timeline, id).localTime >= '08:00', entry(timeline, id).localTime <= '21:55']).toEqual([
        true,
        true,
      ]);
  });
  it('one that nobody can go on with in its range is drained in it, and waits in the cold', () => {
    // Soaked 10 to 12 h from 22:00 at the latest it is over by 10:00; what is boiled keeps 2 h for 18:30.
    const timeline = timelineOf(
      classOf([
        dish(
          recipe([], {
            steps: [
              step('soak', {
                place: 'before',
                text: 'Soak the beans.',
                waitMinutes: { low: 600, high: 720 },
                occupies: { appliance: 'fridge', setting: '' },
              }),
              step('cook', { place: 'before', after: ['soak'], holdMinutes: 120 }),
              step('toss', { after: ['cook'] }),
            ],
          }),
        ),
      ]),
    );
    const soak = entry(timeline, 'd1/soak:wait');
    const drain = all(timeline).find(({ title }) => title === 'Drain the beans')!;
    expect(timeline.status).toBe('scheduled');
    expect(drain.start - soak.start).toBeGreaterThanOrEqual(600);
    expect(drain.start - soak.start).toBeLessThanOrEqual(720);
    expect(drain.end).toBeLessThanOrEqual(entry(timeline, 'd1/cook').start);
  });
  it('jobs of earlier days are gathered: three of 5 min are one visit', () => {
    const chilled = (id: string) =>
      step(id, {
        place: 'before',
        text: `Chill ${id}.`,
        waitMinutes: { low: 1200, high: 2400 },
        occupies: { appliance: 'fridge', setting: '' },
      });
    const timeline = timelineOf(
      classOf([dish(recipe([], { steps: ['a', 'b', 'c'].map(chilled) }))], { assistants: 1 }),
    );
    expect(timeline.visits).toHaveLength(1);
    expect(timeline.visits[0]!.entryIds).toHaveLength(3);
  });
});
