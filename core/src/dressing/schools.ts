import type { School } from './types.js';

/** Between two schools lie their geometric middles: √(3 × 2) = 2.45, √(2 × 1) = 1.41, √(1 × 1/3) = 0.58. */
export const borders = { oilLed: Math.sqrt(6), moderate: Math.SQRT2, even: Math.sqrt(1 / 3) } as const;

export interface SchoolTarget {
  readonly name: string;
  /** Oil to acid; null where it is judged by something else. */
  readonly ratio: number | null;
  /** Windows in per cent of the weight. */
  readonly salt: readonly [number, number];
  readonly sugar: readonly [number, number];
  readonly acidity: readonly [number, number];
  readonly suits: string;
  readonly why: string;
}

const salt = [1.5, 2.5] as const;
const sugar = [0, 6] as const;

/** The schools as targets: windows are starting estimates, an instructor's own figures take their place. */
export const schoolTargets: Readonly<Record<School, SchoolTarget>> = {
  'oil-led': {
    name: '3 oil : 1 acid',
    ratio: 3,
    salt,
    sugar,
    acidity: [1.3, 1.6],
    suits: 'tender leaves, a wine beside it',
    why: 'The oil carries the flavour and the acid only lifts it.',
  },
  moderate: {
    name: '2 oil : 1 acid',
    ratio: 2,
    salt,
    sugar,
    acidity: [1.8, 2.1],
    suits: 'sturdy leaves, grains',
    why: 'Brighter, and still round.',
  },
  even: {
    name: '1 oil : 1 acid',
    ratio: 1,
    salt,
    sugar,
    acidity: [2.6, 3.2],
    suits: 'pulses, potatoes, fatty food',
    why: 'Bland and fatty food asks for as much acid as oil.',
  },
  'acid-led': {
    name: '1 oil : 3 acid',
    ratio: 1 / 3,
    salt,
    sugar: [0, 12],
    acidity: [3.8, 4.6],
    suits: 'slaws, noodles, raw vegetables',
    why: 'More acid than oil, rounded by sweetness; little of it goes far.',
  },
  creamy: {
    name: 'creamy',
    ratio: null,
    salt: [0.8, 1.8],
    sugar,
    acidity: [0.6, 1.8],
    suits: 'cos, cabbage, cucumber, things to dip',
    why: 'Yoghurt, egg or seeds hold it together and dull the acid.',
  },
  'no-oil': {
    name: 'no oil',
    ratio: null,
    salt: [0.8, 2.5],
    sugar: [0, 12],
    acidity: [0.8, 3.2],
    suits: 'fruit, shaved vegetables, those who want no fat',
    why: 'Juice, stock or yoghurt takes the place of oil.',
  },
};

/** The school of a bowl from its fat, its creamy share and its measured ratio. */
export function schoolOf({
  oil,
  creamy,
  ratio,
}: {
  readonly oil: number;
  readonly creamy: number;
  readonly ratio: number | null;
}): School {
  if (oil < 0.05) return 'no-oil';
  if (creamy >= 0.15) return 'creamy';
  if (ratio === null || ratio >= borders.oilLed) return 'oil-led';
  if (ratio >= borders.moderate) return 'moderate';
  return ratio >= borders.even ? 'even' : 'acid-led';
}
