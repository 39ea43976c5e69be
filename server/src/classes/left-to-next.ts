import type { ClassFacts } from '@fornax/core';
import { Op } from 'sequelize';
import { ClassDishRow, ClassRow, RecipeRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';

/** Of a course that has gone on for longer, its last classes are looked at. */
const mostEarlier = 40;

type LeftToIt = NonNullable<ClassFacts['leftToIt']>;

/**
 * What the class before each of some classes in its course left to it: dishes whose long wait is ended there.
 * Three queries in all, and none where no class is of a course.
 */
export async function leftToNext(
  kitchenId: string,
  rows: readonly ClassRow[],
): Promise<ReadonlyMap<string, LeftToIt>> {
  const courses = [...new Set(rows.flatMap(({ courseId }) => courseId ?? []))];
  if (courses.length === 0) return new Map();
  const latest = rows.reduce((last, { startsAt }) => (startsAt > last ? startsAt : last), '');
  const classes = await new KitchenScope(ClassRow, kitchenId).find({
    attributes: ['id', 'courseId', 'startsAt', 'title'],
    where: { deletedAt: null, courseId: { [Op.in]: courses }, startsAt: { [Op.lt]: latest } },
    order: [['startsAt', 'DESC']],
    limit: mostEarlier,
  });
  const before = new Map(
    rows.flatMap((row) => {
      const last = classes.find((each) => each.courseId === row.courseId && each.startsAt < row.startsAt);
      return row.courseId && last ? [[row.id, last] as const] : [];
    }),
  );
  const dishes = await new KitchenScope(ClassDishRow, kitchenId).find({
    attributes: ['classId', 'recipeId', 'making', 'position'],
    where: { classId: { [Op.in]: [...before.values()].map(({ id }) => id) } },
    order: [['position', 'ASC']],
  });
  const left = dishes.filter(({ making }) => making.longWait === 'next class');
  if (left.length === 0) return new Map();
  const recipes = await new KitchenScope(RecipeRow, kitchenId).find({
    attributes: ['id', 'title'],
    where: { id: { [Op.in]: left.map(({ recipeId }) => recipeId) } },
  });
  const titles = new Map(recipes.map(({ id, title }) => [id, title]));
  return new Map(
    [...before].map(([id, last]) => [
      id,
      left
        .filter(({ classId }) => classId === last.id)
        .map(({ recipeId }) => ({ dishTitle: titles.get(recipeId) ?? '', classTitle: last.title })),
    ]),
  );
}
