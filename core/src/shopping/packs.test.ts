import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toRational, wholeRational } from '../amounts/index.js';
import type { Pack } from '../larder/index.js';
import type { Combination, PackOptions } from './coverings.js';
import { choosePacks, justShort } from './packs.js';

const price = (pack: Pack) => pack.price?.value ?? null;
const wasted: PackOptions = { priceOf: price, leftOverIsUsed: false };
const used: PackOptions = { priceOf: price, leftOverIsUsed: true };
/** A pack of a size at a price in pounds; without a price where it is 0. */
const pack = (size: number, cost = 0, name = 'bag'): Pack => ({
  size,
  name,
  ...(cost > 0 ? { price: { value: cost, source: 'measured' as const } } : {}),
});
const chosen = (need: number, packs: readonly Pack[], options = wasted) =>
  choosePacks(toRational(need), packs, options)?.best.packs.map(({ count, size }) => [count, size]);

describe('packs without prices: least left over, then fewest', () => {
  const bunches = [pack(30), pack(80)];
  it.each([
    [30, [[1, 30]]],
    [31, [[2, 30]]],
    [70, [[1, 80]]],
    [85, [[3, 30]]],
    [
      100,
      [
        [1, 80],
        [1, 30],
      ],
    ],
    [160, [[2, 80]]],
  ])('%d g: %j', (grams, packs) => expect(chosen(grams, bunches)).toEqual(packs));
  it('says that a price is missing', () =>
    expect(choosePacks('31', bunches, wasted)!.why).toBe(
      'A price is not known: least left over, then fewest packs.',
    ));
  it('one price of two is as good as none: costs cannot be compared', () =>
    expect(choosePacks('60', [pack(30, 1), pack(80)], wasted)!.best.packs).toEqual([
      { count: 2, size: 30, name: 'bag' },
    ]));
  it('nothing is bought for nothing', () => expect(choosePacks('0', bunches, wasted)).toBeNull());
});

describe('packs with prices', () => {
  const tins = [pack(400, 0.6, 'tin'), pack(800, 1, 'tin')];
  it('800 g: one of 800 at 1.00 before two of 400 at 2 × 0.60 = 1.20', () =>
    expect(chosen(800, tins)).toEqual([[1, 800]]));
  it('1 000 g: 800 + 400 at 1.60 before 3 × 400 at 1.80 and 2 × 800 at 2.00', () =>
    expect(chosen(1000, tins)).toEqual([
      [1, 800],
      [1, 400],
    ]));
  it(
    'the cheapest is taken although it leaves more over, where another class uses ' +
      'it: 300 g are a kilo at 2.00, not 2 × 150 at 2 × 1.04 = 2.08',
    () => expect(chosen(300, [pack(150, 1.04), pack(1000, 2)], used)).toEqual([[1, 1000]]),
  );
  it('waste nobody uses: 2.08 is 4 % over 2.00, so the small ones are taken', () => {
    const answer = choosePacks('300', [pack(150, 1.04), pack(1000, 2)], wasted)!;
    expect(answer.best.packs).toEqual([{ count: 2, size: 150, name: 'bag' }]);
    expect(answer.why).toMatch(/leaves less over/);
  });
  it('waste at 6 % more is not worth it: 2 × 1.06 = 2.12 > 2.00 × 1.05 = 2.10', () =>
    expect(chosen(300, [pack(150, 1.06), pack(1000, 2)], wasted)).toEqual([[1, 1000]]));
  it(
    'at one cost, less left over; at one left-over, fewer packs: ' +
      '500 g as 1 × 500 and not 2 × 250, both at 2.00',
    () => expect(chosen(500, [pack(250, 1), pack(500, 2)], used)).toEqual([[1, 500]]),
  );
  it('loose goods: 430 g in steps of 100 g at 2.00 a kilo are 500 g, 1.00', () => {
    expect(
      choosePacks(
        '430',
        [{ size: 100, name: '', loose: true, price: { value: 2, source: 'measured' } }],
        wasted,
      )!.best,
    ).toMatchObject({ packs: [{ count: 1, size: 500, name: '' }], cost: 1, total: 500 });
  });
  it('halves of a gram are no trouble: packs of 2.5 g, 6 g wanted, are three', () =>
    expect(chosen(6, [pack(2.5, 1)])).toEqual([[3, 2.5]]));
  it('the two next best: 1 000 g after 1.60 come 1.80 and 2.00', () =>
    expect(choosePacks('1000', tins, used)!.others.map(({ cost }) => cost)).toEqual(
      [1.8, 2].map((each) => expect.closeTo(each, 9)),
    ));
  it('a combination with a pack too many is no choice: 100 g from 120 g or 30 g has two ways', () => {
    const { best, others } = choosePacks('100', [pack(120, 1), pack(30, 0.9)], used)!;
    // 1 × 120 at 1.00; 4 × 30 at 3.60. 120 + 30 has one too many.
    expect([best, ...others].map(({ packs }) => packs.map(({ count, size }) => [count, size]))).toEqual([
      [[1, 120]],
      [[4, 30]],
    ]);
  });
});

describe('a little dearer for less left over', () => {
  it('5 % are of all that is paid: 9 of 8 and 1 of 4 at 0.83 for 10 of 8 at 0.80, 3.75 % more', () =>
    expect(choosePacks('73', [pack(4, 0.11), pack(8, 0.08)], wasted)!.best).toMatchObject({
      total: 76,
      packs: [
        { count: 9, size: 8 },
        { count: 1, size: 4 },
      ],
    }));
  it('where the other dish uses what is left the cheapest stays', () =>
    expect(choosePacks('73', [pack(4, 0.11), pack(8, 0.08)], used)!.best.total).toBe(80));
});

