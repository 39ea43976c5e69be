import { type MeasureSystem, toNumber, toRational, unitSize } from '../amounts/index.js';
import type { Larder } from '../larder/index.js';
import { balanceDressing } from './balance.js';
import { RoleFactors } from './role-factors.js';
import { nearMeasures } from './spoon-steps.js';
import type { Balance, DressingLine, LineRole, LineShare } from './types.js';

/** What a bowl is to become; what is absent does not matter. */
export interface FitTarget {
  /** Measured oil to acid. */
  readonly ratio?: number;
  /** In per cent of the weight. */
  readonly salt?: number;
  readonly sugar?: number;
  readonly millilitres?: number;
}

/** How far from its target each may be after rounding: a share of it, or points of a per cent. */
export const fitTolerances = { ratio: 0.05, salt: 0.15, sugar: 0.5, millilitres: 0.03 } as const;
export type FitPart = keyof typeof fitTolerances;

export interface FitLine extends DressingLine {
  readonly isFixed?: boolean;
}

export interface Fit {
  /** The lines with their new amounts, in teaspoons where they were free. */
  readonly lines: readonly FitLine[];
  readonly balance: Balance;
  /** Deviations in tolerances: 1 is just within. */
  readonly deviations: Readonly<Partial<Record<FitPart, number>>>;
  /** What gives way, worst first; empty where all is met. */
  readonly missed: readonly FitPart[];
  /** Why it could not be done at all, in a sentence; empty where something could. */
  readonly problem: string;
}

interface FitOptions {
  readonly larder: Larder;
  readonly system?: MeasureSystem;
  readonly method?: Parameters<typeof balanceDressing>[2]['method'];
}

/**
 * Any lines fixed and others free, the bowl that comes nearest to a target in measures that a spoon can give:
 * the least largest deviation, counted in tolerances. First without rounding, each role of lines by one
 * factor; then measure by measure.
 */
export function fitDressing(given: readonly FitLine[], target: FitTarget, options: FitOptions): Fit {
  const balanceOf = (lines: readonly FitLine[]) =>
    balanceDressing(lines, options.larder, { method: options.method ?? 'whisk', system: options.system });
  const start = balanceOf(given);
  const problem = problemOf(given, target, start);
  if (problem) return { lines: given, balance: start, deviations: {}, missed: [], problem };
  const teaspoon = toNumber(unitSize('tsp', options.system ?? 'metric')!);
  const shares = new Map(start.lines.map((line) => [line.lineId, line]));
  const wanted = continuous(given, target, start, options.larder);
  // A line with a measure is the same object each time, so that it is measured once.
  const made = new Map<string, FitLine>();
  const toLine = (line: FitLine, millilitres: number): FitLine => {
    const key = `${line.id} ${millilitres}`;
    const known = made.get(key) ?? { ...line, ...measured(millilitres / teaspoon), unit: 'tsp' as const };
    made.set(key, known);
    return known;
  };
  const choices = given.map((line) => {
    const share = shares.get(line.id);
    const ideal = wanted.get(line.id);
    return line.isFixed || !share || ideal === undefined ? null : nearMeasures(ideal, teaspoon, 2);
  });
  const chosen = settled(choices, (picked) => {
    const lines = given.map((line, at) => (picked[at] === null ? line : toLine(line, picked[at]!)));
    return worst(deviationsOf(balanceOf(lines), target));
  });
  const lines = given.map((line, at) => (chosen[at] === null ? line : toLine(line, chosen[at]!)));
  const balance = balanceOf(lines);
  const deviations = deviationsOf(balance, target);
  const missed = (Object.keys(deviations) as FitPart[])
    .filter((part) => deviations[part]! > 1 + 1e-9)
    .sort((a, b) => deviations[b]! - deviations[a]!);
  return { lines, balance, deviations, missed, problem: '' };
}

