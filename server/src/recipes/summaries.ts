import { createHash } from 'node:crypto';
import type { RecipeSummary } from '@fornax/contract';
import {
  allergensByList,
  contentsOf,
  dietsOf,
  findIngredient,
  larderOf,
  recipeMinutes,
  recognised,
  seasonMonths,
  seasonText,
  type KitchenFacts,
  type Recipe,
} from '@fornax/core';
import { Op } from 'sequelize';
import type { Sequelize } from 'sequelize-typescript';
import { holdLibrary } from '../database/changes.js';
import { RecipeRow, type StoredSummary } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';
import { inTransaction } from '../database/transaction.js';
import { kitchenFacts } from '../kitchens/kitchen-facts.js';
import { wholeRecipes } from './library.js';

/** Counts up where the same recipe and kitchen give another row than before. */
const wayOfWorkingOut = 3;

const writtenAtOnce = 200;

/** The list's rows, by title. None is read whole but those that were changed since they were last listed. */
export async function summaries(sequelize: Sequelize, kitchenId: string): Promise<RecipeSummary[]> {
  const kitchen = await kitchenFacts(kitchenId);
  const made = basisOf(kitchen);
  const read = () =>
    new KitchenScope(RecipeRow, kitchenId).find({
      attributes: ['id', 'summary'],
      where: { deletedAt: null },
      order: [['title', 'ASC']],
    });
  const rows = await read();
  if (rows.every(({ summary }) => summary?.made === made)) return rows.map(viewOf);
  return inTransaction(sequelize, async () => {
    await holdLibrary(kitchenId);
    const locked = await read();
    const old = locked.filter(({ summary }) => summary?.made !== made);
    const fresh = await workOut(kitchenId, old, kitchen, made);
    return locked.map((row) => viewOf({ id: row.id, summary: fresh.get(row.id) ?? row.summary }));
  });
}

function viewOf({ id, summary }: Pick<RecipeRow, 'id' | 'summary'>): RecipeSummary {
  return { id: id as string, ...summary!.row };
}

/** Works the rows out and writes them down; the library must be locked. */
async function workOut(
  kitchenId: string,
  rows: readonly RecipeRow[],
  kitchen: KitchenFacts,
  made: string,
): Promise<Map<string, StoredSummary>> {
  const drafts = await new KitchenScope(RecipeRow, kitchenId).find({
    attributes: ['id', 'content'],
    where: { id: { [Op.in]: rows.map(({ id }) => id) } },
  });
  const wholes = await wholeRecipes(kitchenId, drafts);
  const fresh = new Map<string, StoredSummary>();
  for (const [index, { id }] of drafts.entries()) {
    const summary = { made, row: summaryOf(wholes[index]!, kitchen) };
    fresh.set(id as string, summary);
  }
  const rowsOfAll = [...fresh];
  for (let from = 0; from < rowsOfAll.length; from += writtenAtOnce)
    await writeDown(kitchenId, rowsOfAll.slice(from, from + writtenAtOnce));
  return fresh;
}

/** Many rows in one statement: a library of thousands is listed once after its larder has changed. */
async function writeDown(
  kitchenId: string,
  rows: readonly (readonly [string, StoredSummary])[],
): Promise<void> {
  const cases = rows.map(() => 'WHEN ? THEN ?').join(' ');
  await RecipeRow.sequelize!.query(
    `UPDATE recipes SET summary = CASE id ${cases} END WHERE kitchen_id = ? AND id IN (?)`,
    {
      replacements: [
        ...rows.flatMap(([id, summary]) => [id, JSON.stringify(summary)]),
        kitchenId,
        rows.map(([id]) => id),
      ],
    },
  );
}

/** What a row rests on besides the recipe: the kitchen's own larder, its list of allergens and its side. */
function basisOf({ larder, allergenList, hemisphere }: KitchenFacts): string {
  const basis = JSON.stringify([wayOfWorkingOut, larder, allergenList, hemisphere]);
  return createHash('sha256').update(basis).digest('base64url').slice(0, 22);
}

function summaryOf(written: Recipe, kitchen: KitchenFacts): Omit<RecipeSummary, 'id'> {
  const larder = larderOf(kitchen.larder);
  const recipe = recognised(written, larder);
  const minutes = recipeMinutes(recipe);
  const contents = contentsOf(recipe, larder);
  return {
    title: recipe.title,
    kind: recipe.kind,
    serves: recipe.serves,
    portion: recipe.portion,
    handsOnMinutes: minutes.handsOn,
    waitMinutes: minutes.waiting,
    techniques: [...new Set(recipe.steps.flatMap((step) => step.techniques))],
    allergens: allergensByList(contents.allergens, kitchen.allergenList),
    notKnown: [...contents.notKnown],
    diets: dietsOf(recipe, larder),
    season: seasonText(recipe, larder, kitchen.hemisphere),
    months: seasonMonths(recipe, larder, kitchen.hemisphere),
    ingredients: [
      ...new Set(recipe.lines.flatMap((line) => findIngredient(larder, line.ingredient)?.id ?? [])),
    ],
    unread: recipe.lines.filter((line) => line.unread !== '').length,
  };
}
