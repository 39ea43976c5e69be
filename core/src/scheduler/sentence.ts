import { capital, listed } from '../words/index.js';
import type {
  ScheduleClash,
  ScheduleLink,
  ScheduleProblem,
  ScheduleResource,
  ScheduleTask,
} from './types.js';

/** A clash in a cook's words: what cannot be, in minutes where they are known. */
export function clashSentence(
  problem: ScheduleProblem,
  clash: ScheduleClash,
  pinned: Readonly<Record<string, number>>,
): string {
  const tasks = problem.tasks.filter(({ id }) => clash.tasks.includes(id));
  const resources = problem.resources.filter(({ id }) => clash.resources.includes(id));
  if (tasks.length === 1 && clash.links.length === 0) return alone(tasks[0]!, resources, pinned);
  const names = listed(tasks.map(quoted), mostNamed);
  const pins = tasks.filter(({ id }) => pinned[id] !== undefined);
  const pinWords =
    pins.length > 0
      ? `; ${listed(pins.map(quoted), mostNamed)} ${pins.length === 1 ? 'is' : 'are'} pinned`
      : '';
  if (resources.length === 0)
    return `There is not enough time between ${names}: ${gapsOf(problem, clash)}${pinWords}.`;
  const hands = listed(resources.map(resourceName), mostNamed);
  const work = resources.length === 1 ? workOn(tasks, resources[0]!) : '';
  return `${capital(hands)} cannot do all of this in the time there is: ${names}${work}${pinWords}.`;
}

function alone(
  task: ScheduleTask,
  resources: readonly ScheduleResource[],
  pinned: Readonly<Record<string, number>>,
): string {
  const name = quoted(task);
  if (resources.length === 0)
    return pinned[task.id] === undefined
      ? `${name} takes ${task.minutes} min, longer than the time it may have.`
      : `${name} is pinned outside the time it may have.`;
  const [resource] = resources;
  const units = task.demands
    .filter((demand) => demand.resource === resource!.id)
    .reduce((sum, demand) => sum + demand.units, 0);
  if (units > resource!.capacity)
    return (
      `${name} needs ${units} of ${resourceName(resource!)}; there ` +
      `${resource!.capacity === 1 ? 'is' : 'are'} ${resource!.capacity}.`
    );
  if (resources.some(({ open }) => open))
    return (
      `${name} takes ${task.minutes} min and finds no time in which ` +
      `${listed(resources.map(resourceName), mostNamed)} can be had that long.`
    );
  return `${name} wants ${listed(resources.map(resourceName), mostNamed)} at two settings at once.`;
}

function gapsOf(problem: ScheduleProblem, { links }: ScheduleClash): string {
  const names = new Map(problem.tasks.map((task) => [task.id, nameOf(task)]));
  const gaps = links.map((at) => {
    const link = problem.links[at]!;
    return `“${names.get(link.to)}” comes ${gapWords(link)} ` + `“${names.get(link.from)}”${atMost(link)}`;
  });
  return gaps.join(', ') || 'their times do not fit';
}

/** How soon after another at the earliest, or exactly. */
function atMost({ minLag, maxLag }: ScheduleLink): string {
  return maxLag === undefined || maxLag === minLag ? '' : ` and at most ${maxLag} min after it`;
}

function gapWords({ minLag, maxLag }: ScheduleLink): string {
  if (minLag === maxLag) return minLag === 0 ? 'right after' : `${minLag} min after`;
  if (minLag < 0) return `no more than ${-minLag} min before the end of`;
  return minLag === 0 ? 'after' : `at least ${minLag} min after`;
}

function workOn(tasks: readonly ScheduleTask[], resource: ScheduleResource): string {
  const minutes = tasks.reduce(
    (sum, task) =>
      sum +
      task.minutes *
        task.demands
          .filter((demand) => demand.resource === resource.id)
          .reduce((units, demand) => units + demand.units, 0),
    0,
  );
  return resource.capacity === 1 && minutes > 0 ? ` (${minutes} min of work)` : '';
}

function resourceName(resource: ScheduleResource): string {
  return resource.name ?? resource.id;
}

function quoted(task: ScheduleTask): string {
  return `“${nameOf(task)}”`;
}

function nameOf(task: ScheduleTask): string {
  return task.name ?? task.id;
}

/** Named one by one at most. */
const mostNamed = 6;
