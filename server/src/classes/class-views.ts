import { Injectable } from '@nestjs/common';
import type { ClassView } from '@fornax/contract';
import { decisionsOf, type Maker, type Portion, type Recipe } from '@fornax/core';
import { Op } from 'sequelize';
import { ClassDishRow, RecipeRow, RecipeVersionRow, type ClassRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';
import { kitchenFacts } from '../kitchens/kitchen-facts.js';
import { isForgotten } from '../people/forgetting.js';
import { PeopleVault } from '../people/people-vault.js';
import { leftToNext } from './left-to-next.js';
import { practisedBefore } from './practised.js';
import { wholeRecipes } from '../recipes/library.js';
import { isSameContent } from '../recipes/versions.js';

/**
 * Puts together what a class is made of: its row, its dishes with the recipe versions they use, and the
 * kitchen.
 */
@Injectable()
export class ClassViews {
  constructor(private readonly vault: PeopleVault) {}

  async of(row: ClassRow): Promise<ClassView> {
    return (await this.ofMany([row]))[0]!;
  }

  /** Several classes of one kitchen with a few queries in all. */
  async ofMany(rows: readonly ClassRow[]): Promise<ClassView[]> {
    const kitchenId = rows[0]?.kitchenId;
    if (!kitchenId) return [];
    const kitchen = await kitchenFacts(kitchenId);
    const dishes = await new KitchenScope(ClassDishRow, kitchenId).find({
      where: { classId: { [Op.in]: rows.map(({ id }) => id) } },
      order: [['position', 'ASC']],
    });
    const recipeIds = [...new Set(dishes.map((dish) => dish.recipeId))];
    const { known, used } = await versionsOf(kitchenId, recipeIds, dishes);
    const newestNumber = new Map(known.map((version) => [version.recipeId, version.number]));
    const drafts = await new KitchenScope(RecipeRow, kitchenId).find({
      where: { id: { [Op.in]: recipeIds } },
    });
    const practised = await practisedBefore(kitchenId, rows);
    const left = await leftToNext(kitchenId, rows);
    const newest = await newestOf(kitchenId, drafts, used);
    const people = await this.vault.open(kitchenId, rows);
    return rows.map((row) => ({
      id: row.id,
      revision: row.revision,
      courseId: row.courseId,
      title: row.title,
      startsAt: row.startsAt,
      zone: row.zone,
      lengthMinutes: row.lengthMinutes,
      place: row.place,
      people: row.people,
      peoplePerStation: row.peoplePerStation,
      assistants: row.assistants,
      demonstrationPlates: row.demonstrationPlates,
      decisions: decisionsOf({ decisions: people.get(row.id as string)!.decisions }),
      roster: isForgotten(row, kitchen) ? [] : people.get(row.id as string)!.roster,
      practised: practised.get(row.id) ?? {},
      leftToIt: left.get(row.id) ?? [],
      kitchen,
      dishes: dishes
        .filter((dish) => dish.classId === row.id)
        .map((dish) => dishView(dish, used, newestNumber.get(dish.recipeId)!, newest)),
    }));
  }
}

/** Which versions there are, and the contents of those that dishes use: no other is read. */
async function versionsOf(
  kitchenId: string,
  recipeIds: readonly string[],
  dishes: readonly ClassDishRow[],
): Promise<{ known: RecipeVersionRow[]; used: RecipeVersionRow[] }> {
  const scope = new KitchenScope(RecipeVersionRow, kitchenId);
  const known = await scope.find({
    attributes: ['id', 'recipeId', 'number'],
    where: { recipeId: { [Op.in]: recipeIds } },
    order: [['number', 'ASC']],
  });
  const isUsed = new Set(dishes.map((dish) => `${dish.recipeId} ${dish.version}`));
  const ids = known.filter((each) => isUsed.has(`${each.recipeId} ${each.number}`)).map(({ id }) => id);
  const used = await scope.find({
    attributes: ['recipeId', 'number', 'content'],
    where: { id: { [Op.in]: ids } },
  });
  return { known, used };
}

/**
 * Drafts by recipe, written out, but for those that stand word for word in a version that is used: most do,
 * and are not read.
 */
async function newestOf(
  kitchenId: string,
  drafts: readonly RecipeRow[],
  used: readonly RecipeVersionRow[],
): Promise<ReadonlyMap<string, Recipe>> {
  const texts = (recipeId: string) =>
    used.filter((version) => version.recipeId === recipeId).map((version) => textOf(version));
  const other = drafts.filter(
    (draft) => draft.deletedAt === null && texts(draft.id).some((text) => text !== textOf(draft)),
  );
  const wholes = await wholeRecipes(kitchenId, other);
  return new Map(other.map(({ id }, index) => [id, wholes[index]!]));
}

/** The content as it is stored, not parsed. */
function textOf(row: RecipeRow | RecipeVersionRow): unknown {
  return row.getDataValue('content');
}

function dishView(
  dish: ClassDishRow,
  versions: readonly RecipeVersionRow[],
  newestVersion: number,
  newest: ReadonlyMap<string, Recipe>,
): ClassView['dishes'][number] {
  const used = versions.find(
    (version) => version.recipeId === dish.recipeId && version.number === dish.version,
  );
  const draft = newest.get(dish.recipeId);
  if (!used) throw new Error(`Version ${dish.version} of recipe ${dish.recipeId} is missing.`);
  const draftDiffers = draft !== undefined && !isSameContent(draft, used.content);
  return {
    id: dish.id,
    recipeId: dish.recipeId,
    version: dish.version,
    portion: dish.portion as Portion,
    maker: dish.maker as Maker,
    recipe: used.content,
    choices: dish.choices,
    making: dish.making ?? {},
    newestVersion,
    draftDiffers,
    newest: draftDiffers ? draft! : null,
  };
}