describe('within 2 % of the need', () => {
  it('404 g from tins of 400 g: 1 % short, one tin saved', () =>
    expect(justShort('404', [pack(400, 0.6, 'tin')], wasted)).toMatchObject({ total: 400, count: 1 }));
  it('410 g are 2.4 % short: no offer', () =>
    expect(justShort('410', [pack(400, 0.6, 'tin')], wasted)).toBeNull());
  it('408.2 g: 400 ÷ 408.2 is 0.9799, too short; 408.16 is 0.98001', () => {
    expect(justShort('4082/10', [pack(400, 0.6, 'tin')], wasted)).toBeNull();
    expect(justShort('40816/100', [pack(400, 0.6, 'tin')], wasted)).not.toBeNull();
  });
  it('nothing is offered that saves nothing', () =>
    expect(justShort('400', [pack(400, 0.6, 'tin')], wasted)).toBeNull());
});

/** Every combination that covers a need without a pack too many, by counting through them all. */
function everyCombination(need: number, sizes: readonly number[]): number[][] {
  const found: number[][] = [];
  const visit = (at: number, counts: number[], total: number) => {
    if (at === sizes.length) {
      if (total >= need && counts.every((count, index) => count === 0 || total - sizes[index]! < need))
        found.push(counts);
      return;
    }
    for (let count = 0; count <= Math.ceil(need / sizes[at]!); count++)
      visit(at + 1, [...counts, count], total + count * sizes[at]!);
  };
  visit(0, [], 0);
  return found;
}

const rank = (a: Combination, b: Combination) => a.cost! - b.cost! || a.total - b.total || a.count - b.count;
const figures = ({ cost, total, count }: Combination) => [Math.round(cost! * 100), total, count];

describe('against exhaustive search', () => {
  const problem = fc.record({
    need: fc.integer({ min: 1, max: 90 }),
    packs: fc.uniqueArray(
      fc.record({ size: fc.integer({ min: 3, max: 50 }), pence: fc.integer({ min: 1, max: 400 }) }),
      { minLength: 1, maxLength: 4, selector: ({ size }) => size },
    ),
  });
  const all = (need: number, packs: readonly { size: number; pence: number }[]): Combination[] =>
    everyCombination(
      need,
      packs.map(({ size }) => size),
    )
      .map((counts) => {
        const total = counts.reduce((sum, count, at) => sum + count * packs[at]!.size, 0);
        return {
          packs: [],
          total,
          leftOver: total - need,
          cost: counts.reduce((sum, count, at) => sum + count * packs[at]!.pence, 0) / 100,
          count: counts.reduce((sum, count) => sum + count, 0),
        };
      })
      .sort(rank);
  it('the best and the next two are those of all combinations', () => {
    fc.assert(
      fc.property(problem, ({ need, packs }) => {
        const answer = choosePacks(
          wholeRational(need),
          packs.map(({ size, pence }) => pack(size, pence / 100)),
          used,
        )!;
        expect([answer.best, ...answer.others].map(figures)).toEqual(
          all(need, packs).slice(0, 3).map(figures),
        );
      }),
      { numRuns: 400 },
    );
  });
  it('thrift: least left over of all within 5 % of the cheapest', () => {
    fc.assert(
      fc.property(problem, ({ need, packs }) => {
        const answer = choosePacks(
          wholeRational(need),
          packs.map(({ size, pence }) => pack(size, pence / 100)),
          wasted,
        )!;
        const every = all(need, packs);
        const near = every.filter(
          ({ cost }) => Math.round(cost! * 100) <= Math.round(every[0]!.cost! * 100) * 1.05,
        );
        expect(answer.best.total).toBe(Math.min(...near.map(({ total }) => total)));
      }),
      { numRuns: 300 },
    );
  });
  it('without prices: least left over, then fewest', () => {
    fc.assert(
      fc.property(problem, ({ need, packs }) => {
        const { best } = choosePacks(
          wholeRational(need),
          packs.map(({ size }) => pack(size)),
          wasted,
        )!;
        const [first] = all(
          need,
          packs.map(({ size }) => ({ size, pence: 0 })),
        );
        expect([best.total, best.count]).toEqual([first!.total, first!.count]);
      }),
      { numRuns: 200 },
    );
  });
  it('more needed never costs less', () => {
    fc.assert(
      fc.property(problem, ({ need, packs }) => {
        const cost = (of: number) =>
          choosePacks(
            wholeRational(of),
            packs.map(({ size, pence }) => pack(size, pence / 100)),
            used,
          )!.best.cost!;
        expect(cost(need + 1)).toBeGreaterThanOrEqual(cost(need) - 1e-9);
      }),
    );
  });
  it(
    'large needs too: what is bought at the best rate ' + 'without trying is in the best and the next two',
    () => {
      // Sizes up to 9, so that of 3 × 9 × 9 = 243 units and more a part is taken untried.
      const small = fc.uniqueArray(
        fc.record({ size: fc.integer({ min: 2, max: 9 }), pence: fc.integer({ min: 1, max: 40 }) }),
        { minLength: 1, maxLength: 3, selector: ({ size }) => size },
      );
      fc.assert(
        fc.property(fc.integer({ min: 200, max: 420 }), small, (need, packs) => {
          const answer = choosePacks(
            wholeRational(need),
            packs.map(({ size, pence }) => pack(size, pence / 100)),
            used,
          )!;
          expect([answer.best, ...answer.others].map(figures)).toEqual(
            all(need, packs).slice(0, 3).map(figures),
          );
        }),
        { numRuns: 60 },
      );
    },
  );
});
