import { formatMillilitres, showNumber, toNumber, type WorkingStep } from '../../amounts/index.js';
import type { ClassDish, Vessel, VesselKind } from '../../class/index.js';
import { findIngredient, type Larder } from '../../larder/index.js';
import type { Recipe, RecipeStep } from '../../recipes/index.js';
import { workings } from '../batches.js';
import { scaleLine } from '../scale-line.js';
import type { Batch } from '../types.js';
import { lineVolume } from './line-volume.js';
import type { VesselFit } from './types.js';

/** Vessels of usual sizes, for a kitchen that has not written down its own. */
export const standardVessels: readonly Vessel[] = [
  { name: 'small bowl', kind: 'bowl', millilitres: 600, squareCentimetres: 0, count: 24 },
  { name: 'medium bowl', kind: 'bowl', millilitres: 2500, squareCentimetres: 0, count: 12 },
  { name: 'large bowl', kind: 'bowl', millilitres: 5000, squareCentimetres: 0, count: 12 },
  { name: 'basin', kind: 'bowl', millilitres: 10_000, squareCentimetres: 0, count: 2 },
  { name: 'jar of 350 ml', kind: 'jar', millilitres: 350, squareCentimetres: 0, count: 12 },
  { name: 'jar of 750 ml', kind: 'jar', millilitres: 750, squareCentimetres: 0, count: 4 },
  { name: 'jug blender', kind: 'jug blender', millilitres: 1750, squareCentimetres: 0, count: 2 },
  { name: 'blending beaker', kind: 'stick blender cup', millilitres: 800, squareCentimetres: 0, count: 4 },
  { name: 'food processor', kind: 'food processor', millilitres: 2000, squareCentimetres: 0, count: 2 },
  { name: 'saucepan', kind: 'pot', millilitres: 2500, squareCentimetres: 0, count: 8 },
  { name: 'large pot', kind: 'pot', millilitres: 8000, squareCentimetres: 0, count: 4 },
  { name: 'frying pan of 28 cm', kind: 'pan', millilitres: 0, squareCentimetres: 450, count: 8 },
  { name: 'oven tray', kind: 'tray', millilitres: 0, squareCentimetres: 1100, count: 8 },
  { name: 'serving dish', kind: 'serving dish', millilitres: 2500, squareCentimetres: 0, count: 14 },
  { name: 'platter', kind: 'serving dish', millilitres: 5000, squareCentimetres: 0, count: 4 },
  { name: 'storage box', kind: 'storage box', millilitres: 2000, squareCentimetres: 0, count: 10 },
];

/** The tools of steps that hold food. */
const kindOfTool: Readonly<Record<string, VesselKind>> = {
  'large bowl': 'bowl',
  'small bowl': 'bowl',
  'medium bowl': 'bowl',
  'jar with lid': 'jar',
  'jug blender': 'jug blender',
  'stick blender': 'stick blender cup',
  'food processor': 'food processor',
  saucepan: 'pot',
  'large pot': 'pot',
  'frying pan': 'pan',
  'griddle pan': 'pan',
  'oven tray': 'tray',
  'serving dish': 'serving dish',
  'storage box': 'storage box',
};

/**
 * How a vessel is used: the share of it that may be filled, or the depth of one layer. Figures of the trade,
 * starting estimates.
 */
interface Manner {
  readonly words: string;
  readonly share: number;
  readonly depthCentimetres?: number;
  readonly least?: number;
  readonly note: string;
}

const tossing: Manner = { words: 'toss', share: 1 / 2, note: 'Tossing wants a bowl of twice the volume.' };
const hotBlending: Manner = {
  words: 'blend hot',
  share: 1 / 3,
  least: 200,
  note: 'Hot food fills a blender to a third, the lid vented under a cloth, started slowly.',
};
const mannerOfKind: Readonly<Record<VesselKind, Manner>> = {
  bowl: { words: 'mix', share: 0.8, note: 'A bowl to mix in is four fifths full at most.' },
  jar: { words: 'shake', share: 2 / 3, note: 'A jar to shake is two thirds full at most.' },
  'jug blender': {
    words: 'blend',
    share: 2 / 3,
    least: 200,
    note: 'A jug blender is two thirds full at most, and its blades are covered.',
  },
  'stick blender cup': {
    words: 'blend',
    share: 2 / 3,
    least: 100,
    note: 'A stick blender wants a tall narrow vessel, two thirds full at most.',
  },
  'food processor': {
    words: 'chop fine',
    share: 2 / 3,
    least: 150,
    note: 'A processor is two thirds full at most.',
  },
  pot: { words: 'boil', share: 0.4, note: 'Food takes two fifths of a pot, the water the rest.' },
  pan: {
    words: 'one layer',
    share: 1,
    depthCentimetres: 1.5,
    note: 'What must brown or sear lies in one layer, about 1.5 cm deep.',
  },
  tray: {
    words: 'one layer',
    share: 1,
    depthCentimetres: 2.5,
    note: 'What roasts lies in one layer, about 2.5 cm deep.',
  },
  'serving dish': { words: 'plate', share: 0.9, note: 'A serving dish is nine tenths full at most.' },
  'storage box': { words: 'keep', share: 0.9, note: 'A box with a lid is nine tenths full at most.' },
};

const tossWords = /\b(?:toss|fold|massage)/i;
const hotWords = /\b(?:hot|warm|simmer)/i;

