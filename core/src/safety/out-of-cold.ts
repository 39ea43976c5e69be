import type { Workings } from '../amounts/index.js';
import type { ClassDish, SafetyProfile } from '../class/index.js';
import { stepKey, type StepKey } from '../identity/index.js';
import { heatSaid } from '../language/index.js';
import { findIngredient, type Ingredient, type Larder } from '../larder/index.js';
import type { RecipeLine, RecipeStep } from '../recipes/index.js';
import { type CountsFrom, countsFrom } from './cold-foods.js';
import { countsInAll, outLimit, safetyFigures } from './profile.js';
import type { OutOfCold, Spell } from './types.js';

/** When a step is at work: its hands, then its wait. Minutes from class start. */
export interface StepMinutes {
  readonly start: number;
  readonly handsEnd: number;
  readonly end: number;
}

/** A dish as planned, or its ready-made swap, and when its steps are done. */
export interface ColdBatch {
  readonly dish: ClassDish;
  readonly title: string;
  readonly ofSwap: boolean;
  readonly times: ReadonlyMap<StepKey, StepMinutes>;
}

export interface OutOfColdInput {
  readonly batches: readonly ColdBatch[];
  /** When the plates are empty. */
  readonly eatenAt: number;
  readonly larder: Larder;
  readonly profile: SafetyProfile;
  /** Wall time of a minute, for the workings. */
  readonly clock: (minute: number) => string;
}

/** What keeps a day or longer is kept in the cold between two steps. */
const keptColdFromMinutes = 1440;
const toasts: ReadonlySet<string> = new Set(['toast', 'dry-toast', 'dry-roast']);
const toasted: ReadonlySet<string> = new Set([
  'nuts and seeds',
  'spices and seasoning',
  'bakery',
  'grains and pulses',
]);
/** Handled for no longer than this, food that goes back into the cold was not out for a spell. ~ */
const handlingMinutes = 30;
const hotPlaces: ReadonlySet<string> = new Set(['oven', 'hob', 'griddle', 'microwave']);
/**
 * Per dish, the food that is longest out of the cold until it is eaten, against the kitchen's safety profile.
 * Food for the cold counts from the step that first takes it out; what was cooked counts from the heat, and
 * all before is forgotten. Minutes in the fridge do not count, nor those that follow until the next step, nor
 * a wait between steps of what keeps a day or longer; everything else does.
 */
export function outOfCold(input: OutOfColdInput): OutOfCold[] {
  return input.batches.flatMap((batch) => {
    const found = batch.dish.recipe.lines.flatMap((line) => countLine(batch, line, input) ?? []);
    const worst = found.sort(
      (a, b) =>
        Number(b.isOver) - Number(a.isOver) ||
        (b.limitMinutes === null ? b.minutes : b.minutes / b.limitMinutes) -
          (a.limitMinutes === null ? a.minutes : a.minutes / a.limitMinutes),
    )[0];
    return worst ? [worst] : [];
  });
}

function countLine(batch: ColdBatch, line: RecipeLine, input: OutOfColdInput): OutOfCold | null {
  const { dish } = batch;
  const ingredient = findIngredient(input.larder, line.ingredient);
  const first = dish.recipe.steps.find(
    (step) => step.uses.some((use) => use.line === line.id) && !step.addedFor,
  );
  if (!ingredient || !first) return null;
  const from = countsFrom(ingredient, first, input.profile);
  if (!from) return null;
  const spells = spellsOf(batch, { path: longestPath(batch, first), from, food: ingredient }, input.eatenAt);
  return spells.length === 0 ? null : judged(batch, line, spells, input);
}

/**
 * The way of a food through its dish: always to the step that is done last, as that is where it waits
 * longest.
 */
function longestPath({ dish: { recipe, id }, times }: ColdBatch, first: RecipeStep): RecipeStep[] {
  const path = [first];
  for (let last = first; path.length <= recipe.steps.length;) {
    const next = recipe.steps
      .filter((step) => step.after.includes(last.id))
      .sort(
        (a, b) => (times.get(stepKey(id, b.id))?.start ?? 0) - (times.get(stepKey(id, a.id))?.start ?? 0),
      )[0];
    if (!next) break;
    path.push(next);
    last = next;
  }
  return path;
}

/** Whether a step cooks a food. Toasting seeds or bread heats nothing else that is put to them. */
function isCooked({ occupies, text }: RecipeStep, food: Ingredient): boolean {
  if (occupies === null || !hotPlaces.has(occupies.appliance)) return false;
  const heat = heatSaid(text).map(({ verb }) => verb.verb);
  const isToasted = heat.length > 0 && heat.every((verb) => toasts.has(verb));
  return !isToasted || toasted.has(food.section);
}

