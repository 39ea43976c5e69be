import { describe, expect, it } from 'vitest';
import type { LocalDate } from '../identity/index.js';
import { findIngredient, type Hemisphere, standardLarder } from '../larder/index.js';
import { seasonStep } from './season.js';

const said = (id: string, classDate: LocalDate | null, hemisphere: Hemisphere = 'north') =>
  seasonStep(findIngredient(standardLarder, id)!, { classDate, hemisphere }).map(({ value }) => value);
const months = (id: string) => findIngredient(standardLarder, id)!.seasonMonths;

describe('season', () => {
  it('asparagus in November is out of it, in May in it', () => {
    expect(months('asparagus')).toContain(5);
    expect([said('asparagus', '2026-11-27'), said('asparagus', '2026-05-20')]).toEqual([
      ['not in November'],
      [],
    ]);
  });
  it('in the south November is what May is in the north', () =>
    expect([said('asparagus', '2026-11-27', 'south'), said('asparagus', '2026-05-20', 'south')]).toEqual([
      [],
      ['not in May'],
    ]));
  it('what has no season, or no date, is not spoken of', () =>
    expect([said('olive-oil', '2026-11-27'), said('asparagus', null)]).toEqual([[], []]));
  it('December in the south is June: no month is missed by the turn of the year', () => {
    for (let month = 1; month <= 12; month++) {
      const date = (of: number) => `2026-${String(of).padStart(2, '0')}-15` as LocalDate;
      const opposite = month > 6 ? month - 6 : month + 6;
      expect(said('asparagus', date(month), 'south').length).toBe(
        said('asparagus', date(opposite), 'north').length,
      );
    }
  });
});