function mannerOf(kind: VesselKind, step: RecipeStep): Manner {
  if (
    kind === 'bowl' &&
    (tossWords.test(step.text) ||
      step.techniques.some((technique) => technique === 'toss' || technique === 'fold'))
  )
    return tossing;
  return kind === 'jug blender' && hotWords.test(step.text) ? hotBlending : mannerOfKind[kind];
}

/** The vessels that a step's food is in, one after the other: those of its tools that hold food. */
export function vesselKindsOf(step: RecipeStep): VesselKind[] {
  return [...new Set(step.tools.flatMap((tool) => kindOfTool[tool] ?? []))];
}

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
      const shares = sharesIn(dish.recipe, step, kind);
      return batches.flatMap((batch, index) => {
        const food = makesStep(batch, step) ? foodOf(volumes[index]!, shares) : nothing;
        return food.millilitres > 0 ? [fitOf(step, batch, kind, food, vessels)] : [];
      });
    });
  });
}

/** Room that food takes, and whether a usual density had to be taken for some of it. */
interface Volume {
  readonly millilitres: number;
  readonly estimated: boolean;
}
const nothing: Volume = { millilitres: 0, estimated: false };

/** The room of each line of a batch, by line; lines of another way of a flight have none. */
export function lineVolumes(recipe: Recipe, batch: Batch, larder: Larder): ReadonlyMap<string, Volume> {
  const made = recipe.lines.filter(
    (line) => !batch.option || !line.when || line.when.option === batch.option,
  );
  return new Map(
    made.map((line) => [
      line.id,
      lineVolume(line, findIngredient(larder, line.ingredient), scaleLine(line, batch.factor)),
    ]),
  );
}

export function makesStep(batch: Batch, step: Pick<RecipeStep, 'componentId' | 'when'>): boolean {
  const ofWay = !batch.option || !step.when || step.when.option === batch.option;
  return ofWay && (batch.components === null || batch.components.includes(step.componentId));
}

/**
 * The share of each line in a vessel: over a flame what the step itself uses; in a bowl, a jar or a dish,
 * everything that has come to it.
 */
function sharesIn(recipe: Recipe, step: RecipeStep, kind: VesselKind): ReadonlyMap<string, number> {
  const steps =
    kind === 'pot' || kind === 'pan' || kind === 'tray' ? ownOrBefore(recipe, step) : stepsInto(recipe, step);
  return usedShares(steps);
}

/**
 * How much of each line some steps use together, in the order in which they bring it; all of it at the most.
 */
export function usedShares(steps: readonly RecipeStep[]): ReadonlyMap<string, number> {
  const shares = new Map<string, number>();
  for (const each of steps)
    for (const use of each.uses)
      shares.set(use.line, Math.min(1, (shares.get(use.line) ?? 0) + toNumber(use.share)));
  return shares;
}

function foodOf(volumes: ReadonlyMap<string, Volume>, shares: ReadonlyMap<string, number>): Volume {
  let millilitres = 0;
  let estimated = false;
  for (const [line, share] of shares) {
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
  const flat = kind === 'pan' || kind === 'tray';
  const food = flat ? volume.millilitres / manner.depthCentimetres! : volume.millilitres;
  const room = (vessel: Vessel) => (flat ? vessel.squareCentimetres : vessel.millilitres) * manner.share;
  const chosen = chooseVessel(
    vessels.filter((vessel) => vessel.kind === kind),
    food,
    room,
    batch.count,
  );
  const limit = chosen ? room(chosen) : 0;
  const rounds = chosen ? roundsOf(food, limit) : 1;
  const problem = problemOf({ kind, chosen, food, rounds, manner, batch });
  const show = (value: number) => (flat ? `${showNumber(Math.round(value))} cm²` : formatMillilitres(value));
  const steps: WorkingStep[] = [
    {
      label: flat
        ? `${formatMillilitres(volume.millilitres)} in a layer of ${manner.depthCentimetres} cm`
        : 'Food in it',
      value: show(food),
      note: volume.estimated ? 'Where no density is known, that of cut vegetables is taken.' : undefined,
    },
    ...(chosen
      ? [
          {
            label: flat
              ? `The ${chosen.name} holds`
              : `The ${chosen.name} holds, ${showNumber(Math.round(manner.share * 100))} % of ` +
                formatMillilitres(chosen.millilitres),
            value: show(limit),
            note: manner.note,
          },
        ]
      : []),
    ...(rounds > 1 ? [{ label: `${show(food)} ÷ ${show(limit)}`, value: `${rounds} rounds` }] : []),
  ];
  const result = chosen ? `${chosen.name}${rounds > 1 ? `, ${rounds} rounds` : ''}` : 'none';
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
    problem,
    workings: workings(
      `${capital(manner.words)}: ${result}, ${batch.heading.toLowerCase()}`,
      steps,
      result,
      true,
    ),
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
      ? `It fills ${rounds} of the ${chosen.name}`
      : `It does not go into the ${chosen.name} at once: ${rounds} rounds`;
  if (manner.least && food < manner.least)
    return (
      `Too little to cover the blades of the ${chosen.name}: ` +
      `${formatMillilitres(food)} of ${formatMillilitres(manner.least)}`
    );
  return chosen.count < batch.count
    ? `${batch.count} are wanted and the kitchen has ${chosen.count} of the ${chosen.name}`
    : '';
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
