import { formatMillilitres, type WorkingStep } from '../../amounts/index.js';
import type { ClassDish, Vessel, VesselKind } from '../../class/index.js';
import type { Larder } from '../../larder/index.js';
import type { Recipe, RecipeStep } from '../../recipes/index.js';
import { workings } from '../batches.js';
import type { Batch } from '../types.js';
import { stepsInto, usedShares } from './fits.js';
import type { BowlSection, SectionLayer, VesselFit } from './types.js';
import { lineVolumes } from './volumes.js';

/**
 * The outline of a vessel: width at the rim ÷ height, how wide its base is against the rim, and whether its
 * sides are round or straight.
 */
export interface VesselShape {
  readonly widthToHeight: number;
  readonly baseToRim: number;
  readonly isRound: boolean;
}

const straight = (widthToHeight: number, baseToRim: number): VesselShape => ({
  widthToHeight,
  baseToRim,
  isRound: false,
});
const shapes: Partial<Record<VesselKind, VesselShape>> = {
  jar: straight(0.65, 1),
  'serving dish': straight(4, 0.8),
  pot: straight(1.4, 1),
  'jug blender': straight(0.6, 0.7),
  'storage box': straight(2, 0.9),
  'stick blender cup': straight(0.55, 0.85),
};
const bowl: VesselShape = { widthToHeight: 1.9, baseToRim: 0.4, isRound: true };

/** Outline of a kind of vessel. Usual proportions. */
export function shapeOf(kind: VesselKind): VesselShape {
  return shapes[kind] ?? bowl;
}

/**
 * Half the width at a height against that at the rim, both heights as shares of the vessel's. Round sides are
 * an arc that stands upright at the rim.
 */
export function widthAt(height: number, { baseToRim: b, isRound }: VesselShape): number {
  const at = Math.min(1, Math.max(0, height));
  return isRound ? Math.sqrt(1 - (1 - b * b) * (1 - at) ** 2) : b + (1 - b) * at;
}

/**
 * How high a share of a vessel's volume stands in it, as a share of its height: the h up to which ∫ width² dy
 * holds that share of the whole. Straight sides: ((b + (1 − b)·h)³ − b³) ÷ (3·(1 − b)). Round ones: h − c·(1
 * − (1 − h)³) ÷ 3 with c = 1 − b². Over a full vessel, height grows at the width of the rim.
 */
export function heightOf(shareOfVolume: number, shape: VesselShape): number {
  const { baseToRim: b, isRound } = shape;
  const c = 1 - b * b;
  const whole = isRound ? 1 - c / 3 : (1 + b + b * b) / 3;
  if (shareOfVolume >= 1) return 1 + (shareOfVolume - 1) * whole;
  if (1 - b < 1e-9) return shareOfVolume;
  if (!isRound) return (Math.cbrt(b ** 3 + 3 * (1 - b) * shareOfVolume * whole) - b) / (1 - b);
  return roundHeight(shareOfVolume * whole, c);
}

/** Steps to the height; from the rim down each comes much nearer, and never past it. */
const mostSteps = 12;

/** The h at which h − c·(1 − (1 − h)³) ÷ 3 reaches a volume, by Newton's method: it grows by width². */
function roundHeight(volume: number, c: number): number {
  let height = 1;
  for (let step = 0; step < mostSteps; step++) {
    const empty = (1 - height) * (1 - height);
    const over = height - (c * (1 - (1 - height) * empty)) / 3 - volume;
    if (over < 1e-9) break;
    height -= over / (1 - c * empty);
  }
  return height;
}

/**
 * The largest batch of a dish in the vessel it is put together in, layer by layer; null where no step says
 * which.
 */
