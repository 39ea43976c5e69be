import { type MeasureSystem, type Workings } from '../amounts/index.js';
import type { AcidKind, Larder } from '../larder/index.js';
import { creamyShare, emulsifiersOf, holdMinutesOf } from './emulsion.js';
import { type MeasuredLine, measureLine } from './line-shares.js';
import { schoolOf } from './schools.js';
import { thicknessOf } from './thickness.js';
import {
  type Balance,
  type BalanceOptions,
  type DressingLine,
  type Interval,
  type Part,
  parts,
} from './types.js';

/** What a gram of an acid counts as acetic: 60.05 ÷ its grams per mole of acid groups (64.04, 90.08). */
export const asAcetic: Readonly<Record<AcidKind, number>> = { acetic: 1, citric: 0.938, lactic: 0.667 };
/** Vinegar that parts are compared in. */
const usualVinegar = 0.05;

/**
 * The balance of a dressing or dip from what its lines consist of, with its workings: shares of the weight,
 * acid as acetic, parts of oil and acid as measured, thickness, how long it holds, and its school. What is
 * not known is an interval and a row in `missing`, never a guess. No pH is claimed for safety or keeping.
 */
export function balanceDressing(
  lines: readonly DressingLine[],
  larder: Larder,
  options: BalanceOptions & { readonly system?: MeasureSystem },
): Balance {
  const read = lines.map((line) => measureLine(line, larder, options.system ?? 'metric'));
  const measured = read.flatMap((each) => each.measured ?? []);
  const grams = sum(measured, (line) => line.grams);
  const shares = sharesOf(measured, grams);
  const oilMillilitres = volumeOf(measured, 'oil');
  const acidMillilitres = volumeOf(measured, 'acid');
  const ratio = acidMillilitres > 0 ? oilMillilitres / acidMillilitres : null;
  const equivalent = equivalentMillilitres(measured);
  const emulsifiers = emulsifiersOf(measured);
  const held = holdMinutesOf(measured, options.method);
  const thickness = thicknessOf(measured, shares, options);
  const acidity = acidityOf(measured, grams);
  return {
    ...shares,
    grams,
    millilitres: sum(measured, (line) => line.millilitres),
    intervals: intervalsOf(measured, grams, shares),
    acidity,
    ratio,
    ratioEquivalent: equivalent > 0 ? oilMillilitres / equivalent : null,
    oilMillilitres,
    acidMillilitres,
    thickness: thickness.thickness,
    firmness: thickness.firmness,
    emulsifiers,
    holdMinutes: held.minutes,
    school: schoolOf({ oil: shares.oil, creamy: creamyShare(measured), ratio }),
    allergens: [...new Set(measured.flatMap(({ food }) => food?.allergens ?? []))],
    lines: measured.map(({ food: _, foodGrams: __, ...line }) => line),
    missing: read.flatMap((each) => each.missing),
    notes: notesOf(measured),
    // Most balances are only compared: what is said of one is put together when it is asked for.
    get workings() {
      return {
        ratio: ratioWorkings(measured, ratio),
        salt: shareWorkings('Salt', measured, grams, saltOf),
        sugar: shareWorkings('Sugar', measured, grams, sugarOf),
        acidity: shareWorkings('Acid, as acetic', measured, grams, aceticOf),
        hold: held.workings,
        thickness: thickness.workings,
      };
    },
  };
}

function sum<Row>(rows: readonly Row[], of: (row: Row) => number): number {
  return rows.reduce((total, row) => total + of(row), 0);
}

function volumeOf(lines: readonly MeasuredLine[], role: MeasuredLine['role']): number {
  return sum(
    lines.filter((line) => line.role === role),
    (line) => line.millilitres,
  );
}

const part = (line: MeasuredLine, of: 'water' | 'fat' | 'sugar' | 'salt') =>
  line.foodGrams * (line.food?.composition?.[of].value ?? 0) +
  (of === 'water' ? line.grams - line.foodGrams : 0);
