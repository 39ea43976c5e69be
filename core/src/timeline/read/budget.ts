import { handsOf, idOf, type StepKey, stepKeyOf } from '../../identity/index.js';
import { objective } from '../objective.js';
import type { Attempt } from '../place/attempt.js';
import type { PlanTask } from '../tasks/types.js';
import type { BudgetRow, Timeline, TimelineEntry } from '../types.js';

/** A class that fills more than this share of its minutes runs late. */
export const fullClass = objective.reserve.limits.fullShare;

/** Class minutes by step, most first; demonstrations count with the step they show. */
export function budgetOf(entries: readonly TimelineEntry[]): BudgetRow[] {
  const titles = new Map(entries.map((entry) => [entry.id, entry.title]));
  const rows = new Map<string, BudgetRow>();
  for (const entry of entries) {
    if (entry.kind === 'wait' || entry.end <= 0) continue;
    const { ref } = entry;
    const id = ref.role === 'shown' ? idOf(handsOf(ref)) : entry.id;
    const minutes = entry.end - Math.max(0, entry.start) + (rows.get(id)?.minutes ?? 0);
    rows.set(id, { id, stepKey: stepKeyOf(ref), title: titles.get(id) ?? entry.title, minutes });
  }
  return [...rows.values()].sort((a, b) => b.minutes - a.minutes);
}

/**
 * Steps that could be done in class, by what the recipe says or as the plan had to have them prepared, and
 * that are done before: what that saves in class.
 */
export function aheadOf(
  { tasks }: Attempt,
  leftToStaff: ReadonlySet<StepKey> = new Set(),
): Timeline['ahead'] {
  const isOpen = ({ step, ref }: PlanTask) => step?.place === 'either' || leftToStaff.has(stepKeyOf(ref)!);
  const isAhead = (task: PlanTask) =>
    isOpen(task) &&
    task.inClass === false &&
    task.kind === 'prep' &&
    // Washing up after a step is no step.
    task.ref.role === 'hands' &&
    !task.ref.ofSwap;
  return tasks.tasks.filter(isAhead).map((task) => ({
    stepKey: stepKeyOf(task.ref)!,
    title: task.title,
    dishTitle: task.dishTitle,
    minutes: task.minutes,
    isForFit: leftToStaff.has(stepKeyOf(task.ref)!),
  }));
}

/** Minutes of the class in which something is going on, of those it has. */
export function usedMinutes(
  entries: readonly Pick<TimelineEntry, 'kind' | 'start' | 'end'>[],
  length: number,
): number {
  const busy = new Array<boolean>(length).fill(false);
  for (const entry of entries) {
    if (entry.kind === 'wait' || entry.end <= 0) continue;
    for (let minute = Math.max(0, entry.start); minute < Math.min(length, entry.end); minute++)
      busy[minute] = true;
  }
  return busy.filter(Boolean).length;
}

export function percentOf(part: number, whole: number): number {
  return Math.round((part / whole) * 100);
}

export function usedWorkings(
  entries: readonly TimelineEntry[],
  used: number,
  length: number,
): Timeline['usedWorkings'] {
  const kinds = [
    ['demonstration', 'Demonstrations'],
    ['students', 'Work at the stations'],
    ['class', 'Welcome, eating and clearing'],
  ] as const;
  const steps = kinds.map(([kind, label]) => {
    const minutes = entries
      .filter((entry) => entry.kind === kind && entry.start >= 0)
      .reduce((sum, entry) => sum + entry.end - entry.start, 0);
    return {
      label,
      value: `${minutes} min`,
      note: kind === 'students' ? 'Some of it side by side.' : undefined,
    };
  });
  return {
    title: `${used} of ${length} class minutes used`,
    steps: [
      ...steps,
      { label: 'Minutes in which something goes on', value: `${used} min` },
      {
        label: `${used} ÷ ${length}`,
        value: `${percentOf(used, length)} %`,
        note: 'A class over about 85 % runs late.',
      },
    ],
    result: `${used} min`,
    estimated: true,
  };
}
