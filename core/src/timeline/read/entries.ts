import type { ScheduleLink } from '../../scheduler/index.js';
import { showSpan } from '../../words/index.js';
import type { Axis } from '../axis.js';
import type { Attempt } from '../place/attempts.js';
import type { PlanTask } from '../tasks/tasks.js';
import type { TimelineClash, TimelineEntry } from '../types.js';

export type FoundPlan = Attempt & {
  readonly byId: ReadonlyMap<string, PlanTask>;
  readonly pins: Readonly<Record<string, number>>;
  readonly before: LinksBy;
  readonly after: LinksBy;
};

type LinksBy = ReadonlyMap<string, readonly ScheduleLink[]>;

/** Links by one of their ends. */
export function linksBy(links: readonly ScheduleLink[], end: 'from' | 'to'): LinksBy {
  const found = new Map<string, ScheduleLink[]>();
  for (const link of links) {
    const known = found.get(link[end]);
    if (known) known.push(link);
    else found.set(link[end], [link]);
  }
  return found;
}

/** A task with its place in the plan, and why it is there. */
export function entryOf(task: PlanTask, attempt: FoundPlan, axis: Axis): TimelineEntry {
  const start = attempt.starts[task.id]!;
  const end = start + task.minutes;
  const from = axis.local(start);
  return {
    id: task.id,
    lane: task.lane,
    kind: task.kind,
    title: task.title,
    detail: task.detail,
    dishTitle: task.dishTitle,
    stepId: task.step?.id ?? '',
    start,
    end,
    addedFor: task.step?.addedFor ?? '',
    isEither: task.step?.place === 'either' && !task.id.includes('/swap/'),
    isPinned: attempt.pins[task.id] === start,
    hands: handsOf(task),
    after: (attempt.before.get(task.id) ?? []).filter((link) => link.minLag >= 0).map((link) => link.from),
    startsAt: axis.instant(start),
    localDate: from.date,
    localTime: from.time,
    localEnd: axis.local(end).time,
    keeps: keepsOf(task, end, attempt),
    workings: {
      title: `${task.title}, ${from.time}–${axis.local(end).time}`,
      steps: [...task.how, ...placementSteps(task, start, end, attempt, axis)],
      result: `${from.time}`,
      estimated: true,
    },
  };
}

function keepsOf(task: PlanTask, end: number, attempt: FoundPlan): TimelineEntry['keeps'] {
  const hold = task.step?.holdMinutes;
  if (!hold || task.kind === 'demonstration' || (task.kind !== 'wait' && task.step?.waitMinutes)) return null;
  const users = attempt.after.get(task.id) ?? [];
  const first = users
    .map((link) => ({ start: attempt.starts[link.to]!, title: attempt.byId.get(link.to)!.title }))
    .sort((a, b) => b.start - a.start)[0];
  return {
    until: end + hold,
    usedAt: first?.start ?? null,
    usedBy: first?.title ?? '',
    broken: first !== undefined && first.start > end + hold,
  };
}

/** What the start hangs on: the next step that needs it, its keeping time, the day. */
function placementSteps(
  task: PlanTask,
  start: number,
  end: number,
  attempt: FoundPlan,
  axis: Axis,
): { label: string; value: string; note?: string }[] {
  const { byId } = attempt;
  const next = (attempt.after.get(task.id) ?? [])
    .map((link) => ({ link, task: byId.get(link.to)!, start: attempt.starts[link.to]! }))
    .sort((a, b) => a.start - b.start)[0];
  const before = (attempt.before.get(task.id) ?? []).map((link) => byId.get(link.from)!);
  const steps =
    before.length > 0
      ? [
          {
            label: 'After',
            value: axis.local(Math.max(...before.map((each) => attempt.starts[each.id]! + each.minutes)))
              .time,
            note: before.map((each) => each.title).join('; '),
          },
        ]
      : [];
  if (next) {
    const gap = next.start - end;
    steps.push({
      label: 'Wanted by',
      value: axis.local(next.start).time,
      note: `${next.task.title}${gap > 0 ? `, ${showSpan(gap)} later` : ', at once'}.`,
    });
    if (next.link.maxLag !== undefined && next.link.maxLag > 0)
      steps.push({ label: 'Keeps', value: showSpan(next.link.maxLag) } as (typeof steps)[number]);
  }
  return [...steps, ...heldUpBy(task, start, end, attempt, axis)];
}

/**
 * What stands right behind it on the same hands or appliance, and so keeps it from starting later; or that it
 * is pinned.
 */
function heldUpBy(
  task: PlanTask,
  start: number,
  end: number,
  attempt: FoundPlan,
  axis: Axis,
): { label: string; value: string; note?: string }[] {
  if (attempt.pins[task.id] === start)
    return [{ label: 'Pinned: you put it here', value: axis.local(start).time }];
  const behind = attempt.tasks.tasks.find(
    (other) =>
      other.id !== task.id &&
      other.minutes > 0 &&
      attempt.starts[other.id] === end &&
      other.demands.some((demand) => task.demands.some((own) => own.resource === demand.resource)),
  );
  const shared = behind?.demands.find((demand) =>
    task.demands.some((own) => own.resource === demand.resource),
  );
  const last = { label: 'Planned backwards: the latest start that fits', value: axis.local(start).time };
  if (!behind || !shared) return [last];
  const until = axis.local(end + behind.minutes).time;
  return [
    {
      label: `${laneWords[shared.resource] ?? shared.resource} wanted next, until ${until}`,
      value: axis.local(end).time,
      note: `${behind.title}${shared.setting ? `, at ${shared.setting}` : ''}.`,
    },
    last,
  ];
}

const laneWords: Readonly<Record<string, string>> = {
  you: 'You are',
  assistant: 'The assistant is',
  stations: 'The stations are',
  oven: 'The oven is',
  hob: 'The hob is',
  griddle: 'The griddle is',
  microwave: 'The microwave is',
  blender: 'The blender is',
  fridge: 'The cold is',
};

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
