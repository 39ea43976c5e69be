import type { BatchId, LineId } from '../identity/index.js';
import type { Recipe, RecipeLine } from '../recipes/index.js';
import type { Batch } from './types.js';
import type { VesselFit } from './vessels/types.js';

/** How often the vessel of a line is filled, by batch and line. */
export type Fills = ReadonlyMap<BatchId, ReadonlyMap<LineId, number>>;

/** Oil to film a pan and water to boil in are needed once for every time a pan or pot is filled. */
export function fillsOf(recipe: Pick<Recipe, 'lines' | 'steps'>, fits: readonly VesselFit[]): Fills {
  const fills = new Map<BatchId, Map<LineId, number>>();
  for (const line of recipe.lines.filter(({ scaling }) => scaling === 'perVessel')) {
    const users = recipe.steps.filter((step) => step.uses.some((use) => use.line === line.id));
    for (const fit of fits.filter(({ stepId }) => users.some(({ id }) => id === stepId))) {
      const ofBatch = fills.get(fit.batchId) ?? new Map<LineId, number>();
      fills.set(fit.batchId, ofBatch.set(line.id, Math.max(fit.rounds, ofBatch.get(line.id) ?? 1)));
    }
  }
  return fills;
}

/** The fills of one line in one batch; undefined where no vessel says so. */
export function fillsFor(
  fills: Fills,
  line: Pick<RecipeLine, 'id'>,
  batch: Pick<Batch, 'id'>,
): number | undefined {
  return fills.get(batch.id)?.get(line.id);
}
