import { compositionProblem, nodeOf, type FindNode, type Recipe, type RecipeNode } from '@fornax/core';
import { Op } from 'sequelize';
import { RecipePartRow, RecipeRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';

/**
 * Why a recipe cannot be made of what its content names, in a sentence; null where it can: no loop, and
 * neither it nor what it is a part of larger than a recipe may be. The library must be locked.
 */
export async function problemOfParts(kitchenId: string, id: string, content: Recipe): Promise<string | null> {
  const parts = new KitchenScope(RecipePartRow, kitchenId);
  const own = nodeOf(content);
  const isAlone = own.parts.length === 0 && !(await parts.findOne({ where: { partId: id } }));
  const library = isAlone ? new Map<string, RecipeNode>() : await libraryOf(kitchenId);
  const find: FindNode = (each) => (each === id ? own : (library.get(each) ?? null));
  return compositionProblem(id, find, usersOf(id, library));
}

/** All recipes that are not deleted, by how large they are and what they are made of. */
async function libraryOf(kitchenId: string): Promise<Map<string, RecipeNode>> {
  const rows = await new KitchenScope(RecipeRow, kitchenId).find({
    attributes: ['id', 'title', 'lineCount', 'stepCount'],
    where: { deletedAt: null },
  });
  const parts = await new KitchenScope(RecipePartRow, kitchenId).find({ order: [['position', 'ASC']] });
  const partsOf = new Map<string, string[]>();
  for (const { recipeId, partId } of parts) partsOf.set(recipeId, [...(partsOf.get(recipeId) ?? []), partId]);
  return new Map(
    rows.map((row) => [
      row.id,
      {
        title: row.title,
        lines: row.lineCount,
        steps: row.stepCount,
        parts: partsOf.get(row.id) ?? [],
      },
    ]),
  );
}

/** The recipes that one is a part of, however far up. */
function usersOf(id: string, library: ReadonlyMap<string, RecipeNode>): string[] {
  const found = new Set<string>();
  let looked = [id];
  while (looked.length > 0) {
    const under = new Set(looked);
    looked = [...library]
      .filter(([user, { parts }]) => !found.has(user) && parts.some((part) => under.has(part)))
      .map(([user]) => user);
    for (const user of looked) found.add(user);
  }
  found.delete(id);
  return [...found];
}

/** The columns that tell of a content without its being read; those of a version. */
export function countsOf({ title, lines, steps }: Recipe) {
  return { title, lineCount: lines.length, stepCount: steps.length };
}

/** Those of a draft: what the list shows of it is worked out when it is next asked for. */
export function columnsOf(content: Recipe) {
  const techniques = [...new Set(content.steps.flatMap((step) => step.techniques))];
  return { ...countsOf(content), techniques, summary: null };
}

/** A change of a part shows in the rows of all it is a part of. */
export async function forgetSummaries(kitchenId: string, id: string): Promise<void> {
  const users = await usersAbove(kitchenId, id);
  if (users.length > 0)
    await new KitchenScope(RecipeRow, kitchenId).forgetDerived({ id: { [Op.in]: users } }, ['summary']);
}

async function usersAbove(kitchenId: string, id: string): Promise<string[]> {
  const found = new Set<string>();
  let looked = [id];
  while (looked.length > 0) {
    const rows = await new KitchenScope(RecipePartRow, kitchenId).find({
      where: { partId: { [Op.in]: looked } },
    });
    looked = [...new Set(rows.map(({ recipeId }) => recipeId))].filter((user) => !found.has(user));
    for (const user of looked) found.add(user);
  }
  return [...found];
}

/** Writes down what a recipe is made of. */
export async function writeParts(kitchenId: string, recipeId: string, content: Recipe): Promise<void> {
  const scope = new KitchenScope(RecipePartRow, kitchenId);
  await scope.destroy({ recipeId });
  for (const [position, partId] of nodeOf(content).parts.entries())
    await scope.create({ recipeId, position, partId });
}
