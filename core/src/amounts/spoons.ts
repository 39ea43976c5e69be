import { showNumber, showRational, toNumber } from './rational.js';
import type { MeasureSystem, MeasuringSet, Rational, UnitId } from './types.js';
import { unitName, unitSize } from './units.js';

/** How far spoons and cups may be off before grams must lead. Salt and leaven are held tighter. */
export const usualTolerance = 0.03;

interface SpoonMeasure {
  readonly millilitres: number;
  readonly text: string;
  readonly scoops: number;
}

export function formatMillilitres(millilitres: number): string {
  if (Math.round(millilitres) >= 1000) return `${showNumber(millilitres / 1000)} l`;
  return `${millilitres >= 10 ? Math.round(millilitres) : showNumber(millilitres)} ml`;
}

export interface VolumeText {
  readonly text: string;
  /** The volume asked for. */
  readonly millilitres: number;
  /** Signed share by which the spoons miss. */
  readonly error: number;
  /** Whether the miss lies within the tolerance asked for. */
  readonly reached: boolean;
}

/**
 * The plainest spoons and cups for a volume: at most two kinds of measure, fewest scoops among those within
 * the tolerance, or the nearest there is. Volumes over twelve cups are given in litres.
 */
export function formatVolume(
  millilitres: number,
  system: MeasureSystem,
  tolerance = usualTolerance,
  set: MeasuringSet = fullSet,
): VolumeText {
  const measures = spoonMeasures(system, set);
  const largest = measures[measures.length - 1]?.millilitres ?? 0;
  if (measures.length === 0 || millilitres > largest)
    return { text: formatMillilitres(millilitres), millilitres, error: 0, reached: true };
  const error = (measure: SpoonMeasure) => (millilitres === 0 ? 0 : measure.millilitres / millilitres - 1);
  let best: SpoonMeasure | null = null;
  let bestCost = Infinity;
  for (let i = firstAtLeast(measures, millilitres * (1 - tolerance)); i < measures.length; i++) {
    const measure = measures[i]!;
    if (measure.millilitres > millilitres * (1 + tolerance)) break;
    // A whole scoop more is worth about one per cent of accuracy at the bench.
    const cost = measure.scoops + Math.abs(error(measure)) * 100;
    if (cost < bestCost - 1e-9) {
      best = measure;
      bestCost = cost;
    }
  }
  if (best) {
    return { text: best.text, millilitres, error: error(best), reached: true };
  }
  const at = firstAtLeast(measures, millilitres);
  const around = [measures[at - 1], measures[at]].filter((measure) => measure !== undefined);
  const nearest = around.reduce((a, b) => (Math.abs(error(b)) < Math.abs(error(a)) ? b : a));
  return { text: nearest.text, millilitres, error: error(nearest), reached: false };
}

function firstAtLeast(measures: readonly SpoonMeasure[], millilitres: number): number {
  let from = 0;
  let to = measures.length;
  while (from < to) {
    const middle = (from + to) >> 1;
    if (measures[middle]!.millilitres < millilitres - 1e-9) from = middle + 1;
    else to = middle;
  }
  return from;
}

/** Every spoon and cup that is made. */
export const fullSet: MeasuringSet = {
  teaspoons: ['1/8', '1/4', '1/2', '3/4', '1'],
  tablespoon: true,
  cups: ['1/4', '1/3', '1/2', '2/3', '3/4', '1'],
};

const tables = new Map<string, readonly SpoonMeasure[]>();

function spoonMeasures(system: MeasureSystem, set: MeasuringSet): readonly SpoonMeasure[] {
  const key =
    set === fullSet ? system : `${system} ${set.teaspoons.join()} ${set.tablespoon} ${set.cups.join()}`;
  const known = tables.get(key);
  if (known) return known;
  const built = buildMeasures(system, set);
  tables.set(key, built);
  return built;
}

/** Parts that a set can measure: those it has, and those that smaller ones add up to. */
function partsOf(has: readonly Rational[], wanted: readonly Rational[]): Rational[] {
  const made: Readonly<Record<string, readonly Rational[]>> = {
    '1/4': ['1/4'],
    '1/3': ['1/3'],
    '1/2': ['1/2', '1/4'],
    '2/3': ['2/3', '1/3'],
    '3/4': ['3/4', '1/4'],
  };
  return wanted.filter((part) => made[part]!.some((each) => has.includes(each)));
}

function buildMeasures(system: MeasureSystem, set: MeasuringSet): readonly SpoonMeasure[] {
  const cups =
    set.cups.length === 0
      ? []
      : multiples(
          'cup',
          system,
          set.cups.includes('1') ? 12 : 1,
          partsOf(set.cups, ['1/4', '1/3', '1/2', '2/3', '3/4']),
        );
  const tablespoons = set.tablespoon ? multiples('tbsp', system, 8, []) : [];
  const teaspoons =
    set.teaspoons.length === 0
      ? []
      : multiples('tsp', system, 3, partsOf(set.teaspoons, ['1/4', '1/2', '3/4']));
  const eighth = set.teaspoons.includes('1/8')
    ? [{ millilitres: toNumber(unitSize('tsp', system)!) / 8, text: '⅛ tsp', scoops: 4 }]
    : [];
  const cupsWithSpoons = pairs(cups, [...tablespoons.slice(0, 3), ...teaspoons]);
  const all = [
    ...eighth,
    ...teaspoons,
    ...tablespoons,
    ...cups,
    ...pairs(tablespoons, teaspoons),
    ...cupsWithSpoons,
  ];
  return all.sort((a, b) => a.millilitres - b.millilitres || a.scoops - b.scoops);
}

/**
 * Whole multiples of a measure up to `most`, and each with the part measures on top. One kind of measure
 * costs 3.
 */
function multiples(
  unit: UnitId,
  system: MeasureSystem,
  most: number,
  parts: readonly Rational[],
): SpoonMeasure[] {
  const size = toNumber(unitSize(unit, system)!);
  const found: SpoonMeasure[] = [];
  for (let whole = 0; whole <= most; whole++) {
    if (whole > 0)
      found.push({ millilitres: whole * size, text: `${whole} ${unitName(unit, whole)}`, scoops: 3 + whole });
    for (const part of whole < most ? parts : []) {
      const count = whole + toNumber(part);
      const scoops = part === '3/4' || part === '2/3' ? 2 : 1;
      const text = `${showRational(whole === 0 ? part : mixed(whole, part))} ${unitName(unit, count)}`;
      found.push({ millilitres: count * size, text, scoops: 3 + whole + scoops });
    }
  }
  return found;
}

function pairs(large: readonly SpoonMeasure[], small: readonly SpoonMeasure[]): SpoonMeasure[] {
  return large.flatMap((a) =>
    small
      .filter((b) => b.millilitres < a.millilitres)
      .map((b) => ({
        millilitres: a.millilitres + b.millilitres,
        text: `${a.text} + ${b.text}`,
        scoops: a.scoops + b.scoops,
      })),
  );
}

export function mixed(whole: number, part: Rational): Rational {
  const [top, bottom] = part.split('/').map(Number) as [number, number];
  return `${whole * bottom + top}/${bottom}` as Rational;
}
