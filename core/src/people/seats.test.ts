import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ages, isGrownUp, needsAnAdult, type Person, splitStations } from '../class/index.js';
import { somebody } from '../tests/people.js';
import { keptSeats, placeWell, seatAt, exchangeSeats } from './seats.js';

const room = (roster: readonly Person[], people = roster.length, peoplePerStation = 4) => ({
  people,
  peoplePerStation,
  roster,
});
const stationsOf = (roster: readonly Person[]) =>
  Object.fromEntries(roster.map(({ id, station }) => [id, station]));

describe('placing people well', () => {
  it('puts needs that are alike together, friends too, and a child with a grown-up', () => {
    const roster = [
      somebody('ann', { allergens: [{ what: 'nuts', traces: true }] }),
      somebody('ben'),
      somebody('cas', { age: 'child' }),
      somebody('dee', { friends: ['gil'] }),
      somebody('eli', { age: 'teenager' }),
      somebody('fay', { allergens: [{ what: 'nuts', traces: false }] }),
      somebody('gil'),
      somebody('hue', { age: 'child' }),
    ];
    const placed = placeWell(room(roster));
    const at = stationsOf(placed.roster);
    expect(at.ann).toBe(at.fay);
    expect(at.dee).toBe(at.gil);
    for (const child of ['cas', 'hue'])
      expect(
        placed.roster.some((each) => each.station === at[child] && isGrownUp(each)),
        child,
      ).toBe(true);
    expect(placed.why.join(' ')).toContain('no nuts for Ann and Fay');
    expect(placed.why.join(' ')).toContain('Dee asked to be with Gil');
  });

  it('spreads those who have cooked much', () => {
    const roster = Array.from({ length: 8 }, (_, index) => somebody(`p${index}`, { experienced: index < 2 }));
    const at = stationsOf(placeWell(room(roster)).roster);
    expect(at.p0).not.toBe(at.p1);
  });

  it('places 31 people with nobody over what a station holds, and a child never alone', () => {
    const of = fc.record({
      age: fc.constantFrom(...ages),
      experienced: fc.boolean(),
      allergens: fc.subarray([{ what: 'milk' as const, traces: false }]),
    });
    fc.assert(
      fc.property(
        fc.array(of, { minLength: 1, maxLength: 31 }),
        fc.integer({ min: 1, max: 6 }),
        (all, per) => {
          const roster = all.map((each, index) => somebody(`p${index}`, each));
          const { sizes } = splitStations(roster.length, per);
          const placed = placeWell(room(roster, roster.length, per)).roster;
          const at = sizes.map((_, index) => placed.filter(({ station }) => station === index + 1));
          expect(at.map((people) => people.length)).toEqual(sizes);
          // Where there are as many grown-ups as stations, no child is left without one.
          if (placed.filter(isGrownUp).length >= sizes.length)
            for (const people of at) if (people.some(needsAnAdult)) expect(people.some(isGrownUp)).toBe(true);
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe('moving people', () => {
  const four = [1, 1, 2, 2].map((station, index) => somebody(`p${index}`, { station }));

  it('takes a free seat, and changes places at a full station', () => {
    expect(stationsOf(seatAt(room(four, 4, 3), 'p0', 2)!)).toEqual({ p0: 2, p1: 1, p2: 2, p3: 2 });
    expect(stationsOf(seatAt(room(four, 4, 2), 'p0', 2)!)).toEqual({ p0: 2, p1: 1, p2: 2, p3: 1 });
  });
  it('goes to no station that is not there, and not to where they are', () => {
    expect([seatAt(room(four, 4, 2), 'p0', 3), seatAt(room(four, 4, 2), 'p0', 1)]).toEqual([null, null]);
  });
  it('changes two people over', () => {
    expect(stationsOf(exchangeSeats(four, 'p0', 'p3'))).toEqual({ p0: 2, p1: 1, p2: 2, p3: 1 });
  });
  it('keeps everybody where they are when a station goes, but those who stood at it', () => {
    const six = [1, 1, 2, 2, 3, 3].map((station, index) => somebody(`p${index}`, { station }));
    expect(stationsOf(keptSeats(room(six, 6, 3)))).toEqual({ p0: 1, p1: 1, p2: 2, p3: 2, p4: 1, p5: 2 });
  });
});
