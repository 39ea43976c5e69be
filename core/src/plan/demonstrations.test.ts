import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ClassFacts } from '../class/index.js';
import type { RecipeStep } from '../recipes/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { writtenClasses } from '../tests/written-classes.js';
import { planClass } from './plan-class.js';

type Steps = readonly Partial<RecipeStep>[];

/** A class of 150 min for 8 at two stations, of dishes whose recipes say nothing of what is shown. */
function planned(
  dishes: readonly Steps[],
  overrides: Partial<ClassFacts> = {},
  shown?: Record<string, number>,
) {
  const facts = classOf(
    dishes.map((steps, index) =>
      dish(
        recipe(['400 g carrots'], {
          steps: steps.map((each, at) =>
            step(`s${at + 1}`, { text: `Cut part ${at + 1}.`, handsOnMinutes: 30, ...each }),
          ),
        }),
        { id: `d${index + 1}` },
      ),
    ),
    { people: 8, lengthMinutes: 150, demonstrationPlates: 2, ...overrides },
  );
  return planClass({ class: facts, kitchen: { ...kitchen, ...(shown ? { shown } : {}) } });
}

/** What is shown, as "step minutes", in the order of the clock. */
function shownIn({ timeline: { clock } }: ReturnType<typeof planClass>): string[] {
  return clock
    .filter(({ ref }) => ref.role === 'shown')
    .map(({ ref, start, end }) => `${ref.dishId}/${ref.stepId} ${end - start}`);
}

const startOf = ({ timeline: { clock } }: ReturnType<typeof planClass>, id: string) =>
  clock.find((entry) => entry.id === id)!.start;

describe('a recipe that says nothing of what is shown', () => {
  it('has the first use of what is new shown, for as long as the technique’s note says', () =>
    expect(shownIn(planned([[{ techniques: ['fillet-citrus'] }, { after: ['s1'] }]]))).toEqual(['d1/s1 4']));
  it('once for all dishes; and nobody does it before it was shown', () => {
    // The dicing of the first dish comes after 20 min of other work, that of the second at once: it is shown
    // there.
    const plan = planned([
      [{ handsOnMinutes: 20 }, { techniques: ['dice'], after: ['s1'] }],
      [{ techniques: ['dice'] }],
    ]);
    expect(shownIn(plan)).toEqual(['d2/s1 4']);
    expect(startOf(plan, 'd1/s2')).toBeGreaterThanOrEqual(startOf(plan, 'd2/s1:shown') + 4);
  });
  it('each further technique of the same step takes a minute more: 4 + 1 + 1', () =>
    expect(shownIn(planned([[{ techniques: ['slice', 'dice', 'shred'] }]]))).toEqual(['d1/s1 6']));
  it('nothing is shown that everybody can, and nothing that the course has practised', () => {
    expect(shownIn(planned([[{ techniques: ['drain-tins'] }, { techniques: ['mix'] }]]))).toEqual([]);
    expect(shownIn(planned([[{ techniques: ['dice'] }]], { practised: { dice: 1 } }))).toEqual([]);
    expect(
      shownIn(planned([[{ techniques: ['dice'] }]], { decisions: { levels: { dice: 'known' } } })),
    ).toEqual([]);
  });
  it('the kitchen’s own note says for how long, and may say that it is only named', () => {
    expect(shownIn(planned([[{ techniques: ['dice'] }]], {}, { dice: 6 }))).toEqual(['d1/s1 6']);
    expect(shownIn(planned([[{ techniques: ['dice'] }]], {}, { dice: 0 }))).toEqual([]);
  });
  it('what takes longest to show, as far as the class has time: 8 % of 115 min are 9', () => {
    // Mayonnaise 6, dicing 4, shredding 3, ribbons 2: 6 and 3 are 9; with 4 it would be 10.
    const plan = planned([
      [
        { techniques: ['dice'] },
        { techniques: ['ribbons'] },
        { techniques: ['shred'] },
        { techniques: ['mayonnaise'] },
      ],
    ]);
    expect(shownIn(plan).sort()).toEqual(['d1/s3 3', 'd1/s4 6']);
  });
  it('not what staff do: before class, or of a dish that is made ahead', () => {
    expect(shownIn(planned([[{ techniques: ['dice'], place: 'before' }]]))).toEqual([]);
    const ahead = classOf(
      [dish(recipe([], { steps: [step('s1', { techniques: ['dice'] })] }), { maker: 'made ahead' })],
      { demonstrationPlates: 2 },
    );
    expect(shownIn(planClass({ class: ahead, kitchen }))).toEqual([]);
  });
  it('is shown nothing where the class has no plates for it', () =>
    expect(shownIn(planned([[{ techniques: ['dice'] }]], { demonstrationPlates: 0 }))).toEqual([]));
  it('is shown nothing where hands would be at work for less than 60 % by it', () => {
    // 5 min of welcome, 8 of work (5 × 1.5): 61 %. With 6 min shown 42 %; half of one is none.
    expect(shownIn(planned([[{ techniques: ['mayonnaise'], handsOnMinutes: 5 }]]))).toEqual([]);
    // 5 and 12 (8 × 1.5) with 2 in between: 63 %.
    expect(shownIn(planned([[{ techniques: ['ribbons'], handsOnMinutes: 8 }]]))).toEqual(['d1/s1 2']);
  });
  it('is shown nothing where a class would run over by it', () => {
    // 60 min leave 20 for work and what is shown (5 welcome, 20 eating, 15 clearing); 18 are work, by one
    // pair of hands.
    const plan = planned([[{ techniques: ['dice'], handsOnMinutes: 12 }]], {
      lengthMinutes: 60,
      people: 4,
      peoplePerStation: 1,
    });
    expect(plan.timeline.overrunMinutes).toBe(0);
    expect(shownIn(plan)).toEqual([]);
  });
});

