import { type ConversionFacts, sizeOfUnit } from './convert.js';
import { showNumber, showRational, toNumber } from './rational.js';
import type { Amount, MeasureSystem, MeasuringSet, Rational, UnitId } from './types.js';
import { isEstimatedUnit, unitKind, unitName, unitSize } from './units.js';

/** How far spoons and cups may be off before grams must lead. Salt and leaven are held tighter. */
export const usualTolerance = 0.03;
export const strictTolerance = 0.01;

export interface KitchenOptions {
  /** Which of the two leads on the bench. */
  readonly show: 'spoons' | 'grams';
  /** The spoons and cups of the kitchen that measures. */
  readonly kitchenSystem: MeasureSystem;
  /** The spoons and cups that the recipe's words meant. */
  readonly recipeSystem: MeasureSystem;
  readonly facts: ConversionFacts;
  /** Largest share by which the spoons may miss: 0.03, or 0.01 for salt and leaven. */
  readonly tolerance?: number;
  /** The spoons and cups there are; all of the system's where absent. */
  readonly measuringSet?: MeasuringSet;
}

/** An amount as a bench can measure it: what leads, what stands beside it in grams or spoons. */
export interface KitchenAmount {
  readonly lead: string;
  readonly beside: string | null;
  /** Share by which the leading measure misses the exact amount: 0.01 is one per cent over. */
  readonly error: number;
  /** True when a density, a piece weight or a handful is behind what is shown. */
  readonly estimated: boolean;
}

interface SpoonMeasure {
  readonly millilitres: number;
  readonly text: string;
  readonly scoops: number;
}

/**
 * Writes an amount in what a station's spoons, cups and scales can measure. The low end leads; the rest of a
 * range stands beside it as "add to taste". Spoons lead where the recipe measured by volume and they come
 * within the tolerance; otherwise grams lead and the nearest spoons are shown with their error.
 */
export function formatForKitchen(amount: Amount, options: KitchenOptions): KitchenAmount {
  return createKitchenFormat(amount.unit, options)(amount, options.show);
}

/**
 * A format for amounts of one unit of one ingredient: what converting needs is looked up once for all of
 * them.
 */
export function createKitchenFormat(
  unit: UnitId,
  options: Omit<KitchenOptions, 'show'>,
): (amount: Amount, show: KitchenOptions['show']) => KitchenAmount {
  // Spoons and grams of one amount are asked for in turn, and want the same search through the spoons.
  const found = new Map<number, VolumeText>();
  const spoons = (millilitres: number) => {
    const text =
      found.get(millilitres) ??
      formatVolume(millilitres, options.kitchenSystem, options.tolerance, options.measuringSet);
    found.set(millilitres, text);
    return text;
  };
  const measures: UnitMeasures = {
    unit,
    grams: sizeIn(unit, 'g', options),
    millilitres: sizeIn(unit, 'ml', options),
    spoons,
  };
  return (amount, show) => {
    const shown = formatExact(toNumber(amount.low), measures, { ...options, show });
    if (amount.high === amount.low) return shown;
    const upTo = formatExact(toNumber(amount.high), measures, { ...options, show });
    const rest = `up to ${upTo.lead}, added to taste`;
    return { ...shown, beside: shown.beside ? `${shown.beside}; ${rest}` : rest };
  };
}

/** Grams and millilitres in one unit, null where the facts do not tell. */
interface UnitMeasures {
  readonly unit: UnitId;
  readonly grams: number | null;
  readonly millilitres: number | null;
  readonly spoons: (millilitres: number) => VolumeText;
}

function sizeIn(unit: UnitId, to: UnitId, options: Omit<KitchenOptions, 'show'>): number | null {
  return sizeOfUnit(unit, to, options.facts, options.recipeSystem);
}

function times(size: number | null, count: number): number | null {
  return size === null ? null : size * count;
}

function formatExact(count: number, measures: UnitMeasures, options: KitchenOptions): KitchenAmount {
  const kind = unitKind(measures.unit);
  const grams = times(measures.grams, count);
  if (kind === 'count') return formatCount(count, measures.unit, grams);
  if (kind === 'length' || isEstimatedUnit(measures.unit)) return formatInformal(count, measures.unit, grams);
  const millilitres = times(measures.millilitres, count);
  const spoons = millilitres === null ? null : measures.spoons(millilitres);
  const estimated = grams !== null && millilitres !== null;
  if (kind === 'mass') return massFirst(grams ?? 0, spoons, estimated);
  if (options.show === 'grams' || !spoons?.reached)
    return scalesFirst(grams, millilitres ?? 0, spoons, estimated);
  return {
    lead: spoons.text,
    beside: grams === null ? null : formatMass(grams),
    error: spoons.error,
    estimated: false,
  };
}

