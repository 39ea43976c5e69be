import { describe, expect, it } from 'vitest';
import { rehearse, type RehearsalProblem, type RehearsalStep } from './rehearsal.js';

const at = (id: string, minutes: number, overrides: Partial<RehearsalStep> = {}): RehearsalStep => ({
  id,
  title: id,
  minutes,
  least: minutes,
  by: 'stations',
  pairs: 1,
  appliance: null,
  after: [],
  ...overrides,
});
const problem = (
  steps: readonly RehearsalStep[],
  overrides: Partial<RehearsalProblem> = {},
): RehearsalProblem => ({
  stations: 3,
  pairsEach: 1,
  steps,
  places: {},
  classMinutes: 60,
  spread: 0,
  ...overrides,
});
const once = { runs: 1, seed: 1 };

describe('a class whose groups are all as planned', () => {
  it('one step after another: 10 + 20 = 30', () =>
    expect(rehearse(problem([at('a', 10), at('b', 20, { after: ['a'] })]), once)).toMatchObject({
      median: 30,
      onTime: 1,
      costly: [],
    }));
  it('hands do one thing at a time, even where nothing says which first: 10 + 20', () =>
    expect(rehearse(problem([at('a', 10), at('b', 20)]), once).median).toBe(30));
  it('two pairs of hands do both at once, 20; a third thing begins when the first is free: 10 + 15', () => {
    const two = { pairsEach: 2 };
    expect(rehearse(problem([at('a', 10), at('b', 20)], two), once).median).toBe(20);
    expect(rehearse(problem([at('a', 10), at('b', 20), at('c', 15)], two), once).median).toBe(25);
  });
  it('what takes both pairs waits for the later one: 20 + 5, and all that follows waits for it: + 5', () => {
    const steps = [at('a', 10), at('b', 20), at('lift', 5, { pairs: 2 }), at('c', 5)];
    expect(rehearse(problem(steps, { pairsEach: 2 }), once).median).toBe(30);
    const more = [at('a', 10), at('b', 20), at('lift', 5, { pairs: 9 })];
    expect(rehearse(problem(more, { pairsEach: 2 }), once).median).toBe(25);
  });
  it('a demonstration stops every pair of hands: 20 + 5 + 10', () =>
    expect(
      rehearse(
        problem([at('a', 10), at('b', 20), at('show', 5, { by: 'all' }), at('c', 10)], { pairsEach: 2 }),
        once,
      ).median,
    ).toBe(35));
  it('a wait beside the work: 10, then 30 in the fridge while 20 are worked: 40', () => {
    expect(
      rehearse(problem([at('a', 10), at('chill', 30, { pairs: 0, after: ['a'] }), at('b', 20)]), once).median,
    ).toBe(40);
  });
  it('three stations queue for one blender: 10 + 3 × 5 = 25; with two of them 10 + 2 × 5 = 20', () => {
    const steps = [at('a', 10), at('blend', 5, { appliance: 'blender', after: ['a'] })];
    expect(rehearse(problem(steps, { places: { blender: 1 } }), once).median).toBe(25);
    expect(rehearse(problem(steps, { places: { blender: 2 } }), once).median).toBe(20);
  });
  it('a demonstration stops every station and all wait for it: 10 + 5 + 10', () =>
    expect(rehearse(problem([at('a', 10), at('show', 5, { by: 'all' }), at('b', 10)]), once).median).toBe(
      25,
    ));
  it('staff beside the class hold nobody up until their result is wanted: 40 then 5', () => {
    expect(
      rehearse(
        problem([at('roast', 40, { by: 'staff' }), at('a', 10), at('plate', 5, { after: ['roast'] })]),
        once,
      ).median,
    ).toBe(45);
  });
  it('over the minutes of the class it is late', () =>
    expect(rehearse(problem([at('a', 61)]), once).onTime).toBe(0));
});

describe('what puts the end off', () => {
  // Groups chop in 20 min, more or less; then each blends for 30. At one blender the last is served after the
  // first two, so the end hangs on who chopped fastest: chopping puts nothing off. With one for each, the end
  // hangs on the slowest.
  const steps = [at('chop', 20, { least: 0 }), at('blend', 30, { appliance: 'blender', after: ['chop'] })];
  const costly = (blender: number) =>
    rehearse(problem(steps, { spread: 0.25, places: { blender } }), { runs: 500, seed: 1 }).costly.map(
      ({ id }) => id,
    );
  it('is blamed along the queue at an appliance', () => {
    expect(costly(1)).toEqual([]);
    expect(costly(3)).toEqual(['chop']);
  });
});

describe('a class of many speeds', () => {
  const steps = [at('chop', 20, { least: 5 }), at('show', 5, { by: 'all' }), at('toss', 5, { least: 2 })];
  const many = { runs: 2000, seed: 7 };
  it('the slowest of more stations sets a later end', () => {
    const few = rehearse(problem(steps, { spread: 0.25, stations: 2 }), many);
    const more = rehearse(problem(steps, { spread: 0.25, stations: 12 }), many);
    expect(more.median).toBeGreaterThan(few.median);
    expect(few.median).toBeGreaterThan(30);
  });
  it('the spread of ends grows with the spread of groups', () => {
    const even = rehearse(problem(steps, { spread: 0.1 }), many);
    const mixed = rehearse(problem(steps, { spread: 0.4 }), many);
    expect(mixed.late - mixed.early).toBeGreaterThan(even.late - even.early);
    expect(mixed.ends.reduce((sum, { runs }) => sum + runs, 0)).toBe(2000);
  });
  it('names the step that puts the end off most', () =>
    expect(rehearse(problem(steps, { spread: 0.25 }), many).costly[0]!.id).toBe('chop'));
  it('the same seed gives the same figures, another one others', () => {
    expect(rehearse(problem(steps, { spread: 0.25 }), many)).toEqual(
      rehearse(problem(steps, { spread: 0.25 }), many),
    );
    expect(rehearse(problem(steps, { spread: 0.25 }), { ...many, seed: 8 })).not.toEqual(
      rehearse(problem(steps, { spread: 0.25 }), many),
    );
  });
  it(
    'the chance is that of a known law: one step of one station, ln of its time ' +
      'spread by √(0.25² + 0.2²), is over 20 min in half the runs',
    () => {
      expect(
        rehearse(problem([at('chop', 20, { least: 0 })], { spread: 0.25, stations: 1, classMinutes: 20 }), {
          runs: 20_000,
          seed: 3,
        }).onTime,
      ).toBeCloseTo(0.5, 1);
      // One spread above the middle, 20 × e^0.32 = 27.5 min, 84 % are on time.
      expect(
        rehearse(problem([at('chop', 20, { least: 0 })], { spread: 0.25, stations: 1, classMinutes: 27.5 }), {
          runs: 20_000,
          seed: 3,
        }).onTime,
      ).toBeCloseTo(0.84, 1);
    },
  );
});
