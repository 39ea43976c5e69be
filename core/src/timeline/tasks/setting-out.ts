import { toNumber, unitKind, unitSize } from '../../amounts/index.js';
import { isMadeByStudents } from '../../class/index.js';
import { type LineId, cacheByOwner } from '../../identity/index.js';
import type { PortionCell } from '../../portions/index.js';
import type { Recipe, RecipeLine } from '../../recipes/index.js';
import { counted } from '../../words/index.js';
import type { DishOnClock, HowStep, TaskInput } from './types.js';
import { staysInClass } from './wanted.js';

/** Seconds to set out a line at a bench, by how it is measured; the fruit of a juice is counted. ~ */
const secondsOf = { count: 10, spoon: 20, weighing: 30 } as const;
type Measured = keyof typeof secondsOf;

/** One person fills all benches in a row: at each further bench a line takes this share of the seconds. ~ */
const shareInRow = 0.5;
/** The crate carried there, the board on its damp cloth. ~ */
const minutesPerBench = 1;
/** What is measured in more than so many millilitres at once is poured or weighed. */
const mostInSpoons = 60;

export interface SettingOut {
  readonly minutes: number;
  readonly how: readonly HowStep[];
}

/**
 * Setting out the stations in its real time: the lines that are still there when class starts × stations ×
 * seconds a line. Nothing that the students make themselves is set out made.
 */
export function settingOut(input: TaskInput): SettingOut {
  const { stations, decisions, leftToStudents, leftToStaff } = input;
  return remembered(input.dishes, [stations, decisions.when, leftToStudents, leftToStaff], () =>
    setOut(input),
  );
}

const remembered = cacheByOwner<TaskInput['dishes'], SettingOut>();

function setOut(input: TaskInput): SettingOut {
  const lines = input.dishes.flatMap((dish) => linesOf(input, dish));
  const kinds = (['count', 'spoon', 'weighing'] as const).map((kind) => rowOf(kind, lines));
  const benches = input.stations.sizes.length * minutesPerBench;
  const seconds = kinds.reduce((sum, each) => sum + each.seconds, 0);
  return {
    minutes: Math.ceil(seconds / 60) + benches,
    how: [
      ...kinds.flatMap(({ how }) => how),
      {
        label: `${input.stations.sizes.length} boards and crates × ${minutesPerBench} min`,
        value: `${benches} min`,
      },
    ],
  };
}

interface LineSetOut {
  readonly kind: Measured;
  /** At how many stations. */
  readonly benches: number;
}

function rowOf(kind: Measured, all: readonly LineSetOut[]): { seconds: number; how: HowStep[] } {
  const lines = all.filter((line) => line.kind === kind);
  if (lines.length === 0) return { seconds: 0, how: [] };
  const further = lines.reduce((sum, { benches }) => sum + benches - 1, 0);
  const seconds = secondsOf[kind] * (lines.length + further * shareInRow);
  const names = { count: 'counted', spoon: 'by the spoon', weighing: 'weighed or poured' } as const;
  const inRow =
    further > 0 ? ` + ${further} at further benches × ${secondsOf[kind] * shareInRow} s, all in a row` : '';
  return {
    seconds,
    how: [
      {
        label: `${counted(lines.length, 'line')} ${names[kind]} × ${secondsOf[kind]} s${inRow}`,
        value: `${Math.round((seconds / 60) * 10) / 10} min`,
      },
    ],
  };
}

function linesOf(input: TaskInput, dish: DishOnClock): readonly LineSetOut[] {
  const { decisions, leftToStudents, leftToStaff } = input;
  return dishRemembered(dish.portions, [dish.timed, decisions.when, leftToStudents, leftToStaff], () =>
    linesOfDish(input, dish),
  );
}

const dishRemembered = cacheByOwner<DishOnClock['portions'], readonly LineSetOut[]>();

/** The lines of a dish that students find at their station. */
function linesOfDish(input: TaskInput, dish: DishOnClock): LineSetOut[] {
  const { timed, portions } = dish;
  if (!isMadeByStudents(timed.maker)) return [];
  const isLeft = leftForClass(input, timed);
  return atBenches(portions, [timed.recipe], () => linesAtBenches(dish)).filter(({ lineId }) =>
    isLeft(lineId),
  );
}

const atBenches = cacheByOwner<
  DishOnClock['portions'],
  readonly (LineSetOut & { readonly lineId: LineId })[]
>();

/** All lines that go to stations, whoever does their steps: what is tried leaves them as they are. */
function linesAtBenches({ timed, portions }: DishOnClock): (LineSetOut & { readonly lineId: LineId })[] {
  const lines = new Map(timed.recipe.lines.map((line) => [line.id, line]));
  return portions.components
    .flatMap((component) => component.lines)
    .flatMap(({ lineId, cells }) => {
      const written = lines.get(lineId);
      const at = portions.batches.flatMap((batch, index) =>
        batch.stations.length > 0 && !cells[index]!.absent ? [{ batch, cell: cells[index]! }] : [],
      );
      if (!written || at.length === 0) return [];
      return [
        {
          lineId,
          kind: measuredHow(at[0]!.cell, written, timed.recipe),
          benches: at.reduce((sum, { batch }) => sum + batch.count, 0),
        },
      ];
    });
}

/** A line is there unless steps before class use all of it. */
function leftForClass(input: TaskInput, dish: DishOnClock['timed']): (line: LineId) => boolean {
  const early = new Set<LineId>();
  const late = new Set<LineId>();
  for (const step of dish.recipe.steps) {
    const lines = staysInClass(input, dish, step) ? late : early;
    for (const { line } of step.uses) lines.add(line);
  }
  return (line) => late.has(line) || !early.has(line);
}

function measuredHow({ amount }: PortionCell, { byProducts }: RecipeLine, recipe: Recipe): Measured {
  if (!amount || byProducts.length > 0 || unitKind(amount.unit) === 'count') return 'count';
  if (unitKind(amount.unit) !== 'volume') return 'weighing';
  const size = unitSize(amount.unit, recipe.system);
  const millilitres = toNumber(amount.high) * (size ? toNumber(size) : 0);
  return millilitres <= mostInSpoons ? 'spoon' : 'weighing';
}
