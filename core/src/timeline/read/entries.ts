import { appliancesOf, type KitchenFacts } from '../../class/index.js';
import type { WorkingStep } from '../../amounts/index.js';
import { showSpan } from '../../words/index.js';
import type { Axis } from '../axis.js';
import { keepsFor } from '../tasks/keeping.js';
import type { PlanTask } from '../tasks/types.js';
import type { TimelineClash, TimelineEntry } from '../types.js';
import { type FoundPlan, placementSteps } from './reasons.js';

/** A task with its place in the plan, and why it is there. */
export function entryOf(task: PlanTask, attempt: FoundPlan, axis: Axis): TimelineEntry {
  const start = attempt.starts[task.id]!;
  const end = start + task.minutes;
  const from = axis.local(start);
  const to = axis.local(end);
  return {
    id: task.id,
    ref: task.ref,
    lane: task.lane,
    kind: task.kind,
    title: task.title,
    detail: task.detail,
    dishTitle: task.dishTitle,
    start,
    end,
    addedFor: task.step?.addedFor ?? '',
    isEither: task.step?.place === 'either' && !task.ref.ofSwap,
    isPinned: attempt.pins[task.id] === start,
    hands: handsOf(task),
    after: (attempt.before.get(task.id) ?? []).filter((link) => link.minLag >= 0).map((link) => link.from),
    startsAt: axis.instant(start),
    localDate: from.date,
    localTime: from.time,
    localEnd: to.time,
    localEndDate: to.date,
    keeps: keepsOf(task, end, attempt),
    workings: {
      title: `${task.title}, ${from.time}–${to.time}`,
      steps: [...task.how, ...ownVariantsOf(task), ...placementSteps(task, start, end, attempt, axis)],
      result: `${from.time}`,
      estimated: true,
    },
  };
}

/** How single stations do it otherwise: it is for the hands of students, and for what is shown to them. */
function ownVariantsOf({ step, ref }: PlanTask): WorkingStep[] {
  if (ref.role !== 'hands' && ref.role !== 'shown') return [];
  return (step?.ownWays ?? []).map(({ stations, text }) => ({
    label: `${stations.length === 1 ? 'Station' : 'Stations'} ${stations.join(', ')} in a way of their own`,
    value: '',
    note: text,
  }));
}

function keepsOf(task: PlanTask, end: number, attempt: FoundPlan): TimelineEntry['keeps'] {
  const hold = task.step && keepsFor(task.step);
  if (hold === null || task.kind === 'demonstration' || (task.kind !== 'wait' && task.step?.waitMinutes))
    return null;
  const users = attempt.after.get(task.id) ?? [];
  const last = users
    .map((link) => ({ start: attempt.starts[link.to]!, title: attempt.byId.get(link.to)!.title }))
    .sort((a, b) => b.start - a.start)[0];
  return {
    until: end + hold,
    usedAt: last?.start ?? null,
    usedBy: last?.title ?? '',
    broken: last !== undefined && last.start > end + hold,
  };
}

function handsOf(task: PlanTask): TimelineEntry['hands'] {
  const demand =
    task.demands.find(({ resource }) => resource === 'you' || resource === 'assistant') ??
    task.demands.find(({ resource }) => resource === 'stations');
  return demand ? { who: demand.resource as 'you' | 'assistant' | 'stations', pairs: demand.units } : null;
}

/** Results that are used later than they keep. */
export function clashesOf(entries: readonly TimelineEntry[]): TimelineClash[] {
  return entries
    .filter((entry) => entry.keeps?.broken)
    .map((entry) => ({
      entryIds: [entry.id],
      sentence:
        `“${entry.title}” is done ${entry.localEnd} and keeps about ` +
        `${showSpan(entry.keeps!.until - entry.end)}; “${entry.keeps!.usedBy}” ` +
        `comes ${showSpan(entry.keeps!.usedAt! - entry.end)} later`,
    }));
}

/** What wants an appliance that the kitchen has not: it is not drawn there, and cannot be done. */
export function lackingClashes(
  entries: readonly TimelineEntry[],
  byId: ReadonlyMap<string, PlanTask>,
  kitchen: Pick<KitchenFacts, 'appliances'>,
): TimelineClash[] {
  const has = new Set<string>(appliancesOf(kitchen).map(({ appliance }) => appliance));
  return entries.flatMap((entry) => {
    const { ref, step } = byId.get(entry.id)!;
    const appliance = ref.role === 'hands' ? step?.occupies?.appliance : undefined;
    if (!appliance || has.has(appliance)) return [];
    const sentence = `“${entry.title}” wants the ${appliance}, and there is none for this class`;
    const remedy = 'Cook it another way, hire one, or take the dish off the menu.';
    return [{ entryIds: [entry.id], sentence, remedy }];
  });
}
