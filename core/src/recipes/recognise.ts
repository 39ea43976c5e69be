import { cacheByOwner } from '../identity/index.js';
import { type Larder, standardLarder } from '../larder/index.js';
import { parseIngredientLine } from './intake/line/line.js';
import { withPulsesOfSteps } from './intake/text/pulses-by-steps.js';
import type { Recipe, RecipeLine } from './types.js';

/**
 * A recipe as a kitchen's larder reads it now: what the kitchen has added or named since it was written is
 * recognised in every line with the same words, and what it no longer knows is not known again. Lines that a
 * person corrected stay. The recipe itself where nothing changes.
 */
export function recognised<R extends Pick<Recipe, 'lines' | 'steps' | 'system'>>(
  recipe: R,
  larder: Larder = standardLarder,
): R {
  const known = before.get(larder) ?? new WeakMap<object, object>();
  before.set(larder, known);
  const seen = known.get(recipe);
  if (seen) return seen as R;
  const read = withPulsesOfSteps(
    recipe.lines.map((line) => recognisedLine(line, recipe.system, larder)),
    recipe.steps.map(({ text }) => text),
    larder,
  );
  const isSame = read.every((line, index) => line === recipe.lines[index]);
  const result = isSame ? recipe : { ...recipe, lines: read };
  known.set(recipe, result);
  return result;
}

const before = new WeakMap<Larder, WeakMap<object, object>>();

/** One line as the larder reads its words now; the line itself where that is what it holds. */
export function recognisedLine(line: RecipeLine, system: Recipe['system'], larder: Larder): RecipeLine {
  if (line.corrected || line.text === '') return line;
  return readLast(line, [system, larder], () => readAgain(line, system, larder));
}

/** An edit of one line leaves the others of its recipe as they were. */
const readLast = cacheByOwner<RecipeLine, RecipeLine>();

function readAgain(line: RecipeLine, system: Recipe['system'], larder: Larder): RecipeLine {
  const reading = parseIngredientLine(line.text, { system, larder });
  const isSame =
    reading.ingredient === line.ingredient &&
    reading.unread === line.unread &&
    reading.alternatives.join() === line.alternatives.join();
  if (isSame) return line;
  const { ingredient, name, unread, confidence, byProducts, alternatives } = reading;
  return { ...line, ingredient, name, unread, confidence, byProducts, alternatives };
}
