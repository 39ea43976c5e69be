import type { Workings } from '../amounts/index.js';

export const bases = ['leaves', 'vegetables and pulses', 'potatoes', 'bread', 'grains'] as const;
export type Base = (typeof bases)[number];

/**
 * Grams of dressing for a gram of what it dresses, ~: 12–15 g for 50 g of leaves, 10–15 % of vegetables,
 * pulses and grains, 15–20 % of potatoes, 30–60 % of bread.
 */
const dressingShare: Readonly<Record<Base, readonly [number, number]>> = {
  leaves: [0.24, 0.3],
  'vegetables and pulses': [0.1, 0.15],
  potatoes: [0.15, 0.2],
  bread: [0.3, 0.6],
  grains: [0.1, 0.15],
};

/** Starch that is dressed warm takes up so much more. ~ */
const warmFactor = 4 / 3;
const starches: readonly Base[] = ['potatoes', 'grains', 'vegetables and pulses'];

/** Those that are made strong are meant to be used sparingly: 4–6 % of what they dress. */
const sparing = [0.04, 0.06] as const;
const strongAcidity = 4.6;
const strongSalt = 4;

export interface HowDressed {
  /** Dressed while it is warm. */
  readonly isWarm?: boolean;
  /** Strong as it is, the usual amount of it is poured on. */
  readonly isPoured?: boolean;
}

/** The usual share of dressing, from and to, by what is dressed. */
export function usualShare(base: Base): readonly [number, number] {
  return dressingShare[base];
}

export interface Dresses {
  /** From and to how many grams of such food this much dressing is enough for. */
  readonly grams: readonly [number, number];
  readonly isStrong: boolean;
  readonly workings: Workings;
}

/** How much of a base so many grams of a dressing dress. */
export function dresses(
  base: Base,
  bowl: { readonly grams: number; readonly acidity: number; readonly salt: number },
  { isWarm = false, isPoured = false }: HowDressed = {},
): Dresses {
  const isStrong = !isPoured && (bowl.acidity > strongAcidity || bowl.salt * 100 > strongSalt);
  const warm = isWarm && !isStrong && starches.includes(base) ? warmFactor : 1;
  const [low, high] = (isStrong ? sparing : dressingShare[base]).map((share) => share * warm) as [
    number,
    number,
  ];
  const grams = [bowl.grams / high, bowl.grams / low] as const;
  return {
    grams,
    isStrong,
    workings: {
      title: `How much it dresses, of ${base}`,
      estimated: true,
      result: `${Math.round(grams[0])}–${Math.round(grams[1])} g`,
      steps: [
        { label: 'The dressing', value: `${Math.round(bowl.grams)} g` },
        {
          label: isStrong ? 'Made strong: used sparingly' : `Usual for ${base}`,
          value: `${Math.round((low / warm) * 100)}–${Math.round((high / warm) * 100)} % of the weight`,
        },
        ...(warm > 1
          ? [
              {
                label: 'Dressed warm it takes up a third more',
                value: '× 1⅓',
                note: 'Dress it in two goes: warm, and again before it is eaten.',
              },
            ]
          : []),
      ],
    },
  };
}
