import { stepCircle } from './circles.js';
import type { RecipeStep } from './types.js';

/** What came of a change of order: the steps as they are now, or why they stay as they were. */
export type Linked = { readonly steps: readonly RecipeStep[] } | { readonly problem: string };

/**
 * The steps with one that comes after another, or no longer does where it did. What would come after itself
 * is refused with the names of the steps.
 */
export function toggleAfter(steps: readonly RecipeStep[], id: string, before: string): Linked {
  if (id === before) return { problem: 'A step cannot come after itself.' };
  const changed = steps.map((step) =>
    step.id === id
      ? {
          ...step,
          after: step.after.includes(before)
            ? step.after.filter((each) => each !== before)
            : [...step.after, before],
        }
      : step,
  );
  const circle = stepCircle(changed);
  if (!circle) return { steps: changed };
  const names = circle.map((each) => `“${firstWords(steps, each)}”`);
  return {
    problem: `That would be a loop: ${names.join(' comes after ')}, which comes after the first again.`,
  };
}

function firstWords(steps: readonly RecipeStep[], id: string): string {
  const words = (steps.find((step) => step.id === id)?.text ?? '').split(/[.,;:]/)[0]!.split(' ');
  return words.length > 5 ? `${words.slice(0, 5).join(' ')} …` : words.join(' ');
}

/** Where a step stands in a drawing of what comes after what. */
export interface PlacedStep {
  readonly id: string;
  /** How many steps come before it, one after the other, at the most. */
  readonly column: number;
  /** The thread that it lies on. */
  readonly row: number;
}

/**
 * Steps in columns, each right of all that it comes after; a step lies on the thread of the first one that
 * it goes on with, where that is free, so that what runs side by side is drawn side by side.
 */
export function placedSteps(steps: readonly Pick<RecipeStep, 'id' | 'after'>[]): PlacedStep[] {
  const placed = new Map<string, PlacedStep>();
  const taken = new Set<string>();
  const byId = new Map(steps.map((step) => [step.id, step]));
  const place = (id: string): PlacedStep => {
    const known = placed.get(id);
    if (known) return known;
    const before = byId
      .get(id)!
      .after.filter((each) => byId.has(each))
      .map(place);
    const column = before.reduce((most, each) => Math.max(most, each.column + 1), 0);
    const threads = [...before].sort((a, b) => b.column - a.column || a.row - b.row).map(({ row }) => row);
    const row = [...threads, ...steps.keys()].find((each) => isFree(each, column, before, taken))!;
    const made = { id, column, row };
    placed.set(id, made);
    taken.add(`${column} ${row}`);
    return made;
  };
  return steps.map(({ id }) => place(id));
}

/** Whether a place is free, and no other step lies between it and the one it goes on with. */
function isFree(
  row: number,
  column: number,
  before: readonly PlacedStep[],
  taken: ReadonlySet<string>,
): boolean {
  const from = Math.max(-1, ...before.filter((each) => each.row === row).map((each) => each.column));
  for (let each = before.length > 0 ? from + 1 : column; each <= column; each++)
    if (taken.has(`${each} ${row}`)) return false;
  return true;
}
