import type { LineId } from '../../identity/index.js';
import type { RecipeStep } from '../types.js';

/** A step in other words: its acts are read from these when asked for, unless a person corrected them. */
export function retold(step: RecipeStep, text: string): RecipeStep {
  const { acts, ...rest } = step;
  return { ...rest, ...(acts && step.actsCorrected && { acts }), text };
}

/** The acts of a step whose lines go by other ids; nothing where none are stored. */
export function actsForLines({ acts }: RecipeStep, idOf: (line: LineId) => LineId): Pick<RecipeStep, 'acts'> {
  return acts
    ? { acts: acts.map((act) => ({ ...act, ...(act.foods && { foods: act.foods.map(idOf) }) })) }
    : {};
}
