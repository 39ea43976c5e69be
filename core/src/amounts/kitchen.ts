import { type ConversionFacts, sizeOfUnit } from './convert.js';
import { showNumber, showRational, toNumber } from './rational.js';
import { formatMillilitres, formatVolume, mixed, type VolumeText } from './spoons.js';
import type { Amount, MeasureSystem, MeasuringSet, Rational, UnitId } from './types.js';
import { isEstimatedUnit, unitKind, unitName } from './units.js';

export const strictTolerance = 0.01;

export interface KitchenOptions {
  /** Which of the two leads on the bench. */
  readonly show: Measuring;
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

/** How an amount is measured out. */
export const measurings = ['spoons', 'grams'] as const;
export type Measuring = (typeof measurings)[number];

/** An amount as a bench can measure it: what leads, what stands beside it in grams or spoons. */
export interface KitchenAmount {
  readonly lead: string;
  readonly beside: string | null;
  /** Share by which the leading measure misses the exact amount: 0.01 is one per cent over. */
  readonly error: number;
  /** True when a density, a piece weight or a handful is behind what is shown. */
  readonly estimated: boolean;
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
  const lifted = tooSmall(grams, millilitres, measures);
  if (lifted) return lifted;
  if (kind === 'mass') return massFirst(grams ?? 0, spoons, estimated, options);
  // Without a weight there is nothing for a scale: spoons lead.
  if ((options.show === 'grams' && grams !== null) || !spoons?.reached)
    return scalesFirst(grams, millilitres ?? 0, spoons, { estimated, options });
  return {
    lead: spoons.text,
    beside: grams === null ? null : onScale(grams).text,
    error: spoons.error,
    estimated: false,
  };
}

function massFirst(
  grams: number,
  spoons: VolumeText | null,
  estimated: boolean,
  options: KitchenOptions,
): KitchenAmount {
  const { text, error } = onScale(grams, options.tolerance);
  const beside = spoons && spoons.millilitres <= largestBesideMillilitres ? besideText(spoons) : null;
  return { lead: text, beside, error, estimated: estimated && beside !== null };
}

function scalesFirst(
  grams: number | null,
  millilitres: number,
  spoons: VolumeText | null,
  { estimated, options }: { estimated: boolean; options: KitchenOptions },
): KitchenAmount {
  const { text, error } =
    grams === null ? { text: formatMillilitres(millilitres), error: 0 } : onScale(grams, options.tolerance);
  const beside = spoons ? besideText(spoons) : null;
  return { lead: text, beside: beside === text ? null : beside, error, estimated };
}

/** The least that a kitchen scale of 1 g weighs out, and the smallest spoon, ⅛ tsp. */
const leastGrams = 2;
const leastMillilitres = 5 / 8;

/** What neither a spoon nor a scale can measure is brought up to what one can; null where one can. */
function tooSmall(
  grams: number | null,
  millilitres: number | null,
  { spoons }: UnitMeasures,
): KitchenAmount | null {
  if (millilitres !== null && millilitres > 0 && millilitres < leastMillilitres * 0.97) {
    const { text } = spoons(leastMillilitres);
    return { lead: text, beside: null, error: leastMillilitres / millilitres - 1, estimated: false };
  }
  if (grams === null || grams <= 0 || grams >= leastGrams * 0.97) return null;
  if (millilitres === null)
    return { lead: `${leastGrams} g`, beside: null, error: leastGrams / grams - 1, estimated: false };
  const { text, error } = spoons(millilitres);
  return { lead: text, beside: formatMass(grams), error, estimated: true };
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
    beside: grams === null ? null : onScale(grams).text,
    error: exact === 0 ? 0 : nearest.value / exact - 1,
    estimated: grams !== null,
  };
}

function formatInformal(count: number, unit: UnitId, grams: number | null): KitchenAmount {
  const nearest = nearestPart(count);
  return {
    lead: `${nearest.text} ${unitName(unit, nearest.value)}`,
    beside: grams === null ? null : onScale(grams).text,
    error: 0,
    estimated: true,
  };
}

function nearestPart(value: number): { value: number; text: string } {
  if (value === 0) return { value, text: '0' };
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

/** How finely a cook sets a scale: [below, steps to try, the coarsest first], all in grams. */
const scaleSteps: readonly (readonly [below: number, steps: readonly number[]])[] = [
  [20, [1, 0.5, 0.1]],
  [200, [5, 1]],
  [Infinity, [10, 5, 1]],
];
const usualTolerance = 0.03;

/**
 * Grams as a cook sets a scale: to 1 g under 20, to 5 under 200, to 10 above, as long as that is off by no
 * more than the tolerance, with the share by which it is.
 */
export function onScale(grams: number, tolerance = usualTolerance): { text: string; error: number } {
  if (grams <= 0) return { text: formatMass(grams), error: 0 };
  const steps = scaleSteps.find(([below]) => grams < below)![1];
  for (const step of steps) {
    const rounded = Math.round(grams / step) * step;
    const error = rounded / grams - 1;
    if (Math.abs(error) <= tolerance + 1e-9) return { text: formatMass(rounded), error };
  }
  return { text: formatMass(grams), error: 0 };
}

/**
 * Grams as scales show them: tenths under 3 g, halves under 10 g, whole grams to a kilogram, then kilograms
 * with two figures.
 */
export function formatMass(grams: number): string {
  if (Math.round(grams) >= 1000) return `${showNumber(grams / 1000)} kg`;
  if (grams >= 10) return `${Math.round(grams)} g`;
  if (grams >= 3) return `${Math.round(grams * 2) / 2} g`;
  return `${Number(grams >= 0.1 ? grams.toFixed(1) : grams.toPrecision(1))} g`;
}
