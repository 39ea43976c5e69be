import { Injectable } from '@nestjs/common';
import {
  versionsAtOnce,
  type CreateRecipeDto,
  type RecipeSummary,
  type RecipeVersionView,
  type RecipeView,
  type UpdateRecipeDto,
} from '@fornax/contract';
import { quotedList, type Recipe, withActs } from '@fornax/core';
import { Op } from 'sequelize';
import { ProblemException } from '../common/problem.js';
import type { SessionContext } from '../common/session-context.js';
import { lockLibrary } from '../database/changes.js';
import { ClassDishRow, ClassRow, RecipePartRow, RecipeRow, RecipeVersionRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';
import { notFound, requireNotDeleted } from '../database/not-deleted.js';
import { most, refuseMore } from '../database/most.js';
import { createIdempotently } from '../database/idempotent-create.js';
import { columnsOf, forgetSummaries, problemOfParts, writeParts } from './composition.js';
import { wholeRecipes } from './library.js';
import { Summaries } from './summaries.js';
import { versionOfDraft } from './versions.js';

/** Recipes of a kitchen: their drafts, saved under a revision, and deletion that can be undone. */
@Injectable()
export class RecipesService {
  constructor(private readonly summaries: Summaries) {}

  list(kitchenId: string): Promise<RecipeSummary[]> {
    return this.summaries.list(kitchenId);
  }

  async get(kitchenId: string, id: string): Promise<RecipeView> {
    const row = await this.#row(kitchenId, id);
    return this.#view(row);
  }

  /** Makes a recipe. Sent twice with the same id, it is made once. */
  async create(kitchenId: string, input: CreateRecipeDto): Promise<RecipeView> {
    await lockLibrary(kitchenId);
    const scope = new KitchenScope(RecipeRow, kitchenId);
    const { id } = input;
    const row = await createIdempotently(
      () => scope.findOne({ where: { id } }),
      async () => {
        await refuseMore(scope, most.recipes, 'recipes', { deletedAt: null });
        const content = plain(input.content);
        await refuseParts(kitchenId, id, content);
        const made = await scope.create({ id, revision: 1, content, ...columnsOf(content) });
        await writeParts(kitchenId, id, content);
        return made;
      },
    );
    return this.#view(requireNotDeleted(row, what));
  }

  async update(kitchenId: string, id: string, revision: number, input: UpdateRecipeDto): Promise<RecipeView> {
    await lockLibrary(kitchenId);
    await this.#row(kitchenId, id);
    const content = plain(input.content);
    await refuseParts(kitchenId, id, content);
    const values = { content, ...columnsOf(content) };
    const saved = await new KitchenScope(RecipeRow, kitchenId).updateRevision(id, revision, values);
    if (saved) {
      await writeParts(kitchenId, id, content);
      await forgetSummaries(kitchenId, id);
    }
    const current = await this.get(kitchenId, id);
    if (!saved)
      throw new ProblemException(
        409,
        'Somebody else changed this recipe meanwhile. Both versions are kept: choose which should stand.',
        { current },
      );
    return current;
  }

  /** Takes a recipe out of the library, unless a class that is not deleted uses it. */
  async remove(kitchenId: string, id: string): Promise<void> {
    await lockLibrary(kitchenId);
    const scope = new KitchenScope(RecipeRow, kitchenId);
    const row = requireNotDeleted(await scope.findOne({ where: { id }, lock: true }), what);
    const classes = (await classesUsing(kitchenId, id)).map(({ title }) => title);
    if (classes.length > 0)
      throw new ProblemException(
        409,
        `“${row.title}” is on the menu of ${quotedList(classes, 4)}. Take it off there first.`,
      );
    const users = await new KitchenScope(RecipePartRow, kitchenId).find({ where: { partId: id } });
    const parents = await scope.find({
      attributes: ['title'],
      where: { id: { [Op.in]: users.map(({ recipeId }) => recipeId) }, deletedAt: null },
    });
    if (parents.length > 0) {
      const titles = quotedList(
        parents.map(({ title }) => title),
        4,
      );
      throw new ProblemException(409, `“${row.title}” is a part of ${titles}. Take it out there first.`);
    }
    await scope.markDeleted(id, new Date());
  }

  async restore(kitchenId: string, id: string): Promise<RecipeView> {
    await lockLibrary(kitchenId);
    const scope = new KitchenScope(RecipeRow, kitchenId);
    const row = await scope.findOne({ where: { id } });
    if (!row) throw notFound(what);
    if (row.deletedAt) {
      const problem = await problemOfParts(kitchenId, id, row.content);
      if (problem) throw new ProblemException(409, problem);
      await scope.markDeleted(id, null);
      await scope.forgetDerived({ id }, ['summary']);
      await forgetSummaries(kitchenId, id);
    }
    return this.#view(row);
  }

  /** The newest versions, or those before one, newest first, with who cut each and why. */
  async versions(kitchenId: string, id: string, before?: number): Promise<RecipeVersionView[]> {
    await this.#row(kitchenId, id);
    const rows = await new KitchenScope(RecipeVersionRow, kitchenId).find({
      where: { recipeId: id, ...(before === undefined ? {} : { number: { [Op.lt]: before } }) },
      order: [['number', 'DESC']],
      limit: versionsAtOnce,
    });
    return rows.map((row) => ({
      number: row.number,
      at: row.madeAt?.toISOString() ?? '',
      by: row.madeBy,
      note: row.note,
      content: row.content,
    }));
  }

  /** Keeps the draft as a version; where the newest holds it already, that one is meant. */
  async keepVersion(session: SessionContext, id: string, note: string): Promise<RecipeVersionView[]> {
    const scope = new KitchenScope(RecipeRow, session.kitchenId);
    const row = requireNotDeleted(await scope.findOne({ where: { id }, lock: true }), what);
    await versionOfDraft(row, { by: session.accountName, note });
    return this.versions(session.kitchenId, id);
  }

  async #row(kitchenId: string, id: string): Promise<RecipeRow> {
    return requireNotDeleted(await new KitchenScope(RecipeRow, kitchenId).findOne({ where: { id } }), what);
  }

  async #view(row: RecipeRow): Promise<RecipeView> {
    const [whole] = await wholeRecipes(row.kitchenId, [row]);
    return {
      id: row.id,
      revision: row.revision,
      content: row.content,
      whole: whole!,
      usedBy: await classesUsing(row.kitchenId, row.id),
    };
  }
}

const what = 'This recipe';
/** Classes that are named as using a recipe, at most: the latest. */
const mostUsers = 50;

async function classesUsing(kitchenId: string, recipeId: string): Promise<{ id: string; title: string }[]> {
  const dishes = await new KitchenScope(ClassDishRow, kitchenId).find({
    attributes: ['classId'],
    where: { recipeId },
  });
  const classes = await new KitchenScope(ClassRow, kitchenId).find({
    where: { id: { [Op.in]: [...new Set(dishes.map((dish) => dish.classId))] }, deletedAt: null },
    attributes: ['id', 'title'],
    order: [['startsAt', 'DESC']],
    limit: mostUsers,
  });
  return classes.map(({ id, title }) => ({ id, title }));
}

/** DTO instances as plain data, with what was left out as null; the steps with their acts. */
function plain(content: Recipe): Recipe {
  return withActs(JSON.parse(JSON.stringify(content)) as Recipe);
}

async function refuseParts(kitchenId: string, id: string, content: Recipe): Promise<void> {
  const sentence = await problemOfParts(kitchenId, id, content);
  if (sentence)
    throw new ProblemException(422, sentence, { errors: [{ field: 'content.components', sentence }] });
}
