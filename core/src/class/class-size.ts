/** What the dishes of a class have together; a ready-made swap is made once more. */
export interface ClassSize {
  readonly lines: number;
  readonly steps: number;
}

/** The most that a plan holds: more would take longer than anybody waits for it. */
const mostInClass: ClassSize = { lines: 600, steps: 160 };

export function classSize(dishes: readonly (ClassSize & { readonly hasSwap: boolean })[]): ClassSize {
  return {
    lines: dishes.reduce((sum, { lines }) => sum + lines, 0),
    steps: dishes.reduce((sum, { steps, hasSwap }) => sum + steps * (hasSwap ? 2 : 1), 0),
  };
}

/** Why the dishes are too much for one plan, in a sentence; null where they are not. */
export function classSizeProblem({ lines, steps }: ClassSize): string | null {
  const [found, most, what] =
    steps > mostInClass.steps
      ? [steps, mostInClass.steps, 'steps, those of ready-made swaps counted again']
      : [lines, mostInClass.lines, 'ingredient lines'];
  return found > most
    ? `The dishes have ${found} ${what}; a plan holds ${most}. Take a dish off the menu.`
    : null;
}
