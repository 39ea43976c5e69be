import { edgesOf, findContradiction } from './bounds.js';
import { modelOf } from './model.js';
import { feasibility } from './optimise.js';
import type { Steps } from './search.js';
import type { ScheduleClash, ScheduleProblem } from './types.js';

/** One fact that a clash may rest on. */
type Fact = { readonly task: string } | { readonly link: number } | { readonly resource: string };

type Pins = Readonly<Record<string, number>>;

/**
 * An irreducible set of facts of a problem that has no plan: with them alone there is none, and without any
 * one of them there is one. Halves are left out first, then single facts. `stepsEach` bounds each look; a
 * fact that cannot be decided in them is kept.
 */
export function irreducibleClash(problem: ScheduleProblem, pinned: Pins, stepsEach: number): ScheduleClash {
  const start = contradiction(problem, pinned) ?? allFacts(problem);
  let facts = start;
  for (let size = Math.ceil(facts.length / 2); size >= 1; size = size === 1 ? 0 : Math.ceil(size / 2)) {
    for (let index = 0; index < facts.length;) {
      const without = [...facts.slice(0, index), ...facts.slice(index + size)];
      const rest = closed(without, problem);
      if (isImpossible(rest, problem, pinned, { left: stepsEach })) facts = rest;
      else index += size;
    }
  }
  return clashOf(facts);
}

/**
 * Resources first: what is left without them names the fewest things. Links come after the tasks that they go
 * with.
 */
function allFacts(problem: ScheduleProblem): Fact[] {
  return [
    ...problem.resources.map(({ id }) => ({ resource: id })),
    ...problem.tasks.map(({ id }) => ({ task: id })),
    ...problem.links.map((_, link) => ({ link })),
  ];
}

/** A circle of windows and lags that asks for more time than there is. */
function contradiction(problem: ScheduleProblem, pinned: Pins): Fact[] | null {
  const cycle = findContradiction(problem.tasks.length + 1, edgesOf(problem.tasks, problem.links, pinned));
  if (!cycle) return null;
  const tasks = new Set(cycle.flatMap(({ from, to }) => [from, to]).filter((node) => node > 0));
  const links = new Set(cycle.flatMap(({ fact }) => ('link' in fact ? [fact.link] : [])));
  return [
    ...[...tasks].map((node) => ({ task: problem.tasks[node - 1]!.id })),
    ...[...links].map((link) => ({ link })),
  ];
}

/** Without links whose ends are gone. */
function closed(facts: readonly Fact[], problem: ScheduleProblem): Fact[] {
  const tasks = new Set(facts.flatMap((fact) => ('task' in fact ? [fact.task] : [])));
  return facts.filter(
    (fact) =>
      !('link' in fact) ||
      (tasks.has(problem.links[fact.link]!.from) && tasks.has(problem.links[fact.link]!.to)),
  );
}

function isImpossible(facts: readonly Fact[], problem: ScheduleProblem, pinned: Pins, steps: Steps): boolean {
  const part = partOf(problem, clashOf(facts));
  const pins = Object.fromEntries(
    Object.entries(pinned).filter(([id]) => part.tasks.some((task) => task.id === id)),
  );
  if (part.tasks.length === 0) return false;
  return feasibility(modelOf(part, pins), steps) === 'none';
}

/** The problem of a clash alone: other resources are unlimited, always open and without settings. */
export function partOf(problem: ScheduleProblem, clash: ScheduleClash): ScheduleProblem {
  const resources = new Set(clash.resources);
  return {
    tasks: problem.tasks
      .filter(({ id }) => clash.tasks.includes(id))
      .map((task) => ({ ...task, demands: task.demands.filter(({ resource }) => resources.has(resource)) })),
    links: clash.links.map((link) => problem.links[link]!),
    resources: problem.resources.filter(({ id }) => resources.has(id)),
  };
}

function clashOf(facts: readonly Fact[]): ScheduleClash {
  return {
    tasks: facts.flatMap((fact) => ('task' in fact ? [fact.task] : [])),
    links: facts.flatMap((fact) => ('link' in fact ? [fact.link] : [])).sort((a, b) => a - b),
    resources: facts.flatMap((fact) => ('resource' in fact ? [fact.resource] : [])),
  };
}
