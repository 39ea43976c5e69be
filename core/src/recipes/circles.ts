import type { RecipeStep } from './types.js';

type Ordered = Pick<RecipeStep, 'id' | 'after'>;

/** Ids of steps that come after each other in a circle, each after the next; null where there is none. */
export function stepCircle(steps: readonly Ordered[]): string[] | null {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const done = new Set<string>();
  const visit = (id: string, path: readonly string[]): string[] | null => {
    if (path.includes(id)) return path.slice(path.indexOf(id));
    if (done.has(id)) return null;
    for (const before of byId.get(id)?.after ?? []) {
      const circle = visit(before, [...path, id]);
      if (circle) return circle;
    }
    done.add(id);
    return null;
  };
  for (const { id } of steps) {
    const circle = visit(id, []);
    if (circle) return circle;
  }
  return null;
}

/** The same steps, none of which waits for itself: of each circle the last of its links is let go. */
export function withoutCircles<Step extends Ordered>(steps: readonly Step[]): readonly Step[] {
  const circle = stepCircle(steps);
  if (!circle) return steps;
  const [first, last] = [circle[0]!, circle[circle.length - 1]!];
  return withoutCircles(
    steps.map((step) =>
      step.id === last ? { ...step, after: step.after.filter((id) => id !== first) } : step,
    ),
  );
}