export function sectionOf(
  dish: ClassDish,
  batches: readonly Batch[],
  fits: readonly VesselFit[],
  vessels: readonly Vessel[],
  larder: Larder,
): BowlSection | null {
  const fit = fitToDraw(dish.recipe, batches, fits);
  const vessel = fit && vessels.find((each) => each.name === fit.vessel && each.kind === fit.kind);
  const batch = fit && batches.find((each) => each.id === fit.batchId);
  if (!fit || !vessel || !batch) return null;
  const shape = shapeOf(vessel.kind);
  const layers = layersOf(
    dish.recipe,
    dish.recipe.steps.find((step) => step.id === fit.stepId)!,
    { batch, vessel, larder },
  );
  const level = layers[layers.length - 1]?.to ?? 0;
  const limitLevel = heightOf(fit.limit / vessel.millilitres, shape);
  const fitting = fit.rounds === 1;
  const sentence = fitting
    ? `${formatMillilitres(fit.food)} in the ${vessel.name} of ` +
      `${formatMillilitres(vessel.millilitres)}: room to ${fit.manner}`
    : `${formatMillilitres(fit.food)} is too much for the ${vessel.name} of ` +
      `${formatMillilitres(vessel.millilitres)}: ${fit.manner} it in ${fit.rounds} rounds`;
  return {
    batchId: batch.id,
    heading: batch.heading,
    vessel: vessel.name,
    kind: vessel.kind,
    millilitres: vessel.millilitres,
    ...shape,
    layers,
    level,
    limitLevel,
    fits: fitting,
    sentence,
    workings: workings(
      `In the ${vessel.name}, ${batch.heading.toLowerCase()}`,
      [...layers.map(layerStep), ...fit.workings.steps],
      sentence,
      true,
    ),
  };
}

function layerStep(layer: SectionLayer): WorkingStep {
  return {
    label: layer.name,
    value: formatMillilitres(layer.millilitres),
    note: layer.estimated ? 'No density is known: that of cut vegetables is taken.' : undefined,
  };
}

/**
 * The step that everything comes together in, for the largest batch: the last in a vessel that is filled by
 * volume.
 */
function fitToDraw(recipe: Recipe, batches: readonly Batch[], fits: readonly VesselFit[]): VesselFit | null {
  const stations = batches.filter((batch) => batch.kind === 'stations');
  const shown = stations.length > 0 ? stations : batches;
  const order = new Map(recipe.steps.map((step, index) => [step.id, index]));
  const usable = fits.filter(
    (fit) =>
      fit.vessel !== '' &&
      fit.kind !== 'pan' &&
      fit.kind !== 'tray' &&
      fit.kind !== 'pot' &&
      shown.some((batch) => batch.id === fit.batchId),
  );
  const poured = usable
    .filter((fit) => fit.kind !== 'storage box')
    .sort(
      (a, b) =>
        drawFirst(a.kind) - drawFirst(b.kind) ||
        order.get(b.stepId)! - order.get(a.stepId)! ||
        b.food - a.food,
    );
  return poured[0] ?? null;
}

function drawFirst(kind: VesselKind): number {
  return kind === 'serving dish' ? 1 : 0;
}

/** Layers in the order they go in: by the steps that bring them, from the first to the one that is drawn. */
function layersOf(
  recipe: Recipe,
  step: RecipeStep,
  { batch, vessel, larder }: { batch: Batch; vessel: Vessel; larder: Larder },
): SectionLayer[] {
  const shape = shapeOf(vessel.kind);
  const names = new Map(recipe.lines.map((line) => [line.id, line.name]));
  const volumes = lineVolumes(recipe, batch, larder);
  let filled = 0;
  let level = heightOf(0, shape);
  return [...usedShares(stepsInto(recipe, step))].flatMap(([id, share]): SectionLayer[] => {
    const volume = volumes.get(id);
    const millilitres = (volume?.millilitres ?? 0) * share;
    if (millilitres <= 0) return [];
    filled += millilitres;
    const from = level;
    level = heightOf(filled / vessel.millilitres, shape);
    return [{ lineId: id, name: names.get(id)!, millilitres, from, to: level, estimated: volume!.estimated }];
  });
}
