import type { ClassDishDto } from '@fornax/contract';
import { classSize, classSizeProblem, type ClassSize } from '@fornax/core';
import { Op } from 'sequelize';
import { ProblemException } from '../common/problem.js';
import { lockLibrary } from '../database/changes.js';
import { ClassDishRow, RecipeRow, RecipeVersionRow, type ClassRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';
import { versionOfDraft } from '../recipes/versions.js';

/**
 * Writes the menu of a class in order. A dish keeps its version; a new one, or one that asks for it, takes
 * the newest. Refused where the dishes are more than a plan can hold, unless they were more before.
 */
export async function writeMenu(row: ClassRow, dishes: readonly ClassDishDto[]): Promise<void> {
  const scope = new KitchenScope(ClassDishRow, row.kitchenId);
  const before = await scope.find({ where: { classId: row.id } });
  const known = new Map(before.map((dish) => [dish.id, dish]));
  await scope.destroy({ classId: row.id });
  const written: ClassDishRow[] = [];
  for (const [position, dish] of dishes.entries()) {
    const kept = known.get(dish.id);
    const version =
      kept && kept.recipeId === dish.recipeId && !dish.useNewest
        ? kept.version
        : await newestVersion(row.kitchenId, dish.recipeId, position);
    written.push(
      await scope.create({
        id: dish.id,
        classId: row.id,
        recipeId: dish.recipeId,
        version,
        position,
        portion: dish.portion,
        maker: dish.maker,
        choices: dish.choices ?? {},
        making: { ...dish.making },
      }),
    );
  }
  const size = await sizeOf(row.kitchenId, written);
  const problem = classSizeProblem(size);
  if (problem && isMore(size, await sizeOf(row.kitchenId, before))) throw refusal('dishes', problem);
}

function isMore(size: ClassSize, than: ClassSize): boolean {
  return size.lines > than.lines || size.steps > than.steps;
}

async function sizeOf(kitchenId: string, dishes: readonly ClassDishRow[]): Promise<ClassSize> {
  const versions = await new KitchenScope(RecipeVersionRow, kitchenId).find({
    attributes: ['recipeId', 'number', 'lineCount', 'stepCount'],
    where: { recipeId: { [Op.in]: dishes.map(({ recipeId }) => recipeId) } },
  });
  return classSize(
    dishes.map(({ recipeId, version, making }) => {
      const used = versions.find((each) => each.recipeId === recipeId && each.number === version);
      return {
        lines: used?.lineCount ?? 0,
        steps: used?.stepCount ?? 0,
        hasSwap: making.swap === true,
      };
    }),
  );
}

async function newestVersion(kitchenId: string, recipeId: string, position: number): Promise<number> {
  // Until the dish is written no recipe can be deleted: one that is waits, and then finds itself in use.
  await lockLibrary(kitchenId);
  const recipe = await new KitchenScope(RecipeRow, kitchenId).findOne({
    where: { id: recipeId, deletedAt: null },
  });
  if (!recipe) throw refusal(`dishes.${position}.recipeId`, 'This recipe is not in the library any more.');
  return versionOfDraft(recipe);
}

function refusal(field: string, sentence: string): ProblemException {
  return new ProblemException(422, sentence, { errors: [{ field, sentence }] });
}
