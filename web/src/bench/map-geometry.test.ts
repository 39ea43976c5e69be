import { describe, expect, it } from 'vitest';
import { corners, edgeAt, placeOf, pointAt } from './map-geometry.js';

describe('the balance map', () => {
  it('has its pure parts in the corners', () => {
    expect(placeOf({ oil: 1, acid: 0, rest: 0 })).toEqual(corners.oil);
    expect(placeOf({ oil: 0, acid: 1, rest: 0 })).toEqual(corners.acid);
    expect(placeOf({ oil: 0, acid: 0, rest: 1 })).toEqual(corners.rest);
  });
  it('a point is read where it was drawn', () => {
    const { oil, acid, rest } = pointAt(placeOf({ oil: 0.5, acid: 0.3, rest: 0.2 }));
    expect([oil, acid, rest].map((share) => Math.round(share * 100))).toEqual([50, 30, 20]);
  });
  it('outside of the map it stays on its edge', () => {
    const { oil, acid, rest } = pointAt({ x: -500, y: 2000 });
    expect(Math.min(oil, acid, rest)).toBeGreaterThan(0);
    expect(oil + acid + rest).toBeCloseTo(1);
  });
  it('3 : 1 by volume is 3 × 0.91 to 1.01 by weight: 73 % oil', () =>
    expect(Math.round(pointAt(edgeAt(3)).oil * 100)).toBe(73));
});