/** Cooling from the heat is no spell out of the cold, nor is what is handled for a short while. */
function isOutTwice(spells: readonly Spell[]): boolean {
  return spells.filter(({ from, to, isHot }) => !isHot && to - from > handlingMinutes).length > 1;
}

function isInFridge(step: RecipeStep): boolean {
  return step.waitMinutes !== null && step.occupies?.appliance === 'fridge';
}

/** The stretches out of the cold along a way. What comes before the last heat does not count. */
function spellsOf(
  { dish: { id }, times }: ColdBatch,
  { path, from, food }: { path: readonly RecipeStep[]; from: CountsFrom; food: Ingredient },
  eatenAt: number,
): Spell[] {
  const spells: Spell[] = [];
  let wasCooked = false;
  let open: { from: number; isHot: boolean } | null = null;
  const close = (to: number) => {
    if (open && to > open.from) spells.push({ ...open, to });
    open = null;
  };
  for (const [index, step] of path.entries()) {
    const time = times.get(stepKey(id, step.id));
    if (!time) continue;
    if (isCooked(step, food)) {
      spells.length = 0;
      wasCooked = true;
      open = { from: time.end, isHot: true };
    } else if (!open && (from === 'taken out' || wasCooked || (from === 'second step' && index > 0))) {
      open = { from: time.start, isHot: false };
    }
    if (isInFridge(step)) close(time.handsEnd);
    else if ((step.holdMinutes ?? 0) >= keptColdFromMinutes && index < path.length - 1) close(time.end);
  }
  close(eatenAt);
  return spells;
}

function judged(
  { dish, title, ofSwap }: ColdBatch,
  line: RecipeLine,
  spells: readonly Spell[],
  { profile, clock }: OutOfColdInput,
): OutOfCold {
  const figures = safetyFigures(profile);
  const inAll = countsInAll(profile);
  const lengths = spells.map(({ from, to }) => to - from);
  const limitOf = ({ isHot }: Spell) =>
    outLimit(isHot ? figures.hotOutMinutes : figures.coldOutMinutes, figures.roomCelsius, profile);
  // Of single spells, the one that comes nearest to what it may last, or is furthest over it.
  const worst = [...spells].sort(
    (a, b) => (b.to - b.from) / (limitOf(b) ?? 1) - (a.to - a.from) / (limitOf(a) ?? 1),
  )[0]!;
  const limits = inAll ? spells.map(limitOf) : [limitOf(worst)];
  const limitMinutes = limits.includes(null) ? null : Math.min(...(limits as number[]));
  const minutes = inAll ? lengths.reduce((sum, each) => sum + each, 0) : worst.to - worst.from;
  const isOver = limitMinutes !== null && minutes > limitMinutes;
  const goesCold = spells[0]!.isHot && spells.length > 1 ? lengths[0]! : null;
  return {
    id: `${dish.id}${ofSwap ? '/swap' : ''}:${line.id}`,
    dishId: dish.id,
    dishTitle: title,
    food: line.name,
    spells,
    minutes,
    limitMinutes,
    isOver,
    chilledAfterMinutes: goesCold,
    discardAt: discardAtOf(spells, inAll, limitOf, clock),
    isOutAgain: !inAll && isOutTwice(spells),
    workings: workingsOf(line, spells, { minutes, limitMinutes, inAll, clock }),
  };
}

/** What is on the table when the plates are empty may stand on until its last spell has lasted its limit. */
function discardAtOf(
  spells: readonly Spell[],
  inAll: boolean,
  limitOf: (spell: Spell) => number | null,
  clock: (minute: number) => string,
): string {
  const last = spells[spells.length - 1]!;
  const limits = inAll ? spells.map(limitOf) : [limitOf(last)];
  if (limits.includes(null)) return '';
  const before = inAll ? spells.slice(0, -1).reduce((sum, { from, to }) => sum + to - from, 0) : 0;
  return clock(last.from + Math.max(0, Math.min(...(limits as number[])) - before));
}

function workingsOf(
  line: RecipeLine,
  spells: readonly Spell[],
  {
    minutes,
    limitMinutes,
    inAll,
    clock,
  }: { minutes: number; limitMinutes: number | null; inAll: boolean; clock: (minute: number) => string },
): Workings {
  return {
    title: `Out of the cold: ${line.name}`,
    estimated: true,
    result: `${minutes} min`,
    steps: [
      ...spells.map(({ from, to, isHot }) => ({
        label: isHot ? 'From the heat' : 'Taken out',
        value: `${to - from} min`,
        note: `${clock(from)}–${clock(to)}`,
      })),
      {
        label: inAll ? 'All of them together count' : 'The spell that comes nearest to its limit counts',
        value: `${minutes} min`,
      },
      {
        label: 'Your safety profile allows',
        value: limitMinutes === null ? 'not set' : `${limitMinutes} min`,
        note: 'Follow your local food code and a qualified person’s advice.',
      },
    ],
  };
}
