import { describe, expect, it } from 'vitest';
import { type ClassFacts, noTimelineDecisions, splitStations } from '../../class/index.js';
import type { LocalDateTime } from '../../identity/index.js';
import { classOf, dish, kitchen, onClock, recipe, step } from '../../tests/recipes.js';
import { violations } from '../../tests/schedule-checks.js';
import { createAxis } from '../axis.js';
import { type AttemptInput, type Starts, strictProblem } from './attempt.js';
import { findAttempt } from './find-attempt.js';

const soaked = recipe([], {
  title: 'Beans',
  steps: [
    step('soak', {
      place: 'before',
      text: 'Soak the beans in cold water.',
      waitMinutes: { low: 600, high: 720 },
      occupies: { appliance: 'fridge', setting: '' },
    }),
    step('boil', {
      place: 'before',
      text: 'Boil the beans.',
      waitMinutes: { low: 45, high: 60 },
      occupies: { appliance: 'hob', setting: '' },
      after: ['soak'],
      holdMinutes: 240,
    }),
    step('dress', { text: 'Dress the beans.', after: ['boil'] }),
  ],
});

function inputOf(facts: ClassFacts, overrides: Partial<AttemptInput> = {}): AttemptInput {
  const stations = splitStations(facts.people, facts.peoplePerStation);
  return {
    facts,
    kitchen,
    stations,
    dishes: onClock(facts),
    decisions: noTimelineDecisions,
    open: createAxis(facts.startsAt, facts.zone).openIntervals(kitchen, 5),
    effort: 0,
    ...overrides,
  };
}
const pinnedTo = (pins: Starts) => ({ decisions: { ...noTimelineDecisions, pins } });

describe('a plan of a class keeps every constraint of its problem', () => {
  // An ordinary evening; the night on which clocks go forward; that on which they go back; a class that
  // begins just after midnight.
  it.each<LocalDateTime>(['2026-11-27T18:30', '2027-03-28T10:00', '2026-10-25T10:00', '2026-11-27T00:30'])(
    'starting %s',
    (startsAt) => {
      const input = inputOf(classOf([dish(soaked)], { startsAt }), { isDrained: true });
      const attempt = findAttempt(input)!;
      const { problem } = strictProblem(input);
      expect(attempt.overrun).toBeLessThanOrEqual(0);
      expect(attempt.relaxed).not.toBe('keeping');
      // Eating comes forward where there are minutes to spare; everything else is as in the strict problem.
      const moved = problem.tasks.map((task) =>
        task.id === 'eat' || task.id === 'clear' ? { ...task, earliest: undefined } : task,
      );
      const length = input.facts.lengthMinutes;
      const resources = problem.resources.map((resource) =>
        resource.id === 'stations' ? { ...resource, open: [[0, length]] as [number, number][] } : resource,
      );
      expect(violations({ ...problem, tasks: moved, resources }, attempt.starts)).toEqual([]);
    },
  );
  it(
    'through the night of summer time a soak of 12 h is 12 h: ' +
      'begun 21:55 it is over at 10:55 by the wall clock',
    () => {
      const facts = classOf([dish(soaked)], { startsAt: '2027-03-28T16:00' });
      const { starts } = findAttempt(inputOf(facts, pinnedTo({})))!;
      const axis = createAxis(facts.startsAt, facts.zone);
      const wait = starts['d1/soak:wait']!;
      const [hours, minutes] = axis.local(wait).time.split(':').map(Number) as [number, number];
      const [endHours, endMinutes] = axis
        .local(wait + 720)
        .time.split(':')
        .map(Number) as [number, number];
      const crosses = axis.local(wait).date === '2027-03-27' && axis.local(wait + 720).date === '2027-03-28';
      expect((endHours + 24) * 60 + endMinutes - hours * 60 - minutes).toBe(crosses ? 13 * 60 : 36 * 60);
    },
  );
});

describe('from a plan that stands', () => {
  const facts = classOf([
    dish(soaked),
    dish(
      recipe([], {
        title: 'Slaw',
        steps: [step('shred', { handsOnMinutes: 15 }), step('toss', { after: ['shred'] })],
      }),
      { id: 'd2' },
    ),
  ]);
  const standing = findAttempt(inputOf(facts))!;
  it('one pin moves what hangs on it, and nothing else', () => {
    const moved = findAttempt(
      inputOf(facts, { ...pinnedTo({ pack: standing.starts.pack! - 40 }), standing: standing.starts }),
    )!;
    expect(moved.starts.pack).toBe(standing.starts.pack! - 40);
    const others = Object.keys(standing.starts).filter(
      (id) => id !== 'pack' && moved.starts[id] !== standing.starts[id],
    );
    expect(others.length).toBeLessThanOrEqual(2);
  });
  it('nothing changed is nothing moved', () =>
    expect(findAttempt(inputOf(facts, { standing: standing.starts }))!.starts).toEqual(standing.starts));
  it('effort makes the class no longer and moves no pin', () => {
    const pins = { pack: standing.starts.pack! - 40 };
    const better = findAttempt(inputOf(facts, { ...pinnedTo(pins), effort: 60 }))!;
    expect(better.starts.pack).toBe(pins.pack);
    expect(better.starts.clear!).toBeLessThanOrEqual(standing.starts.clear!);
  });
  it(
    'for the freshest food, what is made waits less and eating stays: a ' +
      'dip that keeps 4 h is stirred right before it is used',
    () => {
      // Toasting 10 min, then stirring 8 (5 × 1.5, rounded up), then serving; stirring does not depend on
      // toasting, so it may be first or last.
      const dip = dish(
        recipe([], {
          steps: [
            step('stir', { holdMinutes: 240 }),
            step('toast', { waitMinutes: { low: 30, high: 30 } }),
            step('serve', { after: ['stir', 'toast'] }),
          ],
        }),
      );
      const input = inputOf(classOf([dip]));
      const first = findAttempt(input)!;
      const early =
        findAttempt({ ...input, standing: { ...first.starts, 'd1/stir': first.starts['d1/toast']! - 8 } }) ??
        first;
      const fresh = findAttempt({
        ...input,
        decisions: { ...noTimelineDecisions, aim: 'freshest' },
        effort: 60,
        standing: early.starts,
      })!;
      const minutes = fresh.tasks.tasks.find(({ id }) => id === 'd1/stir')!.minutes;
      expect(fresh.starts['d1/serve']! - fresh.starts['d1/stir']! - minutes).toBe(0);
      expect(fresh.starts.eat).toBe(early.starts.eat);
    },
  );
  it('a pin that cannot be kept moves nothing', () => {
    // Packing cannot begin in class.
    const attempt = findAttempt(inputOf(facts, { ...pinnedTo({ pack: 30 }), standing: standing.starts }))!;
    expect(attempt.brokenPins).toEqual(['pack']);
    expect(attempt.starts).toEqual(standing.starts);
  });
  it('of two pins that cannot both be, one is kept and the other named', () => {
    const pins = { pack: -100, 'set-out': -103 };
    const attempt = findAttempt(inputOf(facts, pinnedTo(pins)))!;
    expect(attempt.brokenPins).toHaveLength(1);
    const kept = Object.keys(pins).find((id) => !attempt.brokenPins.includes(id)) as keyof typeof pins;
    expect(attempt.starts[kept]).toBe(pins[kept]);
  });
});
