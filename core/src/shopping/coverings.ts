import { type Rational, toNumber } from '../amounts/index.js';
import type { Pack } from '../larder/index.js';
import type { ChosenPack } from './types.js';

interface Size {
  readonly units: number;
  readonly cost: number | null;
  readonly pack: Pack;
}

/** Sizes and need in steps of their common measure, so that every total is a whole number. */
export interface Problem {
  readonly sizes: readonly Size[];
  readonly need: number;
  readonly step: number;
  readonly exact: number;
  /** Packs of the best rate that are in every combination that matters; the rest is tried out. */
  readonly bulk: { readonly at: number; readonly count: number };
}

export function problemOf(need: Rational, packs: readonly Pack[], options: PackOptions): Problem {
  const scale = packs.every((pack) => Number.isInteger(pack.size)) ? 1 : 1000;
  const step = packs.map((pack) => Math.round(pack.size * scale)).reduce(commonMeasure) / scale;
  const sizes = packs.map((pack) => ({
    units: Math.round(pack.size / step),
    cost: costOf(pack, options),
    pack,
  }));
  const whole = Math.max(1, Math.ceil(toNumber(need) / step - 1e-9));
  const bulk = bulkOf(sizes, whole);
  return { sizes, step, bulk, need: whole - bulk.count * sizes[bulk.at]!.units, exact: toNumber(need) };
}

/**
 * Of n packs of other sizes, some add up to a multiple of n; so of as many as the best-rate size has units,
 * some can be replaced by packs of that size, for less. A combination with three times as many has three
 * better ones above it: it is none of the first three. All that is needed beyond them comes in packs of the
 * best rate.
 */
function bulkOf(sizes: readonly Size[], need: number): Problem['bulk'] {
  const rate = (size: Size) => (size.cost ?? 1) / size.units;
  const isBetterRate = (a: Size, b: Size) =>
    rate(a) < rate(b) - penny || (Math.abs(rate(a) - rate(b)) <= penny && a.units > b.units);
  const at = sizes.reduce((best, size, index) => (isBetterRate(size, sizes[best]!) ? index : best), 0);
  const others = kept * sizes[at]!.units * Math.max(...sizes.map((size) => size.units));
  return { at, count: Math.max(0, Math.floor((need - others) / sizes[at]!.units)) };
}

function costOf(pack: Pack, { priceOf }: PackOptions): number | null {
  const price = priceOf(pack);
  return price === null ? null : pack.loose ? (price * pack.size) / 1000 : price;
}

function commonMeasure(a: number, b: number): number {
  return b === 0 ? a : commonMeasure(b, a % b);
}

/** A combination that covers the need and has no pack too many. `node` is the chain of its packs. */
export interface Covering {
  readonly total: number;
  readonly cost: number;
  readonly count: number;
  readonly node: number;
}

export interface FoundCoverings {
  /** The best by cost, then left over, then packs. */
  readonly ranked: readonly Covering[];
  /** The cheapest for each total, by what is left over. */
  readonly byTotal: readonly (Covering | undefined)[];
  readonly chain: Chain;
}

/**
 * Packs as they were added: each with the one before it. Numbers in flat arrays, as there are many thousands.
 */
interface Chain {
  readonly pack: Uint8Array;
  readonly before: Int32Array;
  length: number;
}

/** So many combinations are kept for every total: the best and the next two. */
const kept = 3;
export const penny = 1e-9;

/**
 * All that matters of the combinations that cover the need. Packs are added from the largest size to the
 * smallest, so that the last one is the smallest; a combination has no pack too many just when the total
 * before its last one is short of the need. Each is met once.
 */
export function coverings({ sizes, need }: Problem): FoundCoverings {
  const free = sizes.some((size) => size.cost === null);
  const order = sizes.map((_, at) => at).sort((a, b) => sizes[b]!.units - sizes[a]!.units);
  const best = startingTable(need, sizes.length);
  const byTotal: (Covering | undefined)[] = Array.from({ length: sizes[order[0]!]!.units });
  const ranked: Covering[] = [];
  for (const size of order) {
    const { units } = sizes[size]!;
    const cost = free ? 0 : sizes[size]!.cost!;
    extend(best, { need, units, cost, at: size });
    for (let before = Math.max(0, need - units); before < need; before++)
      cross(best, { before, total: before + units, cost, at: size, need }, ranked, byTotal);
  }
  return { ranked, byTotal, chain: best.chain };
}

