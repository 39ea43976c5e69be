import type { MapPoint } from '@fornax/core';

/** A point of the drawing. */
export interface Place {
  readonly x: number;
  readonly y: number;
}

/** The three corners: all oil at the left, all acid at the right, all of the rest at the top. */
export const size = { width: 440, height: 400 };
const margin = { side: 46, top: 34, bottom: 34 };
export const corners = {
  oil: { x: margin.side, y: size.height - margin.bottom },
  acid: { x: size.width - margin.side, y: size.height - margin.bottom },
  rest: { x: size.width / 2, y: margin.top },
} as const;

export function placeOf({ oil, acid, rest }: MapPoint): Place {
  return {
    x: oil * corners.oil.x + acid * corners.acid.x + rest * corners.rest.x,
    y: oil * corners.oil.y + acid * corners.acid.y + rest * corners.rest.y,
  };
}

/** The shares at a point of the drawing; outside of the map, those of its nearest edge. */
export function pointAt({ x, y }: Place): MapPoint {
  const { oil: a, acid: b, rest: c } = corners;
  const whole = (b.y - c.y) * (a.x - c.x) + (c.x - b.x) * (a.y - c.y);
  const oil = ((b.y - c.y) * (x - c.x) + (c.x - b.x) * (y - c.y)) / whole;
  const acid = ((c.y - a.y) * (x - c.x) + (a.x - c.x) * (y - c.y)) / whole;
  const shares = [oil, acid, 1 - oil - acid].map((share) => Math.max(0.001, share));
  const sum = shares[0]! + shares[1]! + shares[2]!;
  return { oil: shares[0]! / sum, acid: shares[1]! / sum, rest: shares[2]! / sum };
}

/** Grams of a millilitre of oil and of acid liquid, to draw volumes on a map of weights. */
const oilGrams = 0.91;
const acidGrams = 1.01;

/** Where a bowl of nothing but oil and acid in a measured ratio lies on the lower edge. */
export function edgeAt(ratio: number): Place {
  const oil = (ratio * oilGrams) / (ratio * oilGrams + acidGrams);
  return placeOf({ oil, acid: 1 - oil, rest: 0 });
}
