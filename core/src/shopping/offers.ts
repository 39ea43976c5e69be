import { type Rational, showNumber, toFraction, toNumber, toRational } from '../amounts/index.js';
import { ingredientName } from '../larder/index.js';
import { capital } from '../words/index.js';
import { justShort } from './packs.js';
import type { RowParts } from './row-parts.js';
import { longestKeeping } from './trips.js';
import type { RowOffer } from './types.js';
import { buyWords, showNeed } from './words.js';

/** What keeps for months once it is opened is no waste. */
const pantryDays = 60;
/** A pack opened for less than this share of it is a decision. */
const hardlyOpened = 0.25;

/** Opening a tin for two spoonfuls is a decision: it is shown. */
export function openedFor({ uses, ingredient, answer, toCover, leftOverUse }: RowParts): string {
  const total = answer?.best.total ?? 0;
  // A drained tin or jar does not keep once it is open, however long it did before.
  const keepsOpened = !ingredient.drainedShare && (longestKeeping(ingredient) ?? pantryDays) >= pantryDays;
  const isLittle = total > 0 && toNumber(toCover) < total * hardlyOpened;
  if (
    !isLittle ||
    keepsOpened ||
    leftOverUse.length > 0 ||
    ingredient.shoppingUnit === 'piece' ||
    uses.every((use) => use.optional)
  )
    return '';
  return `${buyWords(answer!.best.packs, ingredient)} opened for ${showNeed(toCover, ingredient)}.`;
}

/** What the instructor may do instead of buying it all: leave it out, or make do with what a pack holds. */
export function offersOf(parts: RowParts): RowOffer[] {
  return [...skipOffer(parts), ...makeDoOffer(parts)];
}

/** What is only optional, and would be opened for a little. */
function skipOffer({ uses, ingredient, answer, toCover, leftOverUse, context }: RowParts): RowOffer[] {
  const total = answer?.best.total ?? 0;
  const isHardlyOpened =
    total > 0 &&
    uses.every((use) => use.optional) &&
    toNumber(toCover) < total * hardlyOpened &&
    leftOverUse.length === 0 &&
    !ingredient.packs.some((pack) => pack.loose);
  if (!isHardlyOpened) return [];
  const opened = buyWords(answer!.best.packs, ingredient);
  return [
    {
      kind: 'skip',
      action: 'Skip it',
      sentence:
        `${capital(ingredientName(ingredient, context.english))} is optional, and ` +
        `${opened} would be opened for ${showNeed(toCover, ingredient)}`,
    },
  ];
}

/** A pack that holds nearly enough of what can be used a little less of. */
function makeDoOffer({ uses, ingredient, pooled, answer, toCover, options, context }: RowParts): RowOffer[] {
  const isLinear =
    uses.every((use) => use.amount !== null && (use.scaling ?? 'linear') === 'linear') &&
    !ingredient.byProducts &&
    !ingredient.indivisible;
  const short = isLinear && answer ? justShort(toCover, ingredient.packs, options) : null;
  if (!short) return [];
  const packs = buyWords(short.packs, ingredient);
  const missing = (1 - short.total / toNumber(toCover)) * 100;
  return [
    {
      kind: 'useWhatItHolds',
      action: `Use what ${packs} hold${short.count > 1 ? '' : 's'}`,
      share: shareThatFits(pooled.need, toCover, short.total, context.decisions.sparePercent),
      sentence:
        `${packs} ${short.count > 1 ? 'are' : 'is'} ${showNumber(missing)} % short of ` +
        showNeed(toCover, ingredient),
    },
  ];
}

/** A share of more characters than this is kept in so many parts. */
const longestShare = 20;
const shareParts = 10_000;

/**
 * The share of the use at which just so much is left to buy as the packs hold: what is missing comes off the
 * use, less its spare.
 */
function shareThatFits(need: Rational, toCover: Rational, total: number, sparePercent: number): Rational {
  const missing = toFraction(toCover)
    .sub(toFraction(String(total)))
    .mul(100)
    .div(100 + sparePercent);
  const share = toFraction('1').sub(missing.div(toFraction(need)));
  const exact = toRational(share);
  // A little less is always in the packs, and a short fraction can be kept and read.
  return exact.length <= longestShare ? exact : toRational(share.mul(shareParts).floor().div(shareParts));
}
