import { formatMillilitres, type WorkingStep } from '../amounts/index.js';
import type { Larder } from '../larder/index.js';
import type { Recipe, RecipeStep } from '../recipes/index.js';
import { workings } from './batches.js';
import type { Batch, ClassDish } from './types.js';
import type { BowlSection, SectionLayer, Vessel, VesselFit, VesselKind } from './vessel-types.js';
import { lineVolumes, stepsInto, usedShares } from './vessels.js';

/** The outline of a vessel: width at the rim ÷ height, and how wide its base is against the rim. */
export interface VesselShape { readonly widthToHeight: number; readonly baseToRim: number }

const shapes: Partial<Record<VesselKind, VesselShape>> = { jar: { widthToHeight: 0.65, baseToRim: 1 }, 'serving dish': { widthToHeight: 4, baseToRim: 0.8 }, pot: { widthToHeight: 1.4, baseToRim: 1 }, 'jug blender': { widthToHeight: 0.6, baseToRim: 0.7 }, 'storage box': { widthToHeight: 2, baseToRim: 0.9 } };
const bowl: VesselShape = { widthToHeight: 2.2, baseToRim: 0.45 };

/** Outline of a kind of vessel. Usual proportions. */
export function shapeOf(kind: VesselKind): VesselShape {
  return shapes[kind] ?? bowl;
}

/**
 * How high a share of a vessel's volume stands in it, as a share of its height. Sides are straight in section, so a height of h
 * holds ∫₀ʰ (b + (1 − b)·y)² dy of ∫₀¹; solved for h. Over a full vessel, height grows at the width of the rim.
 */
export function heightOf(shareOfVolume: number, { baseToRim: b }: VesselShape): number {
  const slope = 1 - b;
  const whole = (1 + b + b * b) / 3;
  if (shareOfVolume >= 1) return 1 + (shareOfVolume - 1) * whole;
  if (slope < 1e-9) return shareOfVolume;
  return (Math.cbrt(b ** 3 + 3 * slope * shareOfVolume * whole) - b) / slope;
}

/** The largest batch of a dish in the vessel it is put together in, layer by layer; null where no step says which. */
export function sectionOf(dish: ClassDish, batches: readonly Batch[], fits: readonly VesselFit[], vessels: readonly Vessel[], larder: Larder): BowlSection | null {
  const fit = fitToDraw(dish.recipe, batches, fits);
  const vessel = fit && vessels.find((each) => each.name === fit.vessel && each.kind === fit.kind);
  const batch = fit && batches.find((each) => each.id === fit.batchId);
  if (!fit || !vessel || !batch) return null;
  const shape = shapeOf(vessel.kind);
  const layers = layersOf(dish.recipe, dish.recipe.steps.find((step) => step.id === fit.stepId)!, { batch, vessel, larder });
  const level = layers[layers.length - 1]?.to ?? 0;
  const limitLevel = heightOf(fit.limit / vessel.millilitres, shape);
  const fitting = fit.rounds === 1;
  const sentence = fitting ? `${formatMillilitres(fit.food)} in the ${vessel.name} of ${formatMillilitres(vessel.millilitres)}: room to ${fit.manner}` : `${formatMillilitres(fit.food)} is too much for the ${vessel.name} of ${formatMillilitres(vessel.millilitres)}: ${fit.manner} it in ${fit.rounds} rounds`;
  return {
    batchId: batch.id, heading: batch.heading, vessel: vessel.name, kind: vessel.kind, millilitres: vessel.millilitres, ...shape, layers, level, limitLevel, fits: fitting, sentence,
    workings: workings(`In the ${vessel.name}, ${batch.heading.toLowerCase()}`, [...layers.map(layerStep), ...fit.workings.steps], sentence, true),
  };
}

function layerStep(layer: SectionLayer): WorkingStep {
  return { label: layer.name, value: formatMillilitres(layer.millilitres), note: layer.estimated ? 'No density is known: that of cut vegetables is taken.' : undefined };
}

/** The step that everything comes together in, for the largest batch: the last in a vessel that is filled by volume. */
function fitToDraw(recipe: Recipe, batches: readonly Batch[], fits: readonly VesselFit[]): VesselFit | null {
  const stations = batches.filter((batch) => batch.kind === 'stations');
  const of = stations.length > 0 ? stations : batches;
  const order = new Map(recipe.steps.map((step, index) => [step.id, index]));
  const usable = fits.filter((fit) => fit.vessel !== '' && fit.kind !== 'pan' && fit.kind !== 'tray' && fit.kind !== 'pot' && of.some((batch) => batch.id === fit.batchId));
  const put = usable.filter((fit) => fit.kind !== 'storage box').sort((a, b) => drawFirst(a.kind) - drawFirst(b.kind) || order.get(b.stepId)! - order.get(a.stepId)! || b.food - a.food);
  return put[0] ?? null;
}

function drawFirst(kind: VesselKind): number {
  return kind === 'serving dish' ? 1 : 0;
}

/** Layers in the order they go in: by the steps that bring them, from the first to the one that is drawn. */
function layersOf(recipe: Recipe, step: RecipeStep, { batch, vessel, larder }: { batch: Batch; vessel: Vessel; larder: Larder }): SectionLayer[] {
  const shape = shapeOf(vessel.kind);
  const names = new Map(recipe.lines.map((line) => [line.id, line.name]));
  const volumes = lineVolumes(recipe, batch, larder);
  let filled = 0;
  return [...usedShares(stepsInto(recipe, step))].flatMap(([id, share]): SectionLayer[] => {
    const volume = volumes.get(id);
    const millilitres = (volume?.millilitres ?? 0) * share;
    if (millilitres <= 0) return [];
    const from = heightOf(filled / vessel.millilitres, shape);
    filled += millilitres;
    return [{ lineId: id, name: names.get(id)!, millilitres, from, to: heightOf(filled / vessel.millilitres, shape), estimated: volume!.estimated }];
  });
}
