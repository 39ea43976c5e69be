import { get, set } from 'idb-keyval';
import {
  balanceDressing,
  type Balance,
  type BowlAddition,
  dressingComponents,
  type DressingMethod,
  dressingMethodOf,
  type Larder,
  lineOf,
  type MeasureSystem,
  parseIngredientLine,
  type Recipe,
  type RecipeLine,
  withAdditions,
} from '@fornax/core';

export const marks = ['too sharp', 'nearly', 'right'] as const;
export type Mark = (typeof marks)[number];

/** An addition of the log, with what it was like after it. */
export interface LoggedAddition extends BowlAddition {
  readonly mark: Mark | '';
}

/** A bowl on the bench: its lines as written, what is fixed, and what was added while tasting. */
export interface BenchBowl {
  readonly title: string;
  readonly method: DressingMethod;
  readonly texts: readonly string[];
  readonly fixed: readonly number[];
  readonly log: readonly LoggedAddition[];
  /** The part of a recipe that it was taken from, and its lines by their places. */
  readonly from: {
    readonly recipeId: string;
    readonly componentId: string;
    readonly lineIds: readonly string[];
  } | null;
}

export const mostBowls = 4;

export const newBowl: BenchBowl = {
  title: 'New bowl',
  method: 'whisk',
  texts: ['6 tbsp olive oil', '2 tbsp red wine vinegar', '1 tsp Dijon mustard', '½ tsp fine salt'],
  fixed: [],
  log: [],
  from: null,
};

/** The lines of a bowl as they are read. */
export function linesOf(texts: readonly string[], system: MeasureSystem, larder: Larder): RecipeLine[] {
  return texts.map((text, index) => lineOf(parseIngredientLine(text, { system, larder }), index, 'bowl'));
}

/** The lines with everything that was added, as texts. */
export function textsWith(
  bowl: BenchBowl,
  system: MeasureSystem,
  larder: Larder,
  count = bowl.log.length,
): string[] {
  const lines = linesOf(bowl.texts, system, larder);
  return withAdditions(bowl.texts, lines, bowl.log.slice(0, count), { larder, system });
}

/** The balance of a bowl with all that was added, or so much of it; warm, or straight from the cold. */
export function balanceOf(
  bowl: BenchBowl,
  system: MeasureSystem,
  larder: Larder,
  { count, temperature }: { count?: number; temperature?: 'room' | 'cold' } = {},
): Balance {
  const lines = linesOf(textsWith(bowl, system, larder, count), system, larder);
  return balanceDressing(lines, larder, { method: bowl.method, system, temperature });
}

/** The dressing or dip of a recipe as a bowl; null where a recipe has none with lines of its own. */
export function bowlOfRecipe(recipeId: string, recipe: Recipe, componentId?: string): BenchBowl | null {
  const wanted = recipe.components.find(({ id, role }) =>
    componentId ? id === componentId : role === 'dressing' || role === 'dip',
  );
  const lines = recipe.lines.filter((line) => line.componentId === wanted?.id);
  if (!wanted || lines.length === 0) return null;
  return {
    title: titleOf(recipe, wanted.name, dressingComponents(recipe).length),
    method: dressingMethodOf(recipe, wanted.id),
    texts: lines.map(({ text }) => text),
    fixed: [],
    log: [],
    from: { recipeId, componentId: wanted.id, lineIds: lines.map(({ id }) => id) },
  };
}

/** A part that is not the only one, or has a name of its own, is told by it. */
function titleOf({ title }: Recipe, part: string, parts: number): string {
  const isPlain = parts === 1 && /^(?:dressing|dip)?$/i.test(part.trim());
  return isPlain || part === title ? title : `${title}: ${part}`.slice(0, 80);
}

/** The recipe with what is in the bowl now, and what that changes, in words. */
export function writtenBack(
  recipe: Recipe,
  bowl: BenchBowl,
  texts: readonly string[],
  larder: Larder,
): { recipe: Recipe; changes: string[] } {
  const { componentId, lineIds } = bowl.from!;
  const changes: string[] = [];
  const reread = (text: string, at: number) =>
    lineOf(parseIngredientLine(text, { system: recipe.system, larder }), at, componentId);
  const lines = recipe.lines.map((line) => {
    const at = lineIds.indexOf(line.id);
    const text = at < 0 ? undefined : texts[at];
    if (text === undefined || text === line.text) return line;
    changes.push(`${line.text} → ${text}`);
    return { ...reread(text, at), id: line.id, scaling: line.scaling, when: line.when };
  });
  const most = Math.max(0, ...recipe.lines.map(({ id }) => Number(/\d+$/.exec(id)?.[0] ?? 0)));
  const added = texts.slice(lineIds.length).map((text, index) => {
    changes.push(`new: ${text}`);
    return { ...reread(text, index), id: `l${most + 1 + index}` };
  });
  const lastAt = lines.findLastIndex((line) => line.componentId === componentId);
  return { recipe: { ...recipe, lines: lines.toSpliced(lastAt + 1, 0, ...added) }, changes };
}

const place = 'dressing-bench';

/** The bowls of a bench, and which of them is worked on. */
export interface KeptBench {
  readonly bowls: readonly BenchBowl[];
  readonly chosen: number;
}

/** The bench as it was left on this device. */
export const benchStore = {
  read: () => get<KeptBench>(place),
  write: (bench: KeptBench) => set(place, bench),
};
