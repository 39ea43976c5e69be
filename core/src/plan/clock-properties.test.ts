import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ClassFacts, KitchenFacts } from '../class/index.js';
import { isOfStep, stepKeyOf } from '../identity/index.js';
import { classes, kitchens } from '../tests/random-classes.js';
import { kitchen } from '../tests/recipes.js';
import type { TimelineEntry } from '../timeline/index.js';
import { planClass } from './plan-class.js';
import type { ClassPlan } from './types.js';

const all = ({ timeline }: ClassPlan) => [...timeline.daysBefore, ...timeline.clock];

/** Pairs of entries that run at the same time. */
function overlapping(entries: readonly TimelineEntry[]): [string, string][] {
  const inOrder = [...entries].filter(({ start, end }) => end > start).sort((a, b) => a.start - b.start);
  return inOrder.flatMap((entry, at) =>
    inOrder
      .slice(at + 1)
      .filter((other) => other.start < entry.end)
      .map((other): [string, string] => [entry.id, other.id]),
  );
}

function check(facts: ClassFacts, at: KitchenFacts): void {
  const plan = planClass({ class: facts, kitchen: at });
  const entries = all(plan);
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  if (plan.timeline.status === 'undecided') return;
  // One pair of hands is in one place: at prep, in class, washing up or shopping.
  for (const who of ['you', 'assistant'] as const) {
    const named = plan.timeline.clashes.flatMap(({ entryIds }) => entryIds);
    expect(
      overlapping(entries.filter((entry) => entry.hands?.who === who && !named.includes(entry.id))),
    ).toEqual([]);
  }
  for (const entry of entries) {
    // What comes after something comes after it, and a wait begins when its hands are off.
    for (const before of entry.after)
      expect([entry.id, byId.get(before)!.end <= entry.start]).toEqual([entry.id, true]);
    if (entry.id.endsWith(':washed'))
      expect(entry.start).toBe(byId.get(entry.id.replace(/:washed$/, ''))!.end);
    if (entry.id.startsWith('trip:'))
      expect([entry.localDate, entry.end <= 0]).toEqual([entry.id.slice(5, 15), true]);
    if (entry.id.startsWith('ripen:')) expect(entry.end - entry.start).toBeGreaterThan(0);
  }
  // A scarce tool is in as many hands as there are of it at the bench.
  const blends = entries.filter(
    (entry) =>
      entry.hands &&
      entry.hands.who !== 'stations' &&
      facts.dishes.some(
        (each) =>
          entry.ref.dishId === each.id &&
          isOfStep(entry.ref) &&
          each.recipe.steps.some((of) => of.id === entry.ref.stepId && of.tools.includes('jug blender')),
      ) &&
      entry.ref.role !== 'shown',
  );
  const dishesThatBlend = new Set(blends.map(({ ref }) => `${ref.dishId} ${ref.ofSwap}`));
  const blenders = at.tools.find(({ tool }) => tool === 'jug blender')!.count;
  if (dishesThatBlend.size > blenders && blenders === 1) expect(overlapping(blends)).toEqual([]);
  for (const { spells, minutes, limitMinutes, isOver } of plan.outOfCold) {
    expect(spells.every(({ from, to }) => to > from)).toBe(true);
    expect(isOver).toBe(limitMinutes !== null && minutes > limitMinutes);
  }
}

describe('the clock of any class', () => {
  it('keeps hands in one place, order, washing and dates', () => {
    fc.assert(
      fc.property(classes, kitchens, (facts, at) => check(facts, at)),
      { numRuns: 60, seed: 5 },
    );
  });
  it('is the same twice, and bettering leaves it as long or shorter', () => {
    fc.assert(
      fc.property(classes, kitchens, (facts, at) => {
        const first = planClass({ class: facts, kitchen: at });
        expect(planClass({ class: facts, kitchen: at })).toEqual(first);
        const better = planClass(
          { class: facts, kitchen: at },
          { effort: 20, standing: first.timeline.starts },
        );
        expect(better.timeline.overrunMinutes).toBeLessThanOrEqual(first.timeline.overrunMinutes);
      }),
      { numRuns: 20, seed: 9 },
    );
  });
  it('a job left out is gone, and nothing else is added for it', () => {
    fc.assert(
      fc.property(classes, (facts) => {
        const added = all(planClass({ class: facts, kitchen })).filter(
          ({ addedFor, kind }) => addedFor !== '' && kind !== 'wait',
        );
        if (added.length === 0) return;
        const key = stepKeyOf(added[0]!.ref)!;
        const without = planClass({ class: { ...facts, decisions: { leftOut: [key] } }, kitchen });
        expect(all(without).filter(({ ref }) => stepKeyOf(ref) === key)).toEqual([]);
        expect(without.timeline.leftOut.map(({ stepKey }) => stepKey)).toEqual([key]);
      }),
      { numRuns: 30, seed: 3 },
    );
  });
});
