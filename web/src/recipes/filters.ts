import type { RecipeSummary } from '@fornax/contract';
import type { DishKind } from '@fornax/core';

/** What is looked for in the library; empty texts ask for nothing. */
export interface Filters {
  readonly search: string;
  readonly kind: DishKind | '';
  readonly technique: string;
  /** Minutes of hands at most, as text. */
  readonly minutes: '' | '20' | '40' | '60';
  /** A month, 1 to 12, as text. */
  readonly month: string;
  /** "vegan", or "without milk". */
  readonly needs: string;
  /** Only what uses something that is in the cupboard, what has most of it there first. */
  readonly fromCupboard: boolean;
}

export const noFilters: Filters = {
  search: '',
  kind: '',
  technique: '',
  minutes: '',
  month: '',
  needs: '',
  fromCupboard: false,
};

const without = 'without ';

export function filtered(
  recipes: readonly RecipeSummary[],
  filters: Filters,
  cupboard: ReadonlySet<string>,
): RecipeSummary[] {
  const found = recipes.filter((recipe) => fits(recipe, filters));
  if (!filters.fromCupboard) return found;
  const share = new Map(found.map((recipe) => [recipe, shareThere(recipe, cupboard)]));
  return found.filter((recipe) => share.get(recipe)! > 0).sort((a, b) => share.get(b)! - share.get(a)!);
}

function fits(recipe: RecipeSummary, { search, kind, technique, minutes, month, needs }: Filters): boolean {
  const wanted = search.trim().toLowerCase();
  return (
    (kind === '' || recipe.kind === kind) &&
    (technique === '' || recipe.techniques.includes(technique)) &&
    (minutes === '' || recipe.handsOnMinutes <= Number(minutes)) &&
    (month === '' || recipe.months?.includes(Number(month)) === true) &&
    (needs === '' || suits(recipe, needs)) &&
    (wanted === '' || matches(recipe, wanted))
  );
}

/** Where something of it is not known, nobody can say that it is without. */
function suits(recipe: RecipeSummary, needs: string): boolean {
  if (!needs.startsWith(without)) return recipe.diets.includes(needs);
  const avoided = needs.slice(without.length);
  return recipe.notKnown.length === 0 && !recipe.allergens.some((each) => isOf(each, avoided));
}

/** "nuts (hazelnut)" is of "nuts". */
function isOf(allergen: string, avoided: string): boolean {
  return allergen === avoided || allergen.startsWith(`${avoided} (`);
}

function matches(recipe: RecipeSummary, wanted: string): boolean {
  return [
    recipe.title,
    ...recipe.techniques.map(nameOfTechnique),
    ...recipe.allergens,
    ...recipe.diets,
    recipe.season,
  ].some((text) => text.toLowerCase().includes(wanted));
}

function shareThere({ ingredients = [] }: RecipeSummary, cupboard: ReadonlySet<string>): number {
  return ingredients.filter((id) => cupboard.has(id)).length / Math.max(1, ingredients.length);
}

export function nameOfTechnique(id: string): string {
  return id.replaceAll('-', ' ');
}

/** The techniques, diets and allergens that the recipes of a library have, to choose from. */
export function choicesOf(recipes: readonly RecipeSummary[]): { techniques: string[]; needs: string[] } {
  const all = (of: (recipe: RecipeSummary) => readonly string[]) => [...new Set(recipes.flatMap(of))].sort();
  return {
    techniques: all(({ techniques }) => techniques),
    needs: [
      ...all(({ diets }) => diets),
      ...all(({ allergens }) => allergens.flatMap((each) => [each.replace(/ \(.*/, ''), each])).map(
        (allergen) => `${without}${allergen}`,
      ),
    ],
  };
}