function measured(teaspoons: number): Pick<DressingLine, 'amount'> {
  const amount = toRational(teaspoons);
  return { amount: { low: amount, high: amount } };
}

function problemOf(lines: readonly FitLine[], target: FitTarget, { grams, lines: known }: Balance): string {
  if (lines.length === 0) return 'There is nothing in the bowl yet: add an oil and something sharp.';
  if (grams <= 0) return 'Nothing in the bowl has an amount that is known.';
  if (lines.every(({ isFixed }) => isFixed)) return 'Every line is fixed: let one of them go.';
  const impossible = Object.values(target).some((value) => !Number.isFinite(value) || value < 0);
  const isNothing = target.ratio === 0 || target.millilitres === 0;
  if (impossible || isNothing || (target.salt ?? 0) > 30 || (target.sugar ?? 0) > 80)
    return 'No bowl can be like that: choose a ratio, salt and sugar of a dressing.';
  const has = (role: LineRole) => known.some((line) => line.role === role);
  if (target.ratio !== undefined && (!has('oil') || !has('acid')))
    return 'A ratio takes an oil and something sharp to measure it by.';
  return '';
}

/** Each of the parts moves the others a little: so often they are turned in turn. */
const rounds = 40;

/** Millilitres of each free line that meet the target without rounding. */
function continuous(
  lines: readonly FitLine[],
  target: FitTarget,
  start: Balance,
  larder: Larder,
): ReadonlyMap<string, number> {
  const free = new Set(lines.filter(({ isFixed }) => !isFixed).map(({ id }) => id));
  const isFree = ({ lineId }: LineShare) => free.has(lineId);
  const factors = new RoleFactors(start, isFree, larder);
  for (let round = 0; round < rounds; round++) {
    if (target.millilitres !== undefined) factors.meetVolume(target.millilitres);
    if (target.ratio !== undefined) factors.meetRatio(target.ratio);
    if (target.salt !== undefined) factors.meetPercent('salt', target.salt);
    if (target.sugar !== undefined) factors.meetPercent('sweet', target.sugar);
  }
  return new Map(start.lines.filter(isFree).map((line) => [line.lineId, factors.millilitresOf(line)]));
}

function deviationsOf(balance: Balance, target: FitTarget): Fit['deviations'] {
  const found: Partial<Record<FitPart, number>> = {};
  if (target.ratio !== undefined)
    found.ratio =
      balance.ratio === null ? Infinity : Math.abs(balance.ratio / target.ratio - 1) / fitTolerances.ratio;
  if (target.salt !== undefined) found.salt = Math.abs(balance.salt * 100 - target.salt) / fitTolerances.salt;
  if (target.sugar !== undefined)
    found.sugar = Math.abs(balance.sugar * 100 - target.sugar) / fitTolerances.sugar;
  if (target.millilitres !== undefined)
    found.millilitres = Math.abs(balance.millilitres / target.millilitres - 1) / fitTolerances.millilitres;
  return found;
}

function worst(deviations: Fit['deviations']): number {
  const all = Object.values(deviations);
  // The largest counts; among equals the sum, so that nothing is worse than it must be.
  return Math.max(0, ...all) + all.reduce((sum, each) => sum + Math.min(each, 10), 0) / 1000;
}

/** Turns one line at a time to the measure that helps most, until none helps. */
function settled(
  choices: readonly (readonly number[] | null)[],
  cost: (picked: readonly (number | null)[]) => number,
): (number | null)[] {
  const picked = choices.map((each) => each?.[0] ?? null);
  let now = cost(picked);
  for (let isBetter = true; isBetter;) {
    isBetter = false;
    for (const [at, offered] of choices.entries())
      for (const measure of offered ?? []) {
        const other = picked.with(at, measure);
        const then = cost(other);
        if (then < now - 1e-9) {
          picked[at] = measure;
          now = then;
          isBetter = true;
        }
      }
  }
  return picked;
}
