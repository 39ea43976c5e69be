import { heats, stepsOf } from '../cautions/index.js';
import { type Person, substancesOf } from '../class/index.js';
import { cacheByOwner } from '../identity/index.js';
import type { Larder } from '../larder/index.js';
import { type Batch, linesEatenOf } from '../portions/index.js';
import {
  actsOf,
  isDone,
  namesFood,
  type Recipe,
  type RecipeLine,
  type RecipeStep,
  wordsOfAct,
} from '../recipes/index.js';
import { metLine } from './objections.js';
import type { MetDish, MetLine, PeopleInput } from './types.js';

/** A dish with what each station, and everybody, meets of it; read once for all people. */
export class Plate {
  readonly #lines: ReadonlyMap<string, MetLine>;
  #shown: readonly MetLine[] | null = null;
  readonly #onlyShown = new Map<number | null, readonly MetLine[]>();
  readonly #atStation = new Map<number | null, readonly MetLine[]>();

  constructor(
    readonly dish: MetDish,
    { larder }: Pick<PeopleInput, 'larder'>,
  ) {
    this.#lines = metLines(dish.decided.recipe, [larder], () => linesOf(dish.decided.recipe, larder));
  }

  /** What is eaten at a station of what is made there; of what a few make for all, everybody eats. */
  eatenAt(station: number | null): readonly MetLine[] {
    const known = this.#atStation.get(station);
    if (known) return known;
    const { batches } = this.dish;
    const made = batches.filter(({ kind }) => kind !== 'made once' && !this.#isOnlyShown(kind));
    const own = this.isServedToAll
      ? made
      : made.filter(
          (batch) => batch.stations.length > 0 && (station === null || batch.stations.includes(station)),
        );
    const lines = this.#met(own);
    this.#atStation.set(station, lines);
    return lines;
  }

  /** What the demonstration plate holds, of which all taste. */
  shown(): readonly MetLine[] {
    return (this.#shown ??= this.#met(this.dish.batches.filter(({ kind }) => this.#isOnlyShown(kind))));
  }

  /** What the demonstration plate holds and is not made at a station: most of it is. */
  onlyShownAt(station: number | null): readonly MetLine[] {
    const known = this.#onlyShown.get(station);
    if (known) return known;
    const eaten = new Set(this.eatenAt(station));
    const only = this.shown().filter((met) => !eaten.has(met));
    this.#onlyShown.set(station, only);
    return only;
  }

  /** A dish that is a demonstration is served to all; of another, the plate is handed round. */
  #isOnlyShown(kind: Batch['kind']): boolean {
    return kind === 'demonstration' && this.dish.decided.maker !== 'demonstration';
  }

  /** Everything that is handled in the room. */
  handled(): readonly MetLine[] {
    return [...this.#lines.values()];
  }

  get isServedToAll(): boolean {
    const { maker } = this.dish.decided;
    return maker !== 'every station' && maker !== 'in rotation';
  }

  #met(batches: MetDish['batches']): MetLine[] {
    const eaten = new Set(
      batches.flatMap((batch) => linesEatenOf(this.dish.decided, this.dish.batches, batch)),
    );
    return [...eaten].map(({ id }) => this.#lines.get(id)!);
  }
}

/** Whether a line holds what a need stands for. */
export function holds({ food }: MetLine, what: Person['allergens'][number]['what']): boolean {
  return substancesOf(what).some((each) => food?.allergens.includes(each));
}

/** The lines of a recipe with what is done to each, by line; kept while the recipe is the same. */
const metLines = cacheByOwner<Recipe, ReadonlyMap<string, MetLine>>();

function linesOf(recipe: Recipe, larder: Larder): ReadonlyMap<string, MetLine> {
  return new Map(
    recipe.lines.map((line) => [
      line.id,
      metLine(line, larder, {
        isHeated: stepsOf({ recipe }, line).some(heats),
        said: saidOf(recipe.steps, line),
        size: sizeOf(recipe.steps, line),
      }),
    ]),
  );
}

const toPaste = isDone('blend', 'grind', 'mash', 'pound', 'puree', 'blitz', 'mince');
const toSmall = isDone('quarter', 'chop', 'dice', 'slice', 'grate', 'shred');

/** What is done to a food by name, or to all that a step holds, makes it smaller. */
function sizeOf(steps: readonly RecipeStep[], line: RecipeLine): MetLine['size'] {
  const acts = steps
    .filter(({ uses }) => uses.some((use) => use.line === line.id))
    .flatMap((step) => {
      const own = (text: string) => namesFood({ text }, line.name);
      return actsOf(step).filter((act) => step.uses.length === 1 || own(wordsOfAct(step, act)));
    });
  if (acts.some(toPaste)) return 'paste';
  return acts.some(toSmall) ? 'small' : 'whole';
}

function saidOf(steps: readonly RecipeStep[], { id }: RecipeLine): string {
  return steps
    .filter(({ uses }) => uses.some(({ line }) => line === id))
    .map(({ text }) => text)
    .join(' ');
}
