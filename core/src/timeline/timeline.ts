import type { ClassFacts, KitchenFacts } from '../plan/types.js';
import type { DishPortions, StationPlan } from '../portions/index.js';
import { createAxis, type Axis } from './axis.js';
import { schedule } from './schedule/schedule.js';
import type { ScheduleLink, ScheduleProblem } from './schedule/types.js';
import { buildTasks, eatMinuteOf, welcomeMinutes, type ClassTasks, type PlanTask } from './tasks.js';
import type { Timeline, TimelineClash, TimelineEntry } from './types.js';

export interface TimelineInput {
  readonly facts: ClassFacts;
  readonly kitchen: KitchenFacts;
  readonly stations: StationPlan;
  readonly portions: readonly DishPortions[];
}

/** How many days of prep are looked back over. */
const leadDays = 5;
/** Minutes by which a class that does not fit is let run over, tried in turn. */
const overruns = [0, 10, 20, 30, 45, 60, 90, 120, 180, 240, 360, 480];
/** Placements for each task of one attempt. */
const budgetPerTask = 1;

interface Attempt { tasks: ClassTasks; starts: Readonly<Record<string, number>>; overrun: number; isRelaxed: boolean }

/**
 * The plan of a class, backwards from eating and class start. Where keeping times cannot be met they are let go and named
 * as clashes; where the class is too short, eating is put off by the least of a few steps that works, and said.
 */
export function buildTimeline(given: TimelineInput): Timeline {
  const axis = createAxis(given.facts.startsAt, given.facts.zone);
  const input = { ...given, open: axis.openIntervals(given.kitchen, leadDays) };
  const attempt = findPlan(input);
  if (!attempt) return emptyTimeline(input.facts);
  const byId = new Map(attempt.tasks.tasks.map((task) => [task.id, task]));
  const entries = attempt.tasks.tasks.map((task) => entryOf(task, { ...attempt, byId }, axis)).sort((a, b) => a.start - b.start || a.end - b.end);
  const clashes = clashesOf(entries);
  const used = usedMinutes(entries, input.facts.lengthMinutes + attempt.overrun);
  return {
    status: attempt.overrun > 0 || clashes.length > 0 ? 'strained' : 'scheduled',
    daysBefore: entries.filter((entry) => entry.localDate < axis.classDate),
    clock: entries.filter((entry) => entry.localDate >= axis.classDate),
    eatMinute: eatMinuteOf(input.facts.lengthMinutes) + attempt.overrun,
    classMinutes: input.facts.lengthMinutes, usedMinutes: used, usedPercent: percentOf(used, input.facts.lengthMinutes), overrunMinutes: Math.max(0, attempt.overrun), spareMinutes: Math.max(0, -attempt.overrun), clashes,
    usedWorkings: usedWorkings(entries, used, input.facts.lengthMinutes),
  };
}

type OpenInput = TimelineInput & { readonly open: readonly (readonly [number, number])[] };

function findPlan(input: OpenInput): Attempt | null {
  const wanted = Math.max(0, leastOverrun(input));
  const first = overruns.findIndex((overrun) => overrun >= wanted);
  if (first < 0) return null;
  if (first > 0) return withOverrun(input, first);
  const attempt = attemptPlan(input, 0, false) ?? attemptPlan(input, 0, true);
  return attempt ? bringForward(input, attempt, attempt.isRelaxed) : withOverrun(input, 1);
}

/**
 * The least overrun from `first` on that has a plan; it is mostly near, so it is looked for in growing strides and then between. There, a
 * plan that keeps all keeping times is taken where one is.
 */
function withOverrun(input: OpenInput, first: number): Attempt | null {
  let found: Attempt | null = null;
  let from = first;
  let to = first;
  for (let stride = 1; to < overruns.length; stride *= 2) {
    found = attemptPlan(input, overruns[to]!, true);
    if (found) break;
    from = to + 1;
    to += stride;
  }
  to = Math.min(to, overruns.length);
  while (from < to) {
    const middle = (from + to) >> 1;
    const attempt = attemptPlan(input, overruns[middle]!, true);
    found = attempt ?? found;
    if (attempt) to = middle;
    else from = middle + 1;
  }
  return found && (attemptPlan(input, found.overrun, false) ?? found);
}

