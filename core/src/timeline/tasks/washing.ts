import { isSharedTool, type KitchenFacts, toolFact, toolName } from '../../class/index.js';
import { frameId, idOf, type TaskRef } from '../../identity/index.js';
import type { ScheduleLink, ScheduleResource } from '../../scheduler/index.js';
import { listed } from '../../words/index.js';
import type { ClassTasks, PlanTask } from './types.js';

/** Vessels that food stays in while it waits: they are washed when they are empty, with the next step. */
const holdsFood: ReadonlySet<string> = new Set([
  'oven tray',
  'saucepan',
  'large pot',
  'frying pan',
  'storage box',
  'griddle pan',
  'serving dish',
]);

interface Use {
  readonly task: PlanTask;
  readonly tool: string;
  readonly place: 'stations' | 'bench';
  /** The tool at its place, as what the clock counts. */
  readonly resource: string;
  /** The dish, or its ready-made swap, that it is used for. */
  readonly batch: string;
}

export interface WashingInput {
  readonly kitchen: KitchenFacts;
  readonly stations: number;
  /** When eating starts, and how long before class the stations are set out. */
  readonly eatAt: number;
  readonly setOutMinutes: number;
}

/**
 * The tasks with washing up where tools must go round: where more dishes want a tool at a place than there
 * are of it, it is a resource of the clock, and it is washed right after the last step of a dish that uses
 * it. The last step of all needs none: clearing follows. Tools that the kitchen has not counted are taken as
 * there.
 */
export function withWashing(built: ClassTasks, input: WashingInput): ClassTasks {
  const uses = usesOf(built);
  const counts = availableOf(uses, input);
  const scarce = scarceUses(uses, counts);
  if (scarce.length === 0) return built;
  const sinks = new Map<PlanTask, Use[]>();
  for (const use of lastUses(scarce, built.links)) sinks.set(use.task, [...(sinks.get(use.task) ?? []), use]);
  const washes = [...sinks].map(([task, last]) => washTask(task, last, input));
  const demands = new Map<PlanTask, readonly Use[]>();
  for (const use of scarce) demands.set(use.task, [...(demands.get(use.task) ?? []), use]);
  return {
    tasks: [
      ...built.tasks.map((task) =>
        demands.has(task)
          ? { ...task, demands: [...task.demands, ...demands.get(task)!.map(demandOf)] }
          : task,
      ),
      ...washes,
    ],
    links: [
      ...built.links,
      ...[...sinks.keys()].map((task): ScheduleLink => ({
        from: task.id,
        to: idOf(washRef(task)),
        minLag: 0,
        maxLag: 0,
      })),
    ],
    resources: [
      ...new Map(
        scarce.map(
          (use) =>
            [
              use.resource,
              {
                id: use.resource,
                name:
                  use.place === 'stations'
                    ? `the ${nameOf(use, input)} of a station`
                    : `the ${nameOf(use, input)}`,
                capacity: counts.get(use.resource)!,
              },
            ] as const,
        ),
      ).values(),
    ] as ScheduleResource[],
  };
}

function nameOf({ tool }: Use, { kitchen }: WashingInput): string {
  return toolName(tool, kitchen.english);
}

function resourceOf(place: Use['place'], tool: string): string {
  return `tool:${place}:${tool}`;
}

function demandOf(use: Use): { resource: string; units: number } {
  return { resource: use.resource, units: 1 };
}

function washRef({ ref }: PlanTask): TaskRef {
  return { ...ref, role: 'washed' };
}

/** Uses of tools of which a place has fewer than it has dishes that want them. */
function scarceUses(uses: readonly Use[], counts: ReadonlyMap<string, number>): Use[] {
  const dishes = new Map<string, Set<string>>();
  for (const { resource, batch } of uses)
    dishes.set(resource, (dishes.get(resource) ?? new Set()).add(batch));
  return uses.filter(
    ({ resource }) => dishes.get(resource)!.size > (counts.get(resource) ?? Number.MAX_SAFE_INTEGER),
  );
}

