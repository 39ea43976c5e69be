import { Injectable } from '@nestjs/common';
import type { TechniqueNoteDto, TechniqueView } from '@fornax/contract';
import type { TechniqueNote } from '@fornax/core';
import { v7 as uuid } from 'uuid';
import { ProblemException } from '../common/problem.js';
import { RecipeRow, TechniqueRow } from '../database/models.js';
import { most, refuseMore } from '../database/most.js';
import { createIdempotently } from '../database/idempotent-create.js';
import { KitchenScope } from '../database/scope.js';
import { notFound, requireNotDeleted } from '../database/not-deleted.js';

type Users = ReadonlyMap<string, TechniqueView['usedBy']>;

/** Technique notes of a kitchen: edited under a revision, deleted so that it can be undone. */
@Injectable()
export class TechniquesService {
  async list(kitchenId: string): Promise<TechniqueView[]> {
    const rows = await new KitchenScope(TechniqueRow, kitchenId).find({ where: { deletedAt: null } });
    const users = await usersOf(kitchenId);
    return rows.map((row) => viewOf(row, users)).sort((a, b) => a.title.localeCompare(b.title, 'en'));
  }

  /** Adds a note under its own id. Sent twice, it is added once. */
  async create(kitchenId: string, input: TechniqueNoteDto): Promise<TechniqueView> {
    const scope = new KitchenScope(TechniqueRow, kitchenId);
    const find = () => scope.findOne({ where: { slug: input.id } });
    const row = await createIdempotently(find, async () => {
      await refuseMore(scope, most.techniques, 'technique notes');
      return scope.create({ id: uuid(), slug: input.id, note: plain(input), revision: 1 });
    });
    // A note is known by its name: one that was deleted is made again, with what is written now.
    const isMadeAgain = await scope.changeHeld(row.id as string, ({ deletedAt }) =>
      deletedAt ? { note: plain(input), deletedAt: null } : null,
    );
    return viewOf(isMadeAgain ? (await find())! : row, await usersOf(kitchenId));
  }

  async update(
    kitchenId: string,
    slug: string,
    revision: number,
    input: TechniqueNoteDto,
  ): Promise<TechniqueView> {
    const scope = new KitchenScope(TechniqueRow, kitchenId);
    const row = await this.#row(kitchenId, slug);
    const saved = await scope.updateRevision(row.id, revision, { note: { ...plain(input), id: slug } });
    const current = viewOf(await this.#row(kitchenId, slug), await usersOf(kitchenId));
    if (!saved)
      throw new ProblemException(
        409,
        'Somebody else changed this note meanwhile. Both versions are kept: choose which should stand.',
        { current },
      );
    return current;
  }

  /** Takes a note out, unless a step has it. */
  async remove(kitchenId: string, slug: string): Promise<void> {
    const row = await this.#row(kitchenId, slug);
    const users = (await usersOf(kitchenId)).get(slug) ?? [];
    if (users.length > 0)
      throw new ProblemException(
        409,
        `“${row.note.title}” is attached to steps of ` +
          `${users.map(({ title }) => `“${title}”`).join(', ')}. Take it off there first.`,
      );
    await new KitchenScope(TechniqueRow, kitchenId).markDeleted(row.id as string, new Date());
  }

  async restore(kitchenId: string, slug: string): Promise<void> {
    const scope = new KitchenScope(TechniqueRow, kitchenId);
    const row = await scope.findOne({ where: { slug } });
    if (!row) throw notFound(what);
    await scope.markDeleted(row.id as string, null);
  }

  async #row(kitchenId: string, slug: string): Promise<TechniqueRow> {
    return requireNotDeleted(
      await new KitchenScope(TechniqueRow, kitchenId).findOne({ where: { slug } }),
      what,
    );
  }
}

const what = 'This technique note';

async function usersOf(kitchenId: string): Promise<Users> {
  const recipes = await new KitchenScope(RecipeRow, kitchenId).find({
    attributes: ['id', 'title', 'techniques'],
    where: { deletedAt: null },
    order: [['title', 'ASC']],
  });
  const users = new Map<string, { id: string; title: string }[]>();
  for (const recipe of recipes) {
    for (const technique of recipe.techniques)
      users.set(technique, [...(users.get(technique) ?? []), { id: recipe.id, title: recipe.title }]);
  }
  return users;
}

function viewOf(row: TechniqueRow, users: Users): TechniqueView {
  return { ...row.note, revision: row.revision, usedBy: users.get(row.slug) ?? [] };
}

function plain(input: TechniqueNoteDto): TechniqueNote {
  return JSON.parse(JSON.stringify(input)) as TechniqueNote;
}
