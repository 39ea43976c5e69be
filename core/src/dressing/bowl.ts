import {
  type MeasureSystem,
  showRational,
  sizeOfUnit,
  toNumber,
  toRational,
  unitSize,
} from '../amounts/index.js';
import type { IngredientId } from '../identity/index.js';
import { conversionFacts, findIngredient, type Larder } from '../larder/index.js';
import { nearMeasures } from './spoon-steps.js';
import type { Balance, DressingLine, LineRole } from './types.js';

/**
 * Where a bowl lies on the balance map: shares of the weight of free oils, acid liquids and the rest; sum 1.
 */
export interface MapPoint {
  readonly oil: number;
  readonly acid: number;
  readonly rest: number;
}

export function mapPoint({ lines, grams }: Balance): MapPoint {
  const share = (role: LineRole) =>
    grams > 0
      ? lines.filter((line) => line.role === role).reduce((sum, line) => sum + line.grams, 0) / grams
      : 0;
  const [oil, acid] = [share('oil'), share('acid')];
  return { oil, acid, rest: grams > 0 ? 1 - oil - acid : 0 };
}

/** Something added to a bowl while tasting, by the teaspoon, with what was thought of it. */
export interface BowlAddition {
  readonly ingredient: IngredientId;
  readonly name: string;
  readonly teaspoons: number;
  readonly note: string;
}

/** How much of a line there is in teaspoons; null where its amount is not known as a volume. */
function teaspoonsOf(line: DressingLine, larder: Larder, system: MeasureSystem): number | null {
  if (!line.amount || !line.unit) return null;
  const facts = conversionFacts(findIngredient(larder, line.ingredient), line.preparation);
  const millilitres = sizeOfUnit(line.unit, 'ml', facts, system);
  return millilitres === null ? null : (toNumber(line.amount.low) * millilitres) / teaspoon(system);
}

function teaspoon(system: MeasureSystem): number {
  return toNumber(unitSize('tsp', system)!);
}

/** An amount of teaspoons as a recipe writes it: "2½ tbsp", "¾ tsp". */
export function writtenSpoons(teaspoons: number): string {
  if (teaspoons < 0.1) return '1 pinch';
  const tablespoons = teaspoons / 3;
  const isWhole = teaspoons >= 3 && Math.abs(tablespoons * 2 - Math.round(tablespoons * 2)) < 1e-9;
  return isWhole
    ? `${showRational(toRational(tablespoons))} tbsp`
    : `${showRational(toRational(Math.round(teaspoons * 8) / 8))} tsp`;
}

/**
 * The lines with all additions: what is there already grows, what is new is a line of its own at the end. The
 * texts are as a recipe writes them.
 */
export function withAdditions(
  texts: readonly string[],
  lines: readonly DressingLine[],
  additions: readonly BowlAddition[],
  { larder, system = 'metric' }: { larder: Larder; system?: MeasureSystem },
): string[] {
  const sums = new Map<IngredientId, number>();
  const names = new Map<IngredientId, string>();
  for (const { ingredient, teaspoons, name } of additions) {
    sums.set(ingredient, (sums.get(ingredient) ?? 0) + teaspoons);
    names.set(ingredient, name);
  }
  const grown = lines.map((line, index) => {
    const more = line.ingredient === null ? undefined : sums.get(line.ingredient);
    const own = more === undefined ? null : teaspoonsOf(line, larder, system);
    if (more === undefined || own === null) return texts[index]!;
    sums.delete(line.ingredient!);
    return `${writtenSpoons(own + more)} ${nameWithPart(line)}`;
  });
  return [...grown, ...[...sums].map(([id, sum]) => `${writtenSpoons(sum)} ${names.get(id)}`)];
}

function nameWithPart({ name, byProducts }: DressingLine): string {
  const part = byProducts.find((each) => each === 'juice' || each === 'zest');
  return part && !name.includes(part) ? `${name} ${part}` : name;
}

/**
 * The texts of a bowl that is drawn to another point of the map: as heavy as it is, its oils, its acids and
 * the rest each by one factor, in measures that a spoon gives. What is fixed or has no volume stays.
 */
export function movedTo(
  texts: readonly string[],
  lines: readonly DressingLine[],
  balance: Balance,
  point: MapPoint,
  isFixed: (index: number) => boolean,
): string[] {
  const now = mapPoint(balance);
  const factor = (role: LineRole) => {
    // Salt and sweetness are for the taste: they do not grow with the rest.
    if (role === 'salt' || role === 'sweet') return 1;
    const [from, to] =
      role === 'oil'
        ? [now.oil, point.oil]
        : role === 'acid'
          ? [now.acid, point.acid]
          : [now.rest, point.rest];
    return from > 0 ? to / from : 1;
  };
  return texts.map((text, index) => {
    const line = lines[index]!;
    const share = balance.lines.find(({ lineId }) => lineId === line.id);
    if (!share || isFixed(index) || share.millilitres <= 0) return text;
    const by = factor(share.role);
    if (Math.abs(by - 1) < 1e-6) return text;
    const [measure] = nearMeasures(share.millilitres * by, teaspoon('metric'), 0);
    return `${writtenSpoons(measure! / teaspoon('metric'))} ${nameWithPart(line)}`;
  });
}

/** The texts of a solved bowl: free lines in spoons, fixed ones as written. */
export function solvedTexts(texts: readonly string[], lines: readonly DressingLine[]): string[] {
  return lines.map((line, index) =>
    line.unit === 'tsp' && line.amount && toRational(toNumber(line.amount.low)) === line.amount.low
      ? `${writtenSpoons(toNumber(line.amount.low))} ${nameWithPart(line)}`
      : texts[index]!,
  );
}
