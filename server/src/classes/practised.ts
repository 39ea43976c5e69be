import { isMadeByStudents, type Maker } from '@fornax/core';
import { Op } from 'sequelize';
import { ClassDishRow, ClassRow, RecipeRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';

/** A course that has gone on for longer is remembered from its last classes. */
const mostEarlier = 40;

/**
 * In how many earlier classes of its course each technique was practised, for each of some classes: of the
 * dishes that students made. Three queries in all, and none where no class is of a course.
 */
export async function practisedBefore(
  kitchenId: string,
  rows: readonly ClassRow[],
): Promise<ReadonlyMap<string, Readonly<Record<string, number>>>> {
  const courses = [...new Set(rows.flatMap(({ courseId }) => courseId ?? []))];
  if (courses.length === 0) return new Map();
  const latest = rows.reduce((last, { startsAt }) => (startsAt > last ? startsAt : last), '');
  const classes = await new KitchenScope(ClassRow, kitchenId).find({
    attributes: ['id', 'courseId', 'startsAt'],
    where: { deletedAt: null, courseId: { [Op.in]: courses }, startsAt: { [Op.lt]: latest } },
    order: [['startsAt', 'DESC']],
    limit: mostEarlier,
  });
  const techniques = await techniquesOf(kitchenId, classes);
  return new Map(
    rows.map((row) => {
      const times: Record<string, number> = {};
      for (const each of classes)
        if (row.courseId && each.courseId === row.courseId && each.startsAt < row.startsAt)
          for (const technique of techniques.get(each.id) ?? [])
            times[technique] = (times[technique] ?? 0) + 1;
      return [row.id, times];
    }),
  );
}

/** The techniques of the steps of what students make in each class, each once. */
async function techniquesOf(
  kitchenId: string,
  classes: readonly ClassRow[],
): Promise<ReadonlyMap<string, ReadonlySet<string>>> {
  const dishes = await new KitchenScope(ClassDishRow, kitchenId).find({
    attributes: ['classId', 'recipeId', 'maker'],
    where: { classId: { [Op.in]: classes.map(({ id }) => id) } },
  });
  const recipes = await new KitchenScope(RecipeRow, kitchenId).find({
    attributes: ['id', 'techniques'],
    where: { id: { [Op.in]: [...new Set(dishes.map(({ recipeId }) => recipeId))] } },
  });
  const ofRecipe = new Map(recipes.map(({ id, techniques }) => [id, techniques]));
  const found = new Map<string, Set<string>>();
  for (const { classId, recipeId, maker } of dishes) {
    if (!isMadeByStudents(maker as Maker)) continue;
    const known = found.get(classId) ?? new Set();
    for (const technique of ofRecipe.get(recipeId) ?? []) known.add(technique);
    found.set(classId, known);
  }
  return found;
}
