import { toFraction, toNumber, type Rational } from '../amounts/index.js';
import type { Pack } from '../larder/index.js';
import type { ChosenPack } from './types.js';

/**
 * The packs that cover a need with least left over, then in fewest packs. Prices are not known here, so cost plays
 * no part. `need` and pack sizes are in one unit; sizes are whole and above 0. Loose goods come in steps.
 */
export function choosePacks(need: Rational, packs: readonly Pack[]): readonly ChosenPack[] {
  if (toFraction(need).compare(0) <= 0) return [];
  const loose = packs.find((pack) => pack.loose);
  if (loose) return [{ count: 1, size: stepsOf(need, loose.size) * loose.size, name: '' }];
  const sizes = [...packs].sort((a, b) => b.size - a.size);
  const counts = cheapestCounts(Math.ceil(toNumber(need) - 1e-9), sizes.map((pack) => pack.size));
  return sizes.map((pack, index) => ({ count: counts[index]!, size: pack.size, name: pack.name })).filter((pack) => pack.count > 0);
}

function stepsOf(need: Rational, size: number): number {
  return Number(toFraction(need).div(size).ceil().valueOf());
}

interface Choice { counts: number[]; leftOver: number; packs: number }

/** Tries every count of the larger sizes; the smallest size fills the rest. */
function cheapestCounts(need: number, sizes: readonly number[]): number[] {
  let best: Choice | null = null;
  const visit = (at: number, left: number, counts: number[]) => {
    const size = sizes[at]!;
    if (at === sizes.length - 1) {
      const last = Math.max(0, Math.ceil(left / size));
      best = better(best, { counts: [...counts, last], leftOver: last * size - left, packs: counts.reduce((a, b) => a + b, last) });
      return;
    }
    for (let count = Math.max(0, Math.ceil(left / size)); count >= 0; count--) visit(at + 1, left - count * size, [...counts, count]);
  };
  visit(0, need, []);
  return best!.counts;
}

function better(best: Choice | null, next: Choice): Choice {
  if (!best || next.leftOver < best.leftOver) return next;
  return next.leftOver === best.leftOver && next.packs < best.packs ? next : best;
}
