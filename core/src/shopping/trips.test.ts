import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Supplier } from '../class/index.js';
import type { LocalDate } from '../identity/index.js';
import { findIngredient, standardLarder } from '../larder/index.js';
import { anyShop, buyingDays, longestKeeping, planTrips, supplierOf } from './trips.js';

const ingredient = (id: string) => findIngredient(standardLarder, id);
const market: Supplier = { name: 'Market', sections: ['vegetables'], days: [2, 4, 6] };
const row = (key: string, buyFrom: LocalDate, buyUntil: LocalDate, supplier = anyShop.name) => ({
  key,
  name: key,
  supplier,
  buyFrom,
  buyUntil,
  cost: 1,
});
const trips = (
  rows: readonly ReturnType<typeof row>[],
  suppliers: readonly Supplier[] = [],
  today: LocalDate | null = null,
) =>
  planTrips(rows, suppliers, { today, currency: 'GBP' }).map(({ date, supplier, rows: keys }) => [
    date,
    supplier,
    [...keys].sort().join(),
  ]);

// 2026-11-27 is a Friday.
describe('days to buy', () => {
  it('rocket keeps 3 days: from the 24th to the day before, the 26th', () =>
    expect(buyingDays(ingredient('rocket'), '2026-11-27', '2026-11-27')).toMatchObject({
      from: '2026-11-24',
      until: '2026-11-26',
    }));
  it('avocados want 4 days to ripen: 5 to 3 days before', () =>
    expect(buyingDays(ingredient('avocado'), '2026-11-27', '2026-11-27')).toMatchObject({
      from: '2026-11-22',
      until: '2026-11-24',
    }));
  it('what keeps for years is bought in the week before', () =>
    expect(buyingDays(ingredient('tinned-chickpeas'), '2026-11-27', '2026-11-27')).toMatchObject({
      from: '2026-11-20',
      until: '2026-11-26',
    }));
  it('used two days running: before the first, and kept until the last', () =>
    expect(buyingDays(ingredient('rocket'), '2026-11-25', '2026-11-27')).toMatchObject({
      from: '2026-11-24',
      until: '2026-11-24',
    }));
  it('what keeps a day is bought the day before', () =>
    expect(buyingDays(ingredient('prawns'), '2026-11-27', '2026-11-27')).toMatchObject({
      from: '2026-11-26',
      until: '2026-11-26',
    }));
});

describe('the longest keeping', () => {
  it('is that of the way in which it keeps longest; where none is known, not known', () => {
    const rocket = ingredient('rocket')!;
    expect(longestKeeping({ ...rocket, keepingDays: { cold: 3, room: 1 } })).toBe(3);
    expect(longestKeeping({ ...rocket, keepingDays: {} })).toBeNull();
  });
});

describe('suppliers', () => {
  it('a section is bought where it is sold, else where everything is', () => {
    const all: Supplier = { name: 'Wholesaler', sections: [], days: [1] };
    expect([
      supplierOf('vegetables', [all, market]).name,
      supplierOf('fruit', [all, market]).name,
      supplierOf('fruit', [market]).name,
    ]).toEqual(['Market', 'Wholesaler', 'Shop']);
  });
});

describe('the fewest trips', () => {
  it('one trip where all windows meet: on the last day of the first to end', () =>
    expect(trips([row('a', '2026-11-20', '2026-11-24'), row('b', '2026-11-22', '2026-11-26')])).toEqual([
      ['2026-11-24', 'Shop', 'a,b'],
    ]));
  it('two where they do not', () =>
    expect(
      trips([
        row('a', '2026-11-20', '2026-11-22'),
        row('b', '2026-11-24', '2026-11-26'),
        row('c', '2026-11-21', '2026-11-26'),
      ]),
    ).toEqual([
      ['2026-11-22', 'Shop', 'a,c'],
      ['2026-11-26', 'Shop', 'b'],
    ]));
  it('only on days the supplier is open: Tue, Thu, Sat; until Fri 27th is Thu 26th', () =>
    expect(trips([row('a', '2026-11-23', '2026-11-27', 'Market')], [market])).toEqual([
      ['2026-11-26', 'Market', 'a'],
    ]));
  it('closed on all its days: the last open day before, and it says so', () => {
    const [trip] = planTrips([row('a', '2026-11-27', '2026-11-27', 'Market')], [market], {
      today: null,
      currency: 'GBP',
    });
    expect(trip).toMatchObject({
      date: '2026-11-26',
      remark: 'a: Market is closed from Fri 27 Nov to Fri 27 Nov',
    });
  });
  it('nothing is bought before today', () =>
    expect(trips([row('a', '2026-11-20', '2026-11-22')], [], '2026-11-25')).toEqual([
      ['2026-11-25', 'Shop', 'a'],
    ]));
  it('never more visits than a search through all choices of days needs', () => {
    const span = fc.tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 0, max: 4 }));
    fc.assert(
      fc.property(fc.array(span, { minLength: 1, maxLength: 6 }), (spans) => {
        const day = (number: number): LocalDate => `2026-11-${number + 10}`;
        const rows = spans.map(([from, length], index) => row(`r${index}`, day(from), day(from + length)));
        const planned = planTrips(rows, [], { today: null, currency: 'GBP' });
        for (const trip of planned)
          for (const key of trip.rows) {
            const of = rows.find((each) => each.key === key)!;
            expect([key, of.buyFrom <= trip.date && trip.date <= of.buyUntil]).toEqual([key, true]);
          }
        expect(planned.length).toBe(fewestDays(spans));
      }),
    );
  });
});

/** The fewest days that meet all spans, by trying every set of days. */
function fewestDays(spans: readonly (readonly [number, number])[]): number {
  let best = spans.length;
  for (let set = 1; set < 1 << 14; set++) {
    const count = [...Array(14).keys()].filter((bit) => set & (1 << bit)).length;
    if (
      count < best &&
      spans.every(([from, length]) =>
        [...Array(length + 1).keys()].some((offset) => set & (1 << (from + offset))),
      )
    )
      best = count;
  }
  return best;
}