/** The best few combinations for every total short of the need: cost, number of packs, and chain. */
interface Table {
  readonly cost: Float64Array;
  readonly count: Int32Array;
  readonly node: Int32Array;
  readonly chain: Chain;
}

function startingTable(need: number, sizes: number): Table {
  const cells = need * kept;
  const most = cells * sizes + sizes * need * kept + 1;
  const table: Table = {
    cost: new Float64Array(cells).fill(Infinity),
    count: new Int32Array(cells),
    node: new Int32Array(cells),
    chain: { pack: new Uint8Array(most), before: new Int32Array(most), length: 1 },
  };
  table.cost[0] = 0;
  return table;
}

function add(chain: Chain, pack: number, before: number): number {
  chain.pack[chain.length] = pack;
  chain.before[chain.length] = before;
  return chain.length++;
}

/**
 * Puts one pack more of a size onto the combinations of every total, from the smallest up, so that any number
 * of it is met.
 */
function extend(
  table: Table,
  { need, units, cost, at: size }: { need: number; units: number; cost: number; at: number },
): void {
  const { cost: costs, count: counts, node: nodes, chain } = table;
  for (let total = units; total < need; total++) {
    const from = (total - units) * kept;
    const end = total * kept + kept;
    for (let cell = from; cell < from + kept && costs[cell]! !== Infinity; cell++) {
      const newCost = costs[cell]! + cost;
      const newCount = counts[cell]! + 1;
      let place = end;
      while (place > end - kept && isBetter(newCost, newCount, costs[place - 1]!, counts[place - 1]!))
        place--;
      if (place === end) break;
      for (let move = end - 1; move > place; move--) {
        costs[move] = costs[move - 1]!;
        counts[move] = counts[move - 1]!;
        nodes[move] = nodes[move - 1]!;
      }
      costs[place] = newCost;
      counts[place] = newCount;
      nodes[place] = add(chain, size, nodes[cell]!);
    }
  }
}

function isBetter(cost: number, count: number, thanCost: number, thanCount: number): boolean {
  if (cost < thanCost - penny || thanCost === Infinity) return true;
  return cost <= thanCost + penny && count < thanCount;
}

/** The last pack, that takes a total over the need. */
function cross(
  table: Table,
  {
    before,
    total,
    cost,
    at: size,
    need,
  }: { before: number; total: number; cost: number; at: number; need: number },
  ranked: Covering[],
  byTotal: (Covering | undefined)[],
): void {
  for (let rank = 0; rank < kept; rank++) {
    const cell = before * kept + rank;
    if (table.cost[cell] === Infinity) return;
    const newCost = table.cost[cell]! + cost;
    const newCount = table.count[cell]! + 1;
    const known = byTotal[total - need];
    const better = !known || isBetter(newCost, newCount, known.cost, known.count);
    const worst = ranked[kept - 1];
    if (!better && worst && byRank(worst, { total, cost: newCost, count: newCount }) <= 0) return;
    const covering: Covering = {
      total,
      cost: newCost,
      count: newCount,
      node: add(table.chain, size, table.node[cell]!),
    };
    if (better) byTotal[total - need] = covering;
    rankIn(ranked, covering);
  }
}

function rankIn(ranked: Covering[], covering: Covering): void {
  const place = ranked.findIndex((each) => byRank(covering, each) < 0);
  ranked.splice(place < 0 ? ranked.length : place, 0, covering);
  if (ranked.length > kept) ranked.pop();
}

function byRank(a: Omit<Covering, 'node'>, b: Omit<Covering, 'node'>): number {
  if (Math.abs(a.cost - b.cost) > penny) return a.cost - b.cost;
  return a.total - b.total || a.count - b.count;
}

/** A combination of packs, with its figures in the unit of the need. */
export interface Combination {
  readonly packs: readonly ChosenPack[];
  readonly total: number;
  readonly leftOver: number;
  /** Null where the price of one of them is not known. */
  readonly cost: number | null;
  readonly count: number;
}

export interface PackAnswer {
  readonly best: Combination;
  /** The next-best two, where there are as many. */
  readonly others: readonly Combination[];
  /** Why this one: "cheapest", or what stands in the way of that. */
  readonly why: string;
}

export interface PackOptions {
  /**
   * The price of a pack, null where it is not known or in another money. A loose pack's is for a kilogram.
   */
  readonly priceOf: (pack: Pack) => number | null;
  /** True where what is left over is used within its keeping time. */
  readonly leftOverIsUsed: boolean;
}
