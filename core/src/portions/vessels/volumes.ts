import { cacheByOwner } from '../../identity/index.js';
import { findIngredient, type Larder } from '../../larder/index.js';
import { isOfVariant, type Recipe } from '../../recipes/index.js';
import { scaleLine } from '../scale-line.js';
import type { Batch } from '../types.js';
import { lineVolume } from './line-volume.js';

/** Room that food takes, and whether a usual density had to be taken for some of it. */
export interface Volume {
  readonly millilitres: number;
  readonly estimated: boolean;
}
export const nothing: Volume = { millilitres: 0, estimated: false };

/** The room of each line of a batch, by line; lines of another way of a flight have none. */
export function lineVolumes(recipe: Recipe, batch: Batch, larder: Larder): ReadonlyMap<string, Volume> {
  return ofBatch(batch, [recipe, larder], () => {
    const made = recipe.lines.filter((line) => isOfVariant(line, batch.option));
    return new Map(
      made.map((line) => [
        line.id,
        lineVolume(line, findIngredient(larder, line.ingredient), scaleLine(line, batch.factor)),
      ]),
    );
  });
}

/** The vessels of a batch ask for them, and then its bowl in section. */
const ofBatch = cacheByOwner<Batch, ReadonlyMap<string, Volume>>();