describe('what the instructor decides', () => {
  const four: Steps = [{ techniques: ['dice'] }, { techniques: ['mix'] }, { techniques: ['shred'] }];
  it('a step is shown for as long as they say, and another is not', () =>
    expect(shownIn(planned([four], { decisions: { shown: { 'd1/s1': 0, 'd1/s2': 7 } } })).sort()).toEqual([
      'd1/s2 7',
      'd1/s3 3',
    ]));
  it('nothing else is shown instead of what they drop', () =>
    // Dicing 4 and searing 4 are 8 of 9 min; shredding, 3, has no place, and gets none.
    expect(
      shownIn(planned([[...four, { techniques: ['sear'] }]], { decisions: { shown: { 'd1/s1': 0 } } })),
    ).toEqual(['d1/s4 4']));
  it('two are shown together, before the first of them: 4 + 3, and both are done soon after', () => {
    const plan = planned([four], { decisions: { shownWith: { 'd1/s1': 'd1/s3' } } });
    expect(shownIn(plan)).toEqual(['d1/s1 7']);
    const title = plan.timeline.clock.find(({ ref }) => ref.role === 'shown')!.title;
    expect(title).toBe('Show: Cut part 1; Cut part 3');
    const end = startOf(plan, 'd1/s1:shown') + 7;
    // Watching is 12 min at most, so that 5 are left.
    for (const id of ['d1/s1', 'd1/s3']) {
      expect(startOf(plan, id)).toBeGreaterThanOrEqual(end);
      expect(startOf(plan, id)).toBeLessThanOrEqual(end + 5);
    }
  });
  it('of three together too; and never over 8 min: 4 + 3 + 4', () => {
    const plan = planned([[...four, { techniques: ['sear'] }]], {
      decisions: { shownWith: { 'd1/s1': 'd1/s3', 'd1/s4': 'd1/s3' } },
    });
    expect(shownIn(plan)).toEqual(['d1/s1 8']);
  });
});

describe('the food of what is shown', () => {
  const kinds = (plan: ReturnType<typeof planClass>) =>
    plan.portions.dishes.map(({ batches }) => batches.map(({ kind }) => kind));
  it('is made of a dish of which something is on the clock, and of no other', () =>
    expect(kinds(planned([[{ techniques: ['dice'] }], [{ techniques: ['mix'] }]]))).toEqual([
      ['demonstration', 'stations'],
      ['stations'],
    ]));
  it('is not bought where there was no time to show it', () => {
    const plan = planned([[{ techniques: ['dice'], handsOnMinutes: 12 }]], {
      lengthMinutes: 60,
      people: 4,
      peoplePerStation: 1,
    });
    expect(kinds(plan)).toEqual([['stations']]);
  });
  it('of a swap that all eat, enough for all, and of what is shown beside it two plates', () => {
    const only = classOf(
      [
        dish(recipe(['400 g carrots'], { steps: [step('s1')] }), {
          maker: 'demonstration',
          making: { swap: true },
        }),
      ],
      { people: 11, demonstrationPlates: 2 },
    );
    const { portions } = planClass({ class: only, kitchen });
    expect(portions.dishes[0]!.batches.map(({ kind, people }) => [kind, people.high])).toEqual([
      ['demonstration', 2],
      ['swap', 11],
    ]);
  });
});

it('in any class: nothing is shown for longer than 8 min, twice, or long before it is done', () =>
  fc.assert(
    fc.property(writtenClasses, (bundle) => {
      const { timeline } = planClass(bundle);
      const shown = timeline.clock.filter(({ ref }) => ref.role === 'shown');
      expect(new Set(shown.map(({ id }) => id)).size).toBe(shown.length);
      for (const each of shown) expect(each.end - each.start).toBeLessThanOrEqual(8);
      const isOwn = bundle.class.dishes.some(({ making }) => making?.swap);
      if (timeline.status === 'scheduled' && !isOwn)
        expect(timeline.handsOn.delayMinutes ?? 0).toBeLessThanOrEqual(10);
    }),
    { numRuns: 25 },
  ));
