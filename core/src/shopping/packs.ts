import { type Rational, toFraction, toNumber, wholeRational } from '../amounts/index.js';
import type { Pack } from '../larder/index.js';
import {
  type Combination,
  type Covering,
  coverings,
  type FoundCoverings,
  type PackAnswer,
  type PackOptions,
  penny,
  type Problem,
  problemOf,
} from './coverings.js';
import type { ChosenPack } from './types.js';

/** A dearer combination that leaves less over is taken up to this share above the cheapest. */
const worthSavingWaste = 0.05;

/**
 * The packs that cover a need at least cost, then with least left over, then in fewest packs: exactly, by
 * trying every total that packs can add up to. Where a price is missing, least left over and then fewest
 * packs decide. Where the left-over has no use, one that leaves less is taken if it costs at most 5 % more.
 * `need` and sizes are in one unit, above 0.
 */
export function choosePacks(need: Rational, packs: readonly Pack[], options: PackOptions): PackAnswer | null {
  if (toFraction(need).compare(0) <= 0 || packs.length === 0) return null;
  const problem = problemOf(need, packs, options);
  const found = coverings(problem);
  const priced = problem.sizes.every((each) => each.cost !== null);
  const cheapest = found.ranked[0]!;
  // The share is one of all that is paid, with the packs that are in every combination.
  const inEvery = problem.bulk.count * (problem.sizes[problem.bulk.at]!.cost ?? 0);
  const most = (cheapest.cost + inEvery) * (1 + worthSavingWaste) - inEvery + penny;
  const thrifty =
    priced && !options.leftOverIsUsed
      ? found.byTotal.find((each) => each !== undefined && each.total < cheapest.total && each.cost <= most)
      : undefined;
  const best = thrifty ?? cheapest;
  const others = found.ranked
    .filter((each) => each.node !== best.node)
    .slice(0, 2)
    .map((each) => describe(problem, found, each));
  return {
    best: describe(problem, found, best),
    others,
    why: reason(priced, packs.length, thrifty !== undefined),
  };
}

function reason(priced: boolean, sizes: number, isThrifty: boolean): string {
  if (sizes === 1) return '';
  if (!priced) return 'A price is not known: least left over, then fewest packs.';
  return isThrifty
    ? 'Up to 5 % dearer than the cheapest, and leaves less over that nothing would use.'
    : 'Cheapest, then least left over, then fewest packs.';
}

function describe(problem: Problem, { chain }: FoundCoverings, covering: Covering): Combination {
  const counts = problem.sizes.map(() => 0);
  for (let node = covering.node; node > 0; node = chain.before[node]!) counts[chain.pack[node]!]!++;
  counts[problem.bulk.at]! += problem.bulk.count;
  const total = (covering.total + problem.bulk.count * problem.sizes[problem.bulk.at]!.units) * problem.step;
  const chosen = problem.sizes.flatMap(({ pack }, index): ChosenPack[] =>
    counts[index] === 0
      ? []
      : [
          pack.loose
            ? { count: 1, size: counts[index]! * pack.size, name: '' }
            : { count: counts[index]!, size: pack.size, name: pack.name },
        ],
  );
  const cost = problem.sizes.some((size, at) => counts[at]! > 0 && size.cost === null)
    ? null
    : problem.sizes.reduce((sum, size, at) => sum + counts[at]! * (size.cost ?? 0), 0);
  return {
    packs: chosen.sort((a, b) => b.size - a.size),
    total,
    leftOver: total - problem.exact,
    cost,
    count: covering.count + problem.bulk.count,
  };
}

/**
 * The largest total just short of the need, by 2 % at most: what the tins hold, to be made do with. Null
 * where there is none that saves a pack or money.
 */
export function justShort(need: Rational, packs: readonly Pack[], options: PackOptions): Combination | null {
  const exact = toNumber(need);
  if (packs.some((pack) => pack.loose) || packs.every((pack) => pack.size > exact)) return null;
  const short = choosePacks(wholeRational(Math.max(1, Math.floor(exact * 0.98))), packs, options);
  if (!short || short.best.total >= exact - 1e-9 || short.best.total < exact * 0.98 - 1e-9) return null;
  const answer = choosePacks(need, packs, options);
  if (!answer) return null;
  const saves =
    short.best.cost !== null && answer.best.cost !== null
      ? short.best.cost < answer.best.cost - penny
      : short.best.count < answer.best.count;
  return saves ? { ...short.best, leftOver: 0 } : null;
}
