import { describe, expect, it } from 'vitest';
import { somebody } from '../tests/people.js';
import { stationsOf } from './stations.js';

const sizesOf = (people: number, peoplePerStation: number, stations: readonly number[]) =>
  stationsOf({
    people,
    peoplePerStation,
    roster: stations.map((station, index) => somebody(`p${index}`, { station })),
  }).sizes;

describe('seats follow who is named', () => {
  it('two at the first of 4 + 3 + 3 need no more seats', () =>
    expect(sizesOf(10, 4, [1, 1])).toEqual([4, 3, 3]));
  it('five at the first take one from the fullest of the others: 5 + 3 + 2', () =>
    expect(sizesOf(10, 4, [1, 1, 1, 1, 1])).toEqual([5, 2, 3]));
  it('no station loses its last seat: two at the first of 1 + 1 + 1', () =>
    expect(sizesOf(3, 1, [1, 1])).toEqual([2, 1, 1]));
});
