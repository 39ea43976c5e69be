import type { Workings, WorkingStep } from '../amounts/index.js';
import { capital, money } from '../words/index.js';
import type { PackAnswer } from './coverings.js';
import { isSome } from './need.js';
import { openedFor } from './offers.js';
import type { RowContext, RowParts } from './row-parts.js';
import { seasonStep } from './season.js';
import type { BuyingDays } from './trips.js';
import type { ClassNeeds } from './types.js';
import { buyWords, byKind, showNeed, writtenTotals } from './words.js';

function packNote(answer: PackAnswer | null, cost: number | null, context: RowContext): string | undefined {
  const price = cost === null ? '' : `About ${money(cost, context.currency)}.`;
  return [answer?.why ?? '', price].filter(Boolean).join(' ') || undefined;
}

export function servesWords(uses: readonly ClassNeeds[]): string {
  return uses.length === 0
    ? ''
    : `for ${uses
        .slice(0, 2)
        .map((use) => `“${use.title}” on ${use.date}`)
        .join(' and ')}`;
}

/** What is bought, in words: its packs. */
export function buyText({ ingredient, pooled, answer, toCover }: RowParts, isUnsold: boolean): string {
  const packs = buyWords(answer?.best.packs ?? [], ingredient);
  const bought = [packs, isUnsold ? `${showNeed(toCover, ingredient)} more` : '']
    .filter(Boolean)
    .join(' and ');
  // What could not be added up stands below with its question, never as a second amount.
  return bought || writtenTotals(byKind(pooled.problems)[0] ?? []) || 'nothing';
}

/** What to know of a row besides its amount. */
export function remarkOf(parts: RowParts, isUnsold: boolean): string {
  const unsold = isUnsold ? unsoldWords(parts) : '';
  return [parts.remark, openedFor(parts), unsold].filter(Boolean).join(' ');
}

/** What comes out of other food only: of a tin that leaves it, or of a step that has to keep it. */
function unsoldWords({ ingredient, context }: RowParts): string {
  const isLeft = [...context.larder.ingredients.values()].some((food) =>
    food.leaves?.some(({ product }) => product === ingredient.id),
  );
  return isLeft
    ? 'It is not sold by itself: open one more of what leaves it.'
    : 'It is not sold by itself: say in a step that it is kept.';
}

/** The chain link by link, then the packs, the days and the season. */
export function rowWorkings(
  { ingredient, context, pooled, answer, toCover, steps }: RowParts,
  { name, buy, cost, days }: { name: string; buy: string; cost: number | null; days: BuyingDays | null },
): Workings {
  const packStep: WorkingStep = {
    label: isSome(toCover) ? 'As it is sold' : 'Left to buy',
    value: buy,
    note: packNote(answer, cost, context),
  };
  return {
    title: `${capital(name)}: buy ${buy}`,
    steps: [...steps, packStep, ...(days?.why ?? []), ...seasonStep(ingredient, context)],
    result: buy,
    estimated: pooled.estimated,
  };
}
