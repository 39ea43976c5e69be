import type { PlanTask } from '../tasks/types.js';
import type { TimelineEntry } from '../types.js';

/**
 * A dressing that is poured while it still holds is not mixed again: of the mixing that the plan added, what
 * the plan itself has made needless falls out, and what came after it comes after the whisking.
 */
export function withoutIdleMixing(
  entries: readonly TimelineEntry[],
  tasks: ReadonlyMap<string, PlanTask>,
): readonly TimelineEntry[] {
  const ends = new Map(entries.map(({ id, end }) => [id, end]));
  const idle = new Map<string, readonly string[]>();
  for (const { id, end, after, isPinned } of entries) {
    const step = tasks.get(id)?.step;
    if (isPinned || !step?.mixesAgain || after.length === 0) continue;
    const whisked = Math.max(...after.map((each) => ends.get(each) ?? -Infinity));
    if (end - whisked <= (step.holdMinutes ?? 0)) idle.set(id, after);
  }
  if (idle.size === 0) return entries;
  return entries
    .filter(({ id }) => !idle.has(id))
    .map((entry) =>
      entry.after.some((each) => idle.has(each))
        ? { ...entry, after: entry.after.flatMap((each) => idle.get(each) ?? [each]) }
        : entry,
    );
}
