import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import type { RecipeStep } from '../recipes/index.js';
import type { ClassDish } from '../portions/index.js';
import type { TimelineEntry } from '../timeline/types.js';
import type { ClassFacts, ClassPlan, KitchenFacts } from './types.js';
import { planClass } from './plan-class.js';

const lines = ['200 g yoghurt', '200 g white rice', '2 ripe pears', '100 g rocket', '3 tbsp olive oil', '1 tbsp cider vinegar', '200 g frozen peas'];
const texts = ['Slice the pears.', 'Toss the rocket with the dressing.', 'Stir the yoghurt.', 'Whisk the dressing.', 'Crush the peas.', 'Boil the rice.'];

/** A step that may wait, on the hob or in the cold, and may be shown; after the one before it or not. */
const stepOf = (index: number): fc.Arbitrary<RecipeStep> => fc.record({
  text: fc.constantFrom(...texts), handsOnMinutes: fc.integer({ min: 1, max: 9 }), wait: fc.option(fc.integer({ min: 5, max: 40 }), { freq: 3 }), place: fc.constantFrom('in class' as const, 'either' as const, 'before' as const),
  on: fc.constantFrom('hob' as const, 'fridge' as const, null), tools: fc.subarray(['whisk', 'small bowl', 'board and knife', 'jug blender']), follows: fc.boolean(), demonstrateMinutes: fc.constantFrom(0, 0, 3), line: fc.integer({ min: 1, max: lines.length }),
  holdMinutes: fc.constantFrom(null, 30, 240, 2880), techniques: fc.subarray(['whisk-dressing', 'slice']),
}).map(({ wait, on, follows, line, ...of }) => step(`s${index}`, {
  ...of, waitMinutes: wait === null ? null : { low: wait, high: wait }, occupies: on && (wait !== null || on === 'hob') ? { appliance: on, setting: '' } : null, uses: [{ line: `l${line}`, share: '1' }], after: follows && index > 1 ? [`s${index - 1}`] : [],
}));

const dishOf = (index: number): fc.Arbitrary<ClassDish> => fc.record({ steps: fc.integer({ min: 1, max: 4 }).chain((count) => fc.tuple(...Array.from({ length: count }, (_, at) => stepOf(at + 1)))), maker: fc.constantFrom('every station' as const, 'demonstration' as const, 'made ahead' as const), swap: fc.boolean() })
  .map(({ steps, maker, swap }) => dish(recipe(lines, { title: `Dish ${index}`, steps }), { id: `d${index}`, maker, making: { swap } }));

const classes: fc.Arbitrary<ClassFacts> = fc.record({ dishes: fc.integer({ min: 1, max: 4 }).chain((count) => fc.tuple(...Array.from({ length: count }, (_, at) => dishOf(at + 1)))), assistants: fc.constantFrom(0, 1), people: fc.integer({ min: 3, max: 13 }), lengthMinutes: fc.constantFrom(120, 180, 240) })
  .map(({ dishes, ...to }) => classOf(dishes, { ...to, startsAt: '2026-11-28T18:30', demonstrationPlates: 2 }));

/** Two shops that are both visited on the day before. */
const shops: KitchenFacts['suppliers'] = [{ name: 'Greens', sections: ['salad and herbs', 'fruit'], days: [5] }, { name: 'Rest', sections: [], days: [5] }];

const kitchens: fc.Arbitrary<KitchenFacts> = fc.record({ whisks: fc.integer({ min: 1, max: 8 }), boards: fc.integer({ min: 1, max: 12 }), blenders: fc.integer({ min: 1, max: 2 }) })
  .map(({ whisks, boards, blenders }) => ({ ...kitchen, suppliers: shops, tools: [{ tool: 'whisk', count: whisks }, { tool: 'board and knife', count: boards }, { tool: 'jug blender', count: blenders }] }));

const all = ({ timeline }: ClassPlan) => [...timeline.daysBefore, ...timeline.clock];

