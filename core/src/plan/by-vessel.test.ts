import { describe, expect, it } from 'vitest';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { planClass } from './plan-class.js';
import { needsOfClass } from './pool.js';

/** Oil to film a pan, once for every time it is filled. */
const of = recipe(['800 g courgettes, sliced', '1 tbsp olive oil'], {
  title: 'Seared courgettes',
  steps: [
    step('sear', {
      text: 'Sear the courgettes in one layer in the oil.',
      tools: ['frying pan'],
      uses: [
        { line: 'l1', share: '1' },
        { line: 'l2', share: '1' },
      ],
    }),
  ],
});
const seared = { ...of, lines: [of.lines[0]!, { ...of.lines[1]!, scaling: 'perVessel' as const }] };
const pan = { name: 'pan', kind: 'pan' as const, millilitres: 0, squareCentimetres: 500, count: 4 };
const facts = classOf([dish(seared, { maker: 'demonstration' })], { people: 12 });
const at = { ...kitchen, vessels: [pan] };
const plan = planClass({ class: facts, kitchen: at });
const rounds = Math.max(...plan.portions.dishes[0]!.fits.map((fit) => fit.rounds));

describe('what is wanted once a vessel', () => {
  it('the pan is filled more often than there are batches, or this test says nothing', () =>
    expect(rounds).toBeGreaterThan(2));
  it('Shop buys as many spoons as Portion measures: 15 ml a round', () => {
    const row = plan.shopping.rows.find(({ ingredient }) => ingredient === 'olive-oil')!;
    expect(row.need).toBe(String(rounds * 15));
    expect(plan.portions.dishes[0]!.components[0]!.lines[1]!.total.amount).toMatchObject({
      low: String(rounds),
      unit: 'tbsp',
    });
  });
  it('and so do the needs of a class that is only bought for', () =>
    expect(needsOfClass(facts, at).needs['olive-oil']).toBe(String(rounds * 15)));
});
