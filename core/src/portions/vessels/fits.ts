import { formatMillilitres, toNumber } from '../../amounts/index.js';
import type { ClassDish, Vessel, VesselKind } from '../../class/index.js';
import { cacheByOwner } from '../../identity/index.js';
import type { Larder } from '../../larder/index.js';
import { isOfVariant, type Recipe, type RecipeStep } from '../../recipes/index.js';
import { counted } from '../../words/index.js';
import type { Batch } from '../types.js';
import { fitWorkings, isFlat } from './fit-workings.js';
import { type Manner, mannerOf, vesselKindsOf } from './manners.js';
import type { VesselFit } from './types.js';
import { lineVolumes, nothing, type Volume } from './volumes.js';

/** Every step of every batch that does it in a vessel: which one, how full, and in how many rounds. */
export function fitVessels(
  dish: ClassDish,
  batches: readonly Batch[],
  vessels: readonly Vessel[],
  larder: Larder,
): VesselFit[] {
  const volumes = batches.map((batch) => lineVolumes(dish.recipe, batch, larder));
  return dish.recipe.steps.flatMap((step) => {
    return vesselKindsOf(step).flatMap((kind) => {
      const used = sharesIn(dish.recipe, step, kind);
      return batches.flatMap((batch, index) => {
        const food = makesStep(batch, step) ? foodOf(volumes[index]!, used) : nothing;
        return food.millilitres > 0 ? [fitOf(step, batch, kind, food, vessels)] : [];
      });
    });
  });
}

export function makesStep(batch: Batch, step: Pick<RecipeStep, 'componentId' | 'when'>): boolean {
  return (
    isOfVariant(step, batch.option) &&
    (batch.components === null || batch.components.includes(step.componentId))
  );
}

/**
 * The share of each line in a vessel: over a flame what the step itself uses; in a bowl, a jar or a dish,
 * everything that has come to it.
 */
function sharesIn(recipe: Recipe, step: RecipeStep, kind: VesselKind): ReadonlyMap<string, number> {
  return shares(step, [recipe, kind], () =>
    usedShares(
      kind === 'pot' || kind === 'pan' || kind === 'tray'
        ? ownOrBefore(recipe, step)
        : stepsInto(recipe, step),
    ),
  );
}

const shares = cacheByOwner<RecipeStep, ReadonlyMap<string, number>>();

/**
 * How much of each line some steps use together, in the order in which they bring it; all of it at the most.
 */
export function usedShares(steps: readonly RecipeStep[]): ReadonlyMap<string, number> {
  const used = new Map<string, number>();
  for (const each of steps)
    for (const use of each.uses)
      used.set(use.line, Math.min(1, (used.get(use.line) ?? 0) + toNumber(use.share)));
  return used;
}

function foodOf(volumes: ReadonlyMap<string, Volume>, used: ReadonlyMap<string, number>): Volume {
  let millilitres = 0;
  let estimated = false;
  for (const [line, share] of used) {
    const volume = volumes.get(line) ?? nothing;
    millilitres += volume.millilitres * share;
    estimated ||= volume.estimated && volume.millilitres > 0;
  }
  return { millilitres, estimated };
}

function ownOrBefore(recipe: Recipe, step: RecipeStep): RecipeStep[] {
  return step.uses.length > 0 ? [step] : stepsInto(recipe, step);
}

/** The step and all that must come before it. */
export function stepsInto(recipe: Recipe, step: RecipeStep): RecipeStep[] {
  const byId = new Map(recipe.steps.map((each) => [each.id, each]));
  const found = new Set<string>();
  const visit = (id: string) => {
    if (found.has(id) || !byId.has(id)) return;
    found.add(id);
    byId.get(id)!.after.forEach(visit);
  };
  visit(step.id);
  return recipe.steps.filter((each) => found.has(each.id));
}

function fitOf(
  step: RecipeStep,
  batch: Batch,
  kind: VesselKind,
  volume: Volume,
  vessels: readonly Vessel[],
): VesselFit {
  const manner = mannerOf(kind, step);
  const flat = isFlat(kind);
  const food = flat ? volume.millilitres / manner.depthCentimetres! : volume.millilitres;
  const room = (vessel: Vessel) => (flat ? vessel.squareCentimetres : vessel.millilitres) * manner.share;
  const ofKind = vessels.filter((vessel) => vessel.kind === kind);
  const chosen = chooseVessel(ofKind, food, room, batch.count);
  const limit = chosen ? room(chosen) : 0;
  const rounds = chosen ? roundsOf(food, limit) : 1;
  return {
    stepId: step.id,
    title: step.text,
    batchId: batch.id,
    heading: batch.heading,
    kind,
    vessel: chosen?.name ?? '',
    food,
    limit,
    rounds,
    manner: manner.words,
    problem: problemOf({ kind, chosen, food, rounds, manner, batch }),
    workings: fitWorkings({ kind, chosen, food, limit, rounds, manner, batch, volume }),
  };
}

/**
 * The smallest that takes it in one go, and of which there are enough; else the smallest that takes it; else
 * the largest.
 */
function chooseVessel(
  vessels: readonly Vessel[],
  food: number,
  room: (vessel: Vessel) => number,
  count: number,
): Vessel | null {
  const bySize = [...vessels].filter((vessel) => room(vessel) > 0).sort((a, b) => room(a) - room(b));
  const fitting = bySize.filter((vessel) => room(vessel) >= food * (1 - 1e-9));
  return fitting.find((vessel) => vessel.count >= count) ?? fitting[0] ?? bySize[bySize.length - 1] ?? null;
}

function roundsOf(food: number, limit: number): number {
  return Math.max(1, Math.ceil(food / limit - 1e-9));
}

function problemOf({
  kind,
  chosen,
  food,
  rounds,
  manner,
  batch,
}: {
  kind: VesselKind;
  chosen: Vessel | null;
  food: number;
  rounds: number;
  manner: Manner;
  batch: Batch;
}): string {
  if (!chosen) return `The kitchen has no ${kind} written down`;
  if (rounds > 1)
    return kind === 'serving dish' || kind === 'storage box'
      ? `Needs ${counted(rounds, chosen.name)}`
      : `Too much for the ${chosen.name}: work in ${rounds} rounds`;
  if (manner.least && food < manner.least)
    return (
      `Too little to cover the blades of the ${chosen.name}: ` +
      `${formatMillilitres(food)} of ${formatMillilitres(manner.least)}`
    );
  return chosen.count < batch.count
    ? `Needs ${counted(batch.count, chosen.name)}, and the kitchen has ${chosen.count}`
    : '';
}
