import type { Workings } from '../amounts/index.js';
import { thicknessFrom, thinnerThan } from './thickness.js';
import { type Balance, type Thickness, thicknesses } from './types.js';

/** What a person eats of a dip, and with it. ~ */
const dipEach = 60;
const dippersEach = [5, 6] as const;
/** A blender is stopped and scraped down so often, and once more for each half litre. ~ */
const leastScrapings = 2;
const millilitresPerScraping = 500;

export interface DipServing {
  readonly portions: number;
  readonly dippers: readonly [low: number, high: number];
  readonly scrapings: number;
  readonly workings: Workings;
}

/** For how many a dip is enough, the pieces to dip with, and how often it is scraped down while blended. */
export function dipServing({ millilitres }: Pick<Balance, 'millilitres'>): DipServing {
  const portions = Math.floor(millilitres / dipEach + 1e-9);
  const scrapings = millilitres > 0 ? leastScrapings + Math.floor(millilitres / millilitresPerScraping) : 0;
  return {
    portions,
    dippers: [portions * dippersEach[0], portions * dippersEach[1]],
    scrapings,
    workings: {
      title: 'For how many it is enough',
      estimated: true,
      result: `${portions} people`,
      steps: [
        { label: 'The dip', value: `${Math.round(millilitres)} ml` },
        { label: `÷ ${dipEach} ml a head`, value: `${portions} people` },
        {
          label: `× ${dippersEach.join('–')} pieces a head`,
          value: `${portions * dippersEach[0]}–${portions * dippersEach[1]} pieces to dip with`,
        },
        {
          label: `Scraped down ${leastScrapings} times, and once more for each ${millilitresPerScraping} ml`,
          value: `${scrapings} times`,
        },
      ],
    },
  };
}

/** Liquid to reach another thickness, by the teaspoon; or why it is none. */
export interface ToReach {
  readonly wanted: Thickness;
  readonly teaspoons: number;
  readonly problem: string;
  readonly workings: Workings;
}

/** More liquid than this share of a bowl makes another recipe of it. */
const mostLiquid = 0.6;
const teaspoonGrams = 5;

/**
 * How much water, or liquid that the pulses were boiled in, brings a bowl to another thickness: it spreads
 * the same solids over more. Thicker it gets only by more of what makes it thick.
 */
export function liquidToReach(bowl: Balance, wanted: Thickness): ToReach {
  const index = bowl.firmness;
  const now = thicknessFrom(index);
  const most = thicknesses.indexOf(wanted);
  const limit = thinnerThan[wanted];
  // A touch more than to the limit itself, where it would be neither the one nor the other.
  const grams = index > limit ? bowl.grams * (index / (limit * 0.98) - 1) : 0;
  const teaspoons = Math.ceil(grams / teaspoonGrams);
  const problem =
    bowl.grams <= 0
      ? 'There is nothing in the bowl yet.'
      : now === wanted
        ? `It is ${wanted} as it is.`
        : most > thicknesses.indexOf(now)
          ? `Liquid only thins it: more ${thickenerOf(bowl)} makes it thicker.`
          : grams > bowl.grams * mostLiquid
            ? 'It would take more than half its weight in liquid: that is another recipe.'
            : '';
  return {
    wanted,
    teaspoons: problem ? 0 : teaspoons,
    problem,
    workings: {
      title: `Liquid until it is ${wanted}`,
      estimated: true,
      result: problem ? 'none' : `${teaspoons} tsp`,
      steps: [
        { label: 'Solids and bound fat', value: percent(index) },
        ...(problem
          ? []
          : [
              { label: `${wanted[0]!.toUpperCase()}${wanted.slice(1)} under`, value: percent(limit) },
              {
                label: `${Math.round(bowl.grams)} g × (${percent(index)} ÷ ${percent(limit * 0.98)} − 1)`,
                value: `${Math.round(grams)} g`,
                note: 'Water, or liquid that the pulses were boiled in; then taste for salt and acid again.',
              },
            ]),
      ],
    },
  };
}

const percent = (share: number) => `${Math.round(share * 1000) / 10} %`;

/** What there is most of beside oil, acid and what is for the taste. */
function thickenerOf({ lines }: Balance): string {
  const [most] = lines.filter(({ role }) => role === 'rest').sort((a, b) => b.grams - a.grams);
  return most?.name ?? 'yoghurt, seeds or pulses';
}
