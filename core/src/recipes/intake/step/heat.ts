import { sayings } from '../sayings.js';

/** Gas marks as degrees Celsius of a conventional oven. The table printed on cookers. */
const gasMarks: Readonly<Record<string, number>> = {
  '1/4': 110,
  '1/2': 130,
  1: 140,
  2: 150,
  3: 160,
  4: 180,
  5: 190,
  6: 200,
  7: 220,
  8: 230,
  9: 240,
};
/** A fan oven is set this much under a conventional one, ~. */
const fanCelsius = 20;
const fanFahrenheit = 25;

export interface OvenHeat {
  /** As written: "180 °C fan". */
  readonly written: string;
  /** Degrees Celsius of a conventional oven, to the nearest ten, as ovens are marked. */
  readonly celsius: number;
}

const hottestCelsius = 280;
const degrees = /(fan )?(\d{2,3}) ?(?:°|º|degrees?)? ?(C|F)\b(?:elsius|ahrenheit)?( fan)?/gi;

/**
 * The oven heat a text names, in any scale: °C, °F, gas mark, with or without fan. Where several say the same
 * oven ("200 °C, 180 °C fan, gas 6"), the conventional one counts. Null where none is named.
 */
export function readOvenHeat(text: string): OvenHeat | null {
  const found = [...text.matchAll(degrees)]
    .map((match) => {
      const isFan = Boolean(match[1] ?? match[4]);
      const scale = match[3]!.toUpperCase();
      const value = Number(match[2]) + (isFan ? (scale === 'C' ? fanCelsius : fanFahrenheit) : 0);
      return {
        written: `${match[2]} °${scale}${isFan ? ' fan' : ''}`,
        isFan,
        celsius: nearestTen(scale === 'C' ? value : ((value - 32) * 5) / 9),
      };
    })
    .filter(({ celsius }) => celsius >= 50 && celsius <= 320);
  const chosen = found.find(({ isFan }) => !isFan) ?? found[0];
  if (chosen) return { written: chosen.written, celsius: chosen.celsius };
  // "220 fan" is a fan oven in degrees Celsius.
  const fan = /\b(1[2-9]0|2[0-5]0) ?fan\b/i.exec(text);
  if (fan) return { written: `${fan[1]!} °C fan`, celsius: Number(fan[1]) + fanCelsius };
  // "Oven 200": degrees Celsius below, Fahrenheit above what an oven has.
  const bare = /\boven (?:on )?(?:to |at )?(\d{3})\b/i.exec(text);
  if (bare) {
    const value = Number(bare[1]);
    const isCelsius = value <= hottestCelsius;
    return {
      written: `${value} °${isCelsius ? 'C' : 'F'}`,
      celsius: nearestTen(isCelsius ? value : ((value - 32) * 5) / 9),
    };
  }
  const mark = /\bgas(?: mark)? (1\/4|1\/2|[1-9])\b/i.exec(text.replace('½', '1/2').replace('¼', '1/4'));
  return mark ? { written: `gas mark ${mark[1]!}`, celsius: gasMarks[mark[1]!]! } : null;
}

/** Degrees of oil, of a probe or of the food itself are none of an oven. */
const saysOtherDegrees = sayings.has('other degrees');

/** Less is what food has in its middle, unless an oven is named. */
const coolestUnsaidOven = 100;

/** Whether a text means the oven by its degrees alone: "toast the nuts at 180C for 8 mins". */
export function isOvenByDegrees(text: string): boolean {
  const heat = readOvenHeat(text);
  if (heat === null || heat.celsius < coolestUnsaidOven) return false;
  return heat.written.endsWith('fan') || !saysOtherDegrees(text);
}

function nearestTen(celsius: number): number {
  return Math.round(celsius / 10) * 10;
}
