import { showRational, toFraction } from '../amounts/index.js';
import { sayings } from './intake/sayings.js';
import type { KeptBack, RecipeLine, RecipeStep } from './types.js';

const isFinishing = sayings.has('finishes');

/**
 * The part of a line that is kept back for the top: as its own words say, or as its steps do, where the last
 * that uses a share of it finishes the dish ("toss with most of the dill … scatter the last of the dill").
 */
export function keptBackOf(
  line: Pick<RecipeLine, 'id' | 'keptBack'>,
  steps: readonly Pick<RecipeStep, 'text' | 'uses'>[],
): KeptBack | null {
  if (line.keptBack) return line.keptBack;
  const using = steps.flatMap((step) =>
    step.uses.filter((use) => use.line === line.id).map(({ share }) => ({ share, text: step.text })),
  );
  const last = using[using.length - 1];
  if (using.length < 2 || !last || toFraction(last.share).compare(1) >= 0) return null;
  if (!isFinishing(last.text)) return null;
  return { amount: null, share: last.share, words: `${showRational(last.share)} for the top` };
}