function massFirst(grams: number, spoons: VolumeText | null, estimated: boolean): KitchenAmount {
  const shown = formatMass(grams);
  const beside = spoons && spoons.millilitres <= largestBesideMillilitres ? besideText(spoons) : null;
  return { lead: shown, beside, error: 0, estimated: estimated && beside !== null };
}

function scalesFirst(
  grams: number | null,
  millilitres: number,
  spoons: VolumeText | null,
  estimated: boolean,
): KitchenAmount {
  const lead = grams === null ? formatMillilitres(millilitres) : formatMass(grams);
  return { lead, beside: spoons ? besideText(spoons) : null, error: 0, estimated };
}

/** Beyond half a cup, spoons beside a weight help nobody. */
const largestBesideMillilitres = 125;
/** Nor do spoons that miss by more than this share. */
const uselessError = 0.3;

function besideText(spoons: VolumeText): string | null {
  if (Math.abs(spoons.error) > uselessError) return null;
  if (spoons.reached) return spoons.text;
  const percent = Math.max(1, Math.round(Math.abs(spoons.error) * 100));
  return `${spoons.text}, ${percent} % ${spoons.error > 0 ? 'over' : 'under'}`;
}

/** Counts go to the nearest quarter or third; what that leaves out is told as an error. */
function formatCount(exact: number, unit: UnitId, grams: number | null): KitchenAmount {
  const nearest = nearestPart(exact);
  const name = unitName(unit, nearest.value);
  return {
    lead: name ? `${nearest.text} ${name}` : nearest.text,
    beside: grams === null ? null : formatMass(grams),
    error: exact === 0 ? 0 : nearest.value / exact - 1,
    estimated: grams !== null,
  };
}

function formatInformal(count: number, unit: UnitId, grams: number | null): KitchenAmount {
  const nearest = nearestPart(count);
  return {
    lead: `${nearest.text} ${unitName(unit, nearest.value)}`,
    beside: grams === null ? null : formatMass(grams),
    error: 0,
    estimated: true,
  };
}

function nearestPart(value: number): { value: number; text: string } {
  const whole = Math.floor(value);
  const parts: [number, Rational][] = [
    [0, '0'],
    [1 / 4, '1/4'],
    [1 / 3, '1/3'],
    [1 / 2, '1/2'],
    [2 / 3, '2/3'],
    [3 / 4, '3/4'],
    [1, '1'],
  ];
  const usable =
    whole >= 12 ? parts.filter(([part]) => part === 0 || part === 1) : whole > 0 ? parts : parts.slice(1);
  const [part, text] = usable.reduce((best, next) =>
    Math.abs(next[0] - (value - whole)) < Math.abs(best[0] - (value - whole)) ? next : best,
  );
  const fraction =
    part === 1
      ? String(whole + 1)
      : part === 0
        ? String(whole)
        : showRational(whole === 0 ? text : mixed(whole, text));
  return { value: whole + part, text: fraction };
}

function mixed(whole: number, part: Rational): Rational {
  const [top, bottom] = part.split('/').map(Number) as [number, number];
  return `${whole * bottom + top}/${bottom}` as Rational;
}

/**
 * Grams as scales show them: tenths under 3 g, halves under 10 g, whole grams to a kilogram, then kilograms
 * with two figures.
 */
export function formatMass(grams: number): string {
  if (grams >= 1000) return `${showNumber(grams / 1000)} kg`;
  if (grams >= 10) return `${Math.round(grams)} g`;
  if (grams >= 3) return `${Math.round(grams * 2) / 2} g`;
  return `${Number(grams >= 0.1 ? grams.toFixed(1) : grams.toPrecision(1))} g`;
}

export function formatMillilitres(millilitres: number): string {
  if (millilitres >= 1000) return `${showNumber(millilitres / 1000)} l`;
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
  if (measures.length === 0)
    return { text: formatMillilitres(millilitres), millilitres, error: 0, reached: false };
  const largest = measures[measures.length - 1]!.millilitres;
  if (millilitres > largest)
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
