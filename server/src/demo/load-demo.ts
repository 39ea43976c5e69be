import { demoClasses, demoCourse, demoKitchen, demoRecipes, demoStock } from '@fornax/demo';
import { type Recipe, withActs } from '@fornax/core';
import type { Sequelize } from 'sequelize-typescript';
import { v7 as uuid } from 'uuid';
import {
  AccountRow,
  ClassDishRow,
  ClassRow,
  CourseRow,
  KitchenRow,
  RecipeRow,
  StockRow,
} from '../database/models.js';
import { inTransaction } from '../database/transaction.js';
import { createKitchen } from '../kitchens/create-kitchen.js';
import { columnsOf, writeParts } from '../recipes/composition.js';
import { versionOfDraft } from '../recipes/versions.js';

/**
 * Loads the demo kitchen, dated from `today` ("2026-11-24"), unless it is there already. Returns whether it
 * was loaded.
 */
export async function loadDemo(sequelize: Sequelize, today: string): Promise<boolean> {
  return inTransaction(sequelize, async () => {
    if (await KitchenRow.findOne({ where: { demo: true } })) return false;
    const kitchen = await createKitchen(demoKitchen, true);
    await AccountRow.create({
      id: uuid(),
      kitchenId: kitchen.id,
      name: 'Ines Okoye',
      email: null,
      passwordHash: null,
    });
    const recipes = new Map<string, RecipeRow>();
    for (const { key, recipe } of demoRecipes) {
      const content = withActs(withParts(recipe, recipes));
      const values = { id: uuid(), kitchenId: kitchen.id, revision: 1, content };
      recipes.set(key, await RecipeRow.create({ ...values, ...columnsOf(content) }));
      await writeParts(kitchen.id, values.id, content);
    }
    const course = await CourseRow.create({ id: uuid(), kitchenId: kitchen.id, title: demoCourse.title });
    for (const item of demoStock(today))
      await StockRow.create({ ...item, id: uuid(), kitchenId: kitchen.id, revision: 1 });
    for (const each of demoClasses(today)) await loadClass(each, course, recipes);
    return true;
  });
}

async function loadClass(
  { dishes, ...fields }: ReturnType<typeof demoClasses>[number],
  course: CourseRow,
  recipes: ReadonlyMap<string, RecipeRow>,
): Promise<void> {
  const { kitchenId } = course;
  const row = await ClassRow.create({
    decisions: {},
    ...fields,
    // Sealed by the server when it starts.
    roster: JSON.stringify(fields.roster ?? []),
    id: uuid(),
    kitchenId,
    courseId: course.id,
    revision: 1,
    zone: demoKitchen.zone,
  });
  for (const [position, dish] of dishes.entries()) {
    const recipe = recipes.get(dish.recipe);
    if (!recipe) throw new Error(`The demo has no recipe “${dish.recipe}”.`);
    const version = await versionOfDraft(recipe);
    await ClassDishRow.create({
      id: uuid(),
      kitchenId,
      classId: row.id,
      recipeId: recipe.id,
      version,
      position,
      portion: dish.portion,
      maker: dish.maker,
      making: dish.making ?? {},
      choices: {},
    });
  }
}

/**
 * Components of the demo name other recipes by their key: recipes that are parts come before those that use
 * them.
 */
function withParts(recipe: Recipe, loaded: ReadonlyMap<string, RecipeRow>): Recipe {
  return {
    ...recipe,
    components: recipe.components.map((component) =>
      component.recipe
        ? {
            ...component,
            recipe: { ...component.recipe, recipeId: partId(component.recipe.recipeId, loaded) },
          }
        : component,
    ),
  };
}

function partId(key: string, loaded: ReadonlyMap<string, RecipeRow>): string {
  const row = loaded.get(key);
  if (!row) throw new Error(`The demo has no recipe “${key}” before the one that uses it.`);
  return row.id;
}
