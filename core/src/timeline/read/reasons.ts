import type { ScheduleLink } from '../../scheduler/index.js';
import { showSpan } from '../../words/index.js';
import type { Axis } from '../axis.js';
import type { Attempt } from '../place/attempt.js';
import type { PlanTask } from '../tasks/types.js';

export type FoundPlan = Attempt & {
  readonly byId: ReadonlyMap<string, PlanTask>;
  readonly pins: Readonly<Record<string, number>>;
  readonly before: LinksBy;
  readonly after: LinksBy;
  /** Tasks that take time, by when they start. */
  readonly startingAt: ReadonlyMap<number, readonly PlanTask[]>;
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

/** The tasks of a plan that take time, by when they start. */
export function byStart({ tasks: { tasks }, starts }: Attempt): ReadonlyMap<number, readonly PlanTask[]> {
  const found = new Map<number, PlanTask[]>();
  for (const task of tasks) {
    if (task.minutes === 0) continue;
    const start = starts[task.id]!;
    found.set(start, [...(found.get(start) ?? []), task]);
  }
  return found;
}

/** What the start hangs on: the next step that needs it, its keeping time, the day. */
export function placementSteps(
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
  const behind = attempt.startingAt
    .get(end)
    ?.find(
      (other) =>
        other.id !== task.id &&
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
