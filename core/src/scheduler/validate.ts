import type { ScheduleOptions, ScheduleProblem } from './types.js';

/**
 * Throws with a plain message where a problem is malformed: unknown or duplicate ids, a task linked to
 * itself, numbers that are not whole, negative minutes.
 */
export function validateProblem(problem: ScheduleProblem, options: ScheduleOptions): void {
  const tasks = uniqueIds(problem.tasks, 'task');
  const resources = uniqueIds(problem.resources, 'resource');
  for (const task of problem.tasks) {
    whole(task.minutes, `the minutes of “${task.id}”`);
    if (task.minutes < 0) throw new Error(`The minutes of “${task.id}” are below 0.`);
    optionalWhole(task.earliest, `the earliest start of “${task.id}”`);
    optionalWhole(task.latest, `the latest end of “${task.id}”`);
    for (const demand of task.demands) {
      if (!resources.has(demand.resource))
        throw new Error(`“${task.id}” needs “${demand.resource}”, which is not among the resources.`);
      whole(demand.units, `what “${task.id}” needs of “${demand.resource}”`);
      if (demand.units < 0) throw new Error(`“${task.id}” needs less than 0 of “${demand.resource}”.`);
    }
  }
  problem.links.forEach((link, index) => {
    for (const end of [link.from, link.to])
      if (!tasks.has(end)) throw new Error(`Link ${index} names “${end}”, which is not among the tasks.`);
    if (link.from === link.to) throw new Error(`Link ${index} ties “${link.from}” to itself.`);
    whole(link.minLag, `the least lag of link ${index}`);
    optionalWhole(link.maxLag, `the largest lag of link ${index}`);
  });
  for (const resource of problem.resources) {
    whole(resource.capacity, `the capacity of “${resource.id}”`);
    optionalWhole(resource.changeoverMinutes, `the changeover of “${resource.id}”`);
    resource.open?.flat().forEach((end) => whole(end, `the opening hours of “${resource.id}”`));
  }
  for (const [id, start] of Object.entries(options.pinned ?? {})) {
    if (!tasks.has(id)) throw new Error(`The pin on “${id}” names no task.`);
    whole(start, `the pin on “${id}”`);
  }
}

function uniqueIds(items: readonly { readonly id: string }[], kind: string): Set<string> {
  const ids = new Set<string>();
  for (const { id } of items) {
    if (ids.has(id)) throw new Error(`There are two ${kind}s with the id “${id}”.`);
    ids.add(id);
  }
  return ids;
}

function whole(value: number, what: string): void {
  if (!Number.isInteger(value))
    throw new Error(`${what.charAt(0).toUpperCase()}${what.slice(1)} must be a whole number.`);
}

function optionalWhole(value: number | undefined, what: string): void {
  if (value !== undefined) whole(value, what);
}
