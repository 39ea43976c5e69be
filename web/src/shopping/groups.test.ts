import type { ShoppingList } from '@fornax/core';
import { describe, expect, it } from 'vitest';
import { bySection, byTrip } from './groups.js';

const list = {
  sections: [{ section: 'salad and herbs', rows: [{ key: 'mint', trip: 't1' }] }],
  rows: [
    { key: 'mint', trip: 't1' },
    { key: 'salt', trip: null },
  ],
  trips: [
    {
      id: 't1',
      supplier: 'Market hall',
      date: '2026-11-27',
      visit: { localTime: '10:00' },
      cost: 4.5,
      remark: 'better bought earlier',
    },
  ],
  cost: { currency: 'GBP' },
} as unknown as ShoppingList;

describe('the list', () => {
  it('by section has no trips', () =>
    expect(bySection(list).map(({ title, trip, rows }) => [title, trip, rows.length])).toEqual([
      ['Salad and herbs', null, 1],
    ]));
  it('by trip says when and how much; what has no day stands last', () =>
    expect(
      byTrip(list).map(({ key, title, aside, rows }) => [key, title, aside, rows.map((row) => row.key)]),
    ).toEqual([
      ['t1', 'Market hall, Fri 27 Nov, 10:00', 'about £4.50 · better bought earlier', ['mint']],
      ['undated', 'Any day', '', ['salt']],
    ]));
  it('without anything left over there is no such group', () =>
    expect(byTrip({ ...list, rows: list.rows.slice(0, 1) }).map(({ key }) => key)).toEqual(['t1']));
});