const saltOf = (line: MeasuredLine) => part(line, 'salt');
const sugarOf = (line: MeasuredLine) => part(line, 'sugar');
const acidOf = (line: MeasuredLine) => line.foodGrams * (line.food?.composition?.acid?.share.value ?? 0);
const aceticOf = (line: MeasuredLine) => {
  const acid = line.food?.composition?.acid;
  return acid ? line.foodGrams * acid.share.value * asAcetic[acid.kind] : 0;
};

/** Shares of the weight; what is not known and what is none of the others is among the solids. */
function sharesOf(lines: readonly MeasuredLine[], grams: number): Record<Part, number> {
  const share = (of: (line: MeasuredLine) => number) => (grams > 0 ? sum(lines, of) / grams : 0);
  const known = {
    oil: share((line) => part(line, 'fat')),
    acid: share(acidOf),
    sugar: share(sugarOf),
    salt: share(saltOf),
    water: share((line) => part(line, 'water')),
  };
  const rest = 1 - Object.values(known).reduce((total, each) => total + each, 0);
  return { ...known, solids: grams > 0 ? Math.max(0, rest) : 0 };
}

/** Of what is not known anything may be: it could be none of a part, or all of it. */
function intervalsOf(
  lines: readonly MeasuredLine[],
  grams: number,
  shares: Readonly<Record<Part, number>>,
): Record<Part, Interval> {
  const unknown = grams > 0 ? sum(lines, (line) => (line.food?.composition ? 0 : line.grams)) / grams : 0;
  const interval = (name: Part): Interval => {
    const low = name === 'solids' ? Math.max(0, shares.solids - unknown) : shares[name];
    return [low, low + unknown];
  };
  return Object.fromEntries(parts.map((name) => [name, interval(name)])) as Record<Part, Interval>;
}

function acidityOf(lines: readonly MeasuredLine[], grams: number): number {
  return grams > 0 ? (sum(lines, aceticOf) / grams) * 100 : 0;
}

/** Acid liquids as so many millilitres of vinegar of 5 %. */
function equivalentMillilitres(lines: readonly MeasuredLine[]): number {
  return sum(
    lines.filter(({ role }) => role === 'acid'),
    (line) => aceticOf(line) / usualVinegar,
  );
}

function notesOf(lines: readonly MeasuredLine[]): string[] {
  const notes: string[] = [];
  if (lines.some(({ ingredient }) => ingredient === 'garlic'))
    notes.push('Raw garlic gets stronger while it stands.');
  if (lines.some(({ food }) => food?.cautions.includes('raw-egg') && food.composition))
    notes.push('Holds raw egg: see the cautions for those at risk.');
  return notes;
}

const show = (value: number) => String(Math.round(value * 100) / 100);

function ratioWorkings(lines: readonly MeasuredLine[], ratio: number | null): Workings {
  const rows = lines
    .filter(({ role }) => role === 'oil' || role === 'acid')
    .map((line) => ({ label: `${line.role}: ${line.name}`, value: `${show(line.millilitres)} ml` }));
  return {
    title: 'Oil to acid, as measured',
    estimated: false,
    steps: [
      ...rows,
      { label: 'Oil', value: `${show(volumeOf(lines, 'oil'))} ml` },
      { label: 'Acid', value: `${show(volumeOf(lines, 'acid'))} ml` },
    ],
    result: ratio === null ? 'no acid to measure' : `${show(ratio)} : 1`,
  };
}

/** A share of the weight, by what brings it. */
function shareWorkings(
  title: string,
  lines: readonly MeasuredLine[],
  grams: number,
  of: (line: MeasuredLine) => number,
): Workings {
  const total = sum(lines, of);
  return {
    title: `${title} of the whole`,
    estimated: true,
    steps: [
      ...lines
        .filter((line) => of(line) > 0.005)
        .map((line) => ({ label: `${line.name}, ${show(line.grams)} g`, value: `${show(of(line))} g` })),
      { label: 'Of the weight', value: `${show(total)} ÷ ${show(grams)} g` },
    ],
    result: grams > 0 ? `${show((total / grams) * 100)} %` : '0 %',
  };
}