function usesOf({ tasks }: ClassTasks): Use[] {
  return tasks.flatMap((task): Use[] => {
    if (
      task.step === null ||
      (task.kind !== 'prep' && task.kind !== 'students' && task.kind !== 'demonstration') ||
      task.ref.role === 'shown'
    )
      return [];
    const place = task.lane === 'stations' ? 'stations' : 'bench';
    const { dishId, ofSwap } = task.ref;
    return [...new Set(task.step.tools)]
      .filter((tool) => !holdsFood.has(tool) && !(place === 'stations' && isSharedTool(tool)))
      .map((tool) => ({
        task,
        tool,
        place,
        resource: resourceOf(place, tool),
        batch: `${dishId}${ofSwap ? ', swap' : ''}`,
      }));
  });
}

/**
 * How many of a counted tool each place has: equal shares for the stations and the bench where both want it;
 * at least one, as too few are the matter of Pack.
 */
function availableOf(uses: readonly Use[], { kitchen, stations }: WashingInput): ReadonlyMap<string, number> {
  const placesOf = new Map<string, Set<Use['place']>>();
  for (const { tool, place } of uses) placesOf.set(tool, (placesOf.get(tool) ?? new Set()).add(place));
  return new Map(
    kitchen.tools.flatMap(({ tool, count }) => {
      const places = placesOf.get(tool);
      if (!places) return [];
      const atStations = places.has('stations') ? stations : 0;
      const atEachStation =
        atStations > 0 ? Math.floor(count / (atStations + (places.has('bench') ? 1 : 0))) : 0;
      return [
        [resourceOf('stations', tool), Math.max(1, atEachStation)],
        [resourceOf('bench', tool), Math.max(1, count - atEachStation * atStations)],
      ] as const;
    }),
  );
}

/**
 * The uses after which a tool is washed: no later step of the dish uses it at the same place, and something
 * of the dish is still to come.
 */
function lastUses(uses: readonly Use[], links: readonly ScheduleLink[]): Use[] {
  const next = new Map<string, string[]>();
  for (const link of links)
    if (link.minLag >= 0) next.set(link.from, [...(next.get(link.from) ?? []), link.to]);
  return uses.filter((use) => {
    if (!(next.get(use.task.id) ?? []).some((to) => to !== frameId('eat'))) return false;
    const later = followersOf(use.task.id, next);
    return !uses.some(
      (other) =>
        other.tool === use.tool &&
        other.place === use.place &&
        other.batch === use.batch &&
        later.has(other.task.id),
    );
  });
}

function followersOf(id: string, next: ReadonlyMap<string, readonly string[]>): ReadonlySet<string> {
  const found = new Set<string>();
  const open = [...(next.get(id) ?? [])];
  while (open.length > 0) {
    const at = open.pop()!;
    if (found.has(at)) continue;
    found.add(at);
    open.push(...(next.get(at) ?? []));
  }
  return found;
}

function washTask(task: PlanTask, uses: readonly Use[], input: WashingInput): PlanTask {
  const names = uses.map((use) => nameOf(use, input));
  const minutes = uses.reduce((sum, { tool }) => sum + toolFact(tool).washMinutes, 0);
  const hands = task.demands.find(
    ({ resource }) => resource === 'you' || resource === 'assistant' || resource === 'stations',
  )!;
  const words = listed(names);
  return {
    id: idOf(washRef(task)),
    ref: washRef(task),
    name: `Wash up: ${words}`,
    minutes,
    demands: [{ resource: hands.resource, units: 1 }, ...uses.map(demandOf)],
    inClass: task.inClass,
    ...(task.inClass
      ? { earliest: task.earliest, latest: input.eatAt, fromEnd: 'latest' as const }
      : { latest: -input.setOutMinutes }),
    lane: task.lane,
    kind: task.lane === 'stations' ? 'students' : 'prep',
    title: `Wash up: ${words}`,
    detail: `Another dish needs ${uses.length > 1 ? 'them' : 'it'} next.`,
    dishTitle: task.dishTitle,
    step: null,
    how: [
      ...uses.map((use, index) => ({
        label: `Wash the ${names[index]!}`,
        value: `${toolFact(use.tool).washMinutes} min`,
        note:
          use.place === 'stations'
            ? 'More dishes want it at a station than a station has.'
            : 'More dishes want it than the kitchen has.',
      })),
    ],
  };
}