/** Minutes that the class must run over because some hands have more work in it than it has minutes; below 0 where none have. */
function leastOverrun(input: OpenInput): number {
  const { tasks } = buildTasks({ ...input, overrun: 0 });
  const hands: Readonly<Record<string, number>> = { you: 1, assistant: Math.max(1, input.facts.assistants), stations: Math.min(...input.stations.sizes) };
  const loads = Object.entries(hands).map(([resource, capacity]) => tasks.filter((task) => task.inClass).reduce((sum, task) => sum + task.minutes * (task.demands.find((demand) => demand.resource === resource)?.units ?? 0), 0) / capacity);
  return Math.ceil(Math.max(...loads)) - input.facts.lengthMinutes;
}

function attemptPlan(input: OpenInput, overrun: number, relaxed: boolean): Attempt | null {
  const tasks = buildTasks({ ...input, overrun });
  const links = relaxed ? tasks.links.map(withoutHold) : tasks.links;
  const result = schedule(problemOf(tasks, links, input, overrun), { objective: 'shortest', seed: 1, budgetSteps: budgetPerTask * tasks.tasks.length });
  return result.status === 'scheduled' ? { tasks, starts: result.starts, overrun, isRelaxed: relaxed } : null;
}

/** Work begins when the welcome is over: minutes to spare belong at the end, not before the first cut. */
function bringForward(input: OpenInput, attempt: Attempt, relaxed: boolean): Attempt {
  const cooking = attempt.tasks.tasks.filter((task) => task.inClass && task.kind !== 'class');
  const first = Math.min(...cooking.map((task) => attempt.starts[task.id]!));
  const spare = cooking.length === 0 ? 0 : first - welcomeMinutes;
  return (spare > 0 ? attemptPlan(input, -spare, relaxed) : null) ?? attempt;
}

/** A wait still follows its hands at once; only how long a result keeps is let go. */
function withoutHold(link: ScheduleLink): ScheduleLink {
  return link.maxLag === 0 ? link : { ...link, maxLag: undefined };
}

function problemOf(tasks: ClassTasks, links: readonly ScheduleLink[], input: OpenInput, overrun: number): ScheduleProblem {
  const length = input.facts.lengthMinutes + overrun;
  // The class itself may run past the kitchen's hours; that is a warning of its own, not a reason to have no plan.
  const staffed: (readonly [number, number])[] = [...input.open, [0, length]];
  const hands = Math.min(...input.stations.sizes);
  return {
    tasks: tasks.tasks, links,
    resources: [
      { id: 'you', name: 'you', capacity: 1, open: staffed },
      { id: 'assistant', name: 'the assistant', capacity: input.facts.assistants, open: staffed },
      { id: 'stations', name: 'the stations', capacity: hands, open: [[0, length]] },
      ...input.kitchen.appliances.map(({ appliance, capacity }) => ({ id: appliance, name: `the ${appliance}`, capacity })),
    ],
  };
}

type FoundPlan = Attempt & { readonly byId: ReadonlyMap<string, PlanTask> };

function entryOf(task: PlanTask, attempt: FoundPlan, axis: Axis): TimelineEntry {
  const start = attempt.starts[task.id]!;
  const end = start + task.minutes;
  const from = axis.local(start);
  return {
    id: task.id, lane: task.lane, kind: task.kind, title: task.title, detail: task.detail, dishTitle: task.dishTitle, stepId: task.step?.id ?? '',
    start, end, startsAt: axis.instant(start), localDate: from.date, localTime: from.time, localEnd: axis.local(end).time,
    keeps: keepsOf(task, end, attempt),
    workings: { title: `${task.title}, ${from.time}–${axis.local(end).time}`, steps: [...task.how, ...placementSteps(task, start, end, attempt, axis)], result: `${from.time}`, estimated: true },
  };
}

function keepsOf(task: PlanTask, end: number, attempt: FoundPlan): TimelineEntry['keeps'] {
  const hold = task.step?.holdMinutes;
  if (!hold || task.kind === 'demonstration' || (task.kind !== 'wait' && task.step?.waitMinutes)) return null;
  const users = attempt.tasks.links.filter((link) => link.from === task.id);
  const first = users.map((link) => ({ start: attempt.starts[link.to]!, title: attempt.byId.get(link.to)!.title })).sort((a, b) => b.start - a.start)[0];
  return { until: end + hold, usedAt: first?.start ?? null, usedBy: first?.title ?? '', broken: first !== undefined && first.start > end + hold };
}