/** Pairs of entries that run at the same time. */
function overlapping(entries: readonly TimelineEntry[]): [string, string][] {
  const inOrder = [...entries].filter(({ start, end }) => end > start).sort((a, b) => a.start - b.start);
  return inOrder.flatMap((entry, at) => inOrder.slice(at + 1).filter((other) => other.start < entry.end).map((other): [string, string] => [entry.id, other.id]));
}

function check(facts: ClassFacts, at: KitchenFacts): void {
  const plan = planClass({ class: facts, kitchen: at });
  const entries = all(plan);
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  if (plan.timeline.status === 'undecided') return;
  // One pair of hands is in one place: at prep, in class, washing up or shopping.
  for (const who of ['you', 'assistant'] as const) {
    const named = plan.timeline.clashes.flatMap(({ entryIds }) => entryIds);
    expect(overlapping(entries.filter((entry) => entry.hands?.who === who && !named.includes(entry.id)))).toEqual([]);
  }
  for (const entry of entries) {
    // What comes after something comes after it, and a wait begins when its hands are off.
    for (const before of entry.after) expect([entry.id, byId.get(before)!.end <= entry.start]).toEqual([entry.id, true]);
    if (entry.id.endsWith(':washed')) expect(entry.start).toBe(byId.get(entry.id.replace(/:washed$/, ''))!.end);
    if (entry.id.startsWith('trip:')) expect([entry.localDate, entry.end <= 0]).toEqual([entry.id.slice(5, 15), true]);
    if (entry.id.startsWith('ripen:')) expect(entry.end - entry.start).toBeGreaterThan(0);
  }
  // A scarce tool is in as many hands as there are of it at the bench.
  const blends = entries.filter((entry) => entry.hands && entry.hands.who !== 'stations' && facts.dishes.some((each) => entry.id.startsWith(`${each.id}/`) && each.recipe.steps.some((of) => of.id === entry.stepId && of.tools.includes('jug blender'))) && !entry.id.endsWith(':shown'));
  const dishesThatBlend = new Set(blends.map(({ id }) => id.slice(0, id.lastIndexOf('/'))));
  const blenders = at.tools.find(({ tool }) => tool === 'jug blender')!.count;
  if (dishesThatBlend.size > blenders && blenders === 1) expect(overlapping(blends)).toEqual([]);
  for (const { spells, minutes, limitMinutes, isOver } of plan.outOfCold) {
    expect(spells.every(({ from, to }) => to > from)).toBe(true);
    expect(isOver).toBe(limitMinutes !== null && minutes > limitMinutes);
  }
}

describe('the clock of any class', () => {
  it('keeps hands in one place, order, washing and dates', () => { fc.assert(fc.property(classes, kitchens, (facts, at) => check(facts, at)), { numRuns: 60, seed: 5 }); }, 120_000);
  it('is the same twice, and bettering leaves it as long or shorter', () => {
    fc.assert(fc.property(classes, kitchens, (facts, at) => {
      const first = planClass({ class: facts, kitchen: at });
      expect(planClass({ class: facts, kitchen: at })).toEqual(first);
      const better = planClass({ class: facts, kitchen: at }, { effort: 20, standing: first.timeline.starts });
      expect(better.timeline.overrunMinutes).toBeLessThanOrEqual(first.timeline.overrunMinutes);
    }), { numRuns: 20, seed: 9 });
  }, 120_000);
  it('a job left out is gone, and nothing else is added for it', () => {
    fc.assert(fc.property(classes, (facts) => {
      const added = all(planClass({ class: facts, kitchen })).filter(({ addedFor, kind }) => addedFor !== '' && kind !== 'wait');
      if (added.length === 0) return;
      const key = added[0]!.id.replace('/swap/', '/').replace(/:(?:shown|wait)$/, '');
      const without = planClass({ class: { ...facts, decisions: { leftOut: [key] } }, kitchen });
      expect(all(without).filter(({ id }) => id.replace('/swap/', '/').startsWith(key))).toEqual([]);
      expect(without.timeline.leftOut.map(({ stepKey }) => stepKey)).toEqual([key]);
    }), { numRuns: 30, seed: 3 });
  }, 120_000);
});
