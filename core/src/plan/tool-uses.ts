import { type ClassDish, flightOf, type StationPlan } from '../class/index.js';
import { isOfStep, plainId, stepKey, type StepKey, stepKeyOf } from '../identity/index.js';
import type { ToolUse } from '../kit/index.js';
import { findIngredient, isRawProtein, type Larder } from '../larder/index.js';
import { stationsAtOnce } from '../portions/index.js';
import type { RecipeStep } from '../recipes/index.js';
import type { Timeline, TimelineEntry } from '../timeline/index.js';
import type { PlannedDish } from './planned-dish.js';

/** A tray stays in the oven and beans in their pot; other tools are free again when the hands are. */
const waitingVessels: ReadonlySet<string> = new Set([
  'oven tray',
  'saucepan',
  'large pot',
  'frying pan',
  'storage box',
  'griddle pan',
]);

interface KnownStep {
  readonly dish: ClassDish;
  readonly step: RecipeStep;
  /** Names of the raw fish or meat that it handles. */
  readonly raw: readonly string[];
}

/** When which tools are in use, where, at how many stations at once, and for which raw food. */
export function toolUses(
  dishes: readonly PlannedDish[],
  { stations, timeline, larder }: { stations: StationPlan; timeline: Timeline; larder: Larder },
): ToolUse[] {
  const decided = dishes.map((dish) => dish.decided);
  const steps = knownSteps(decided, larder);
  const entries = [...timeline.daysBefore, ...timeline.clock];
  const dealt = new Map(dishes.map((dish) => [dish.id, dish]));
  const ofEntries = entries.flatMap((entry): ToolUse[] => {
    const key = isOfStep(entry.ref) ? stepKeyOf(entry.ref) : null;
    const known = key === null ? undefined : steps.get(key);
    const tools = known ? toolsOf(entry, known.step) : [];
    if (!known || tools.length === 0) return [];
    const isAtStations = entry.kind === 'students';
    return [
      {
        start: entry.start,
        end: entry.end,
        place: isAtStations ? 'stations' : 'demonstration bench',
        tools,
        title: entry.title,
        dishId: known.dish.id,
        raw: known.raw,
        ...(isAtStations ? { places: stationsAtOnce(known.dish, decided, stations) } : {}),
        ...(isAtStations ? ofWay(dealt.get(known.dish.id), known.step) : {}),
      },
    ];
  });
  return [...dishes.flatMap((dish) => otherWays(dish, entries)), ...ofEntries];
}

function knownSteps(dishes: readonly ClassDish[], larder: Larder): ReadonlyMap<StepKey, KnownStep> {
  return new Map(
    dishes.flatMap((dish) =>
      dish.recipe.steps.map(
        (step) => [stepKey(dish.id, step.id), { dish, step, raw: rawFood(dish, step, larder) }] as const,
      ),
    ),
  );
}

function toolsOf({ kind }: TimelineEntry, { tools }: RecipeStep): readonly string[] {
  return kind === 'wait' ? tools.filter((tool) => waitingVessels.has(tool)) : tools;
}

function rawFood({ recipe }: ClassDish, { uses }: RecipeStep, larder: Larder): string[] {
  return recipe.lines
    .filter((line) => uses.some((use) => use.line === line.id))
    .flatMap((line) => findIngredient(larder, line.ingredient) ?? [])
    .filter(isRawProtein)
    .map((ingredient) => ingredient.names.uk);
}

/** A step of one way of a flight is done at the stations that go that way. */
function ofWay(dish: PlannedDish | undefined, { when }: RecipeStep): Pick<ToolUse, 'places' | 'way'> {
  if (!dish || flightOf(dish.decided) === null || when?.choice !== flightOf(dish.decided)!.id) return {};
  return { places: placesOfWay(dish, when.option), way: when.option };
}

function placesOfWay({ portions }: PlannedDish, option: string): number {
  const places = portions.batches
    .filter((batch) => batch.kind === 'stations' && batch.option === option)
    .reduce((sum, batch) => sum + batch.count, 0);
  return Math.max(1, places);
}

/**
 * The clock follows the slowest way of a tasting flight; the tools of the other ways are wanted at their
 * stations in the same time.
 */
function otherWays(planned: PlannedDish, entries: readonly TimelineEntry[]): ToolUse[] {
  const { decided: dish } = planned;
  if (flightOf(dish) === null) return [];
  const shown = entries.filter(({ kind, ref }) => kind === 'students' && ref.dishId === dish.id);
  if (shown.length === 0) return [];
  // Which way of each step is on the clock already.
  const timed = new Map(planned.timed.recipe.steps.map(({ id, when }) => [id, when?.option]));
  const onClock = new Set(shown.map(({ ref }) => `${ref.stepId} ${timed.get(ref.stepId) ?? ''}`));
  const start = Math.min(...shown.map((entry) => entry.start));
  const end = Math.max(...shown.map((entry) => entry.end));
  return dish.recipe.steps
    .filter(
      (step) =>
        step.when &&
        step.place === 'in class' &&
        !onClock.has(`${plainId(step.id)} ${step.when.option}`) &&
        step.tools.length > 0,
    )
    .map((step): ToolUse => ({
      start,
      end,
      place: 'stations',
      places: placesOfWay(planned, step.when!.option),
      way: step.when!.option,
      tools: step.tools,
      title: step.text,
      dishId: dish.id,
    }));
}
