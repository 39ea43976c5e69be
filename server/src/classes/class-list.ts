import { mostComing, pastAtOnce, type ClassesQuery, type ClassSummary } from '@fornax/contract';
import { splitStations, type ClassPlan } from '@fornax/core';
import { Op, type WhereOptions } from 'sequelize';
import { momentBefore } from '../common/clock.js';
import { ClassDishRow, ClassRow, RecipeVersionRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';

/** A class is still today's until this long after its start. */
const dayInMilliseconds = 86_400_000;

/** A class as the list shows it, before its plan is looked at. */
export type ListedClass = Omit<ClassSummary, 'nextJob' | 'jobs' | 'toDecide' | 'isBeingPlanned'>;

/** What a plan tells the list. */
export interface PlanGlance {
  readonly jobs: ClassPlan['jobs'];
  readonly toDecide: number;
}

/** Classes by their start, and the place before which there are more. */
export interface ClassPage {
  readonly rows: readonly ClassRow[];
  readonly earlier: string | null;
}

/** The local time from which a class counts as coming, "2026-11-25T12:00": zones are up to a day apart. */
export function recently(): string {
  return momentBefore(dayInMilliseconds).toISOString().slice(0, 16);
}

/** All that is coming and the last of the past; or what is before a place; or has a text in its title. */
export async function pageOfClasses(kitchenId: string, asked: ClassesQuery): Promise<ClassPage> {
  if (asked.find !== undefined) return { rows: await titled(kitchenId, asked.find), earlier: null };
  if (asked.before !== undefined) return past(kitchenId, beforePlace(asked.before));
  const recent = recently();
  const coming = await new KitchenScope(ClassRow, kitchenId).find({
    where: { deletedAt: null, startsAt: { [Op.gte]: recent } },
    order: byStart('ASC'),
    limit: mostComing,
  });
  const { rows, earlier } = await past(kitchenId, { startsAt: { [Op.lt]: recent } });
  return { rows: [...rows, ...coming], earlier };
}

async function past(kitchenId: string, where: WhereOptions<ClassRow>): Promise<ClassPage> {
  const rows = await new KitchenScope(ClassRow, kitchenId).find({
    where: { deletedAt: null, ...(where as object) },
    order: byStart('DESC'),
    limit: pastAtOnce + 1,
  });
  const shown = rows.slice(0, pastAtOnce).reverse();
  return { rows: shown, earlier: rows.length > pastAtOnce ? placeOf(shown[0]!) : null };
}

function titled(kitchenId: string, text: string): Promise<ClassRow[]> {
  const like = text.replace(/[\\%_]/g, '\\$&');
  return new KitchenScope(ClassRow, kitchenId).find({
    where: { deletedAt: null, title: { [Op.like]: `%${like}%` } },
    order: byStart('DESC'),
    limit: pastAtOnce,
  });
}

const byStart = (way: 'ASC' | 'DESC'): [string, string][] => [
  ['startsAt', way],
  ['id', way],
];

function placeOf({ startsAt, id }: ClassRow): string {
  return `${startsAt},${id}`;
}

function beforePlace(place: string): WhereOptions<ClassRow> {
  const [startsAt, id] = place.split(',') as [string, string];
  return {
    [Op.or]: [{ startsAt: { [Op.lt]: startsAt } }, { startsAt, id: { [Op.lt]: id } }],
  } as WhereOptions<ClassRow>;
}

/** What the list shows of classes; no recipe is read for it. */
export async function listedClasses(kitchenId: string, rows: readonly ClassRow[]): Promise<ListedClass[]> {
  const titles = await titlesOfDishes(kitchenId, rows);
  return rows.map((row) => ({
    id: row.id,
    title: row.title,
    startsAt: row.startsAt,
    zone: row.zone,
    lengthMinutes: row.lengthMinutes,
    people: row.people,
    stations: splitStations(row.people, row.peoplePerStation).sizes.length,
    courseId: row.courseId,
    dishes: titles.get(row.id) ?? [],
  }));
}

async function titlesOfDishes(
  kitchenId: string,
  rows: readonly ClassRow[],
): Promise<ReadonlyMap<string, readonly string[]>> {
  const dishes = await new KitchenScope(ClassDishRow, kitchenId).find({
    attributes: ['classId', 'recipeId', 'version'],
    where: { classId: { [Op.in]: rows.map(({ id }) => id) } },
    order: [['position', 'ASC']],
  });
  const versions = await new KitchenScope(RecipeVersionRow, kitchenId).find({
    attributes: ['recipeId', 'number', 'title'],
    where: { recipeId: { [Op.in]: [...new Set(dishes.map(({ recipeId }) => recipeId))] } },
  });
  const titleOf = new Map(versions.map((each) => [`${each.recipeId} ${each.number}`, each.title]));
  const titles = new Map<string, string[]>();
  for (const { classId, recipeId, version } of dishes)
    titles.set(classId, [...(titles.get(classId) ?? []), titleOf.get(`${recipeId} ${version}`) ?? '']);
  return titles;
}