/** What the start hangs on: the next step that needs it, its keeping time, the day. */
function placementSteps(task: PlanTask, start: number, end: number, attempt: FoundPlan, axis: Axis): { label: string; value: string; note?: string }[] {
  const { byId } = attempt;
  const next = attempt.tasks.links.filter((link) => link.from === task.id).map((link) => ({ link, task: byId.get(link.to)!, start: attempt.starts[link.to]! })).sort((a, b) => a.start - b.start)[0];
  const before = attempt.tasks.links.filter((link) => link.to === task.id).map((link) => byId.get(link.from)!);
  const steps = before.length > 0 ? [{ label: 'After', value: axis.local(Math.max(...before.map((each) => attempt.starts[each.id]! + each.minutes))).time, note: before.map((each) => each.title).join('; ') }] : [];
  if (next) {
    const gap = next.start - end;
    steps.push({ label: 'Wanted by', value: axis.local(next.start).time, note: `${next.task.title}${gap > 0 ? `, ${showSpan(gap)} later` : ', at once'}.` });
    if (next.link.maxLag !== undefined && next.link.maxLag > 0) steps.push({ label: 'Keeps', value: showSpan(next.link.maxLag) } as (typeof steps)[number]);
  }
  steps.push({ label: 'Planned backwards: the latest start that fits', value: axis.local(start).time } as (typeof steps)[number]);
  return steps;
}

/** "45 min", "3 h", "2 h 20 min", "2 days". */
export function showSpan(minutes: number): string {
  if (minutes >= 2880) return `${Math.round(minutes / 1440)} days`;
  if (minutes < 90) return `${minutes} min`;
  const rest = minutes % 60;
  return rest === 0 ? `${minutes / 60} h` : `${Math.floor(minutes / 60)} h ${rest} min`;
}

function clashesOf(entries: readonly TimelineEntry[]): TimelineClash[] {
  return entries.filter((entry) => entry.keeps?.broken).map((entry) => ({
    entryIds: [entry.id],
    sentence: `“${entry.title}” is done ${entry.localEnd} and keeps about ${showSpan(entry.keeps!.until - entry.end)}; “${entry.keeps!.usedBy}” comes ${showSpan(entry.keeps!.usedAt! - entry.end)} later`,
  }));
}

/** Minutes of the class in which something is going on, of those it has. */
function usedMinutes(entries: readonly TimelineEntry[], length: number): number {
  const busy = new Array<boolean>(length).fill(false);
  for (const entry of entries) {
    if (entry.kind === 'wait' || entry.end <= 0) continue;
    for (let minute = Math.max(0, entry.start); minute < Math.min(length, entry.end); minute++) busy[minute] = true;
  }
  return busy.filter(Boolean).length;
}

function percentOf(part: number, whole: number): number {
  return Math.round((part / whole) * 100);
}

function usedWorkings(entries: readonly TimelineEntry[], used: number, length: number): Timeline['usedWorkings'] {
  const kinds = [['demonstration', 'Demonstrations'], ['students', 'Work at the stations'], ['class', 'Welcome, eating and clearing']] as const;
  const steps = kinds.map(([kind, label]) => {
    const minutes = entries.filter((entry) => entry.kind === kind && entry.start >= 0).reduce((sum, entry) => sum + entry.end - entry.start, 0);
    return { label, value: `${minutes} min`, note: kind === 'students' ? 'Some of it side by side.' : undefined };
  });
  return { title: `${used} of ${length} class minutes used`, steps: [...steps, { label: 'Minutes in which something goes on', value: `${used} min` }, { label: `${used} ÷ ${length}`, value: `${percentOf(used, length)} %`, note: 'A class over about 85 % runs late.' }], result: `${used} min`, estimated: true };
}

function emptyTimeline(facts: ClassFacts): Timeline {
  return {
    status: 'undecided', daysBefore: [], clock: [], eatMinute: eatMinuteOf(facts.lengthMinutes), classMinutes: facts.lengthMinutes, usedMinutes: 0, usedPercent: 0, overrunMinutes: 0, spareMinutes: 0,
    clashes: [{ entryIds: [], sentence: 'No plan was found that fits this kitchen’s hours, hands and appliances' }],
    usedWorkings: { title: 'No plan', steps: [], result: '0 min', estimated: true },
  };
}
