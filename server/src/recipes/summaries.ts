import { createHash } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { Injectable, Logger } from '@nestjs/common';
import type { RecipeSummary } from '@fornax/contract';
import type { KitchenFacts, Recipe } from '@fornax/core';
import { Op } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { holdLibrary, libraryChanges } from '../database/changes.js';
import { RecipeRow, type StoredSummary } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';
import { inTransaction } from '../database/transaction.js';
import { kitchenFacts } from '../kitchens/kitchen-facts.js';
import { Workers } from '../planning/workers.js';
import { wholeRecipes } from './library.js';
import { wayOfWorkingOut } from './summary.js';

/** Recipes that a thread works out at a time: others have their turn between. */
const atOnce = 20;
/** So many are waited for, and for so long; of more the list says meanwhile what it had. */
const mostWaitedFor = 40;
const waitedMilliseconds = 1000;
/** A library that changes while its rows are worked out is looked at again, so often in a row. */
const mostTries = 5;

/**
 * What the list shows of recipes: kept beside each, and worked out again on a thread where the recipe, a part
 * of it or the kitchen's larder has changed. One new name of a food is a new look at every recipe of a
 * kitchen, which nobody waits for.
 */
@Injectable()
export class Summaries {
  readonly #logger = new Logger('Summaries');
  readonly #underWay = new Map<string, Promise<void>>();

  constructor(
    private readonly sequelize: Sequelize,
    private readonly workers: Workers,
  ) {}

  /** The list's rows, by title; those that are old and many say so, and are worked out meanwhile. */
  async list(kitchenId: string): Promise<RecipeSummary[]> {
    const kitchen = await kitchenFacts(kitchenId);
    const made = basisOf(kitchen);
    const rows = await rowsOf(kitchenId);
    const old = rows.filter(({ summary }) => summary?.made !== made).length;
    if (old === 0) return rows.map((row) => viewOf(row, made));
    const renewing = this.#renew(kitchenId, kitchen, made);
    if (old > mostWaitedFor) return rows.map((row) => viewOf(row, made));
    await Promise.race([renewing, wait(waitedMilliseconds, undefined, { ref: false })]);
    return (await rowsOf(kitchenId)).map((row) => viewOf(row, made));
  }

  /** Works out what is old, once for all who ask. */
  #renew(kitchenId: string, kitchen: KitchenFacts, made: string): Promise<void> {
    const key = `${kitchenId} ${made}`;
    const known = this.#underWay.get(key);
    if (known) return known;
    const renewing = this.#workOut(kitchenId, kitchen, made)
      .catch((err: unknown) => this.#logger.error({ err }, 'Rows of the library could not be worked out.'))
      .finally(() => this.#underWay.delete(key));
    this.#underWay.set(key, renewing);
    return renewing;
  }

  async #workOut(kitchenId: string, kitchen: KitchenFacts, made: string): Promise<void> {
    const old = (await rowsOf(kitchenId)).filter(({ summary }) => summary?.made !== made);
    const ids = old.map(({ id }) => id as string);
    const basis = JSON.stringify(kitchen);
    for (let from = 0; from < ids.length; from += atOnce)
      for (let tries = 0; tries < mostTries; tries++)
        if (await this.#slice(kitchenId, ids.slice(from, from + atOnce), basis, made)) break;
  }

  /** Some rows; false where the library changed meanwhile, so that they may be wrong. */
  async #slice(kitchenId: string, ids: readonly string[], kitchen: string, made: string): Promise<boolean> {
    const before = await libraryChanges(kitchenId);
    const drafts = await new KitchenScope(RecipeRow, kitchenId).find({
      attributes: ['id', 'content'],
      where: { id: { [Op.in]: [...ids] }, deletedAt: null },
    });
    const recipes: Recipe[] = await wholeRecipes(kitchenId, drafts);
    const rows = await this.workers.ask(kitchenId, {
      kind: 'summaries',
      recipes: JSON.stringify(recipes),
      kitchen,
    });
    return inTransaction(this.sequelize, async () => {
      await holdLibrary(kitchenId);
      if ((await libraryChanges(kitchenId)) !== before) return false;
      await writeDown(
        kitchenId,
        drafts.map(({ id }, index) => [id as string, { made, row: rows[index]! }]),
      );
      return true;
    });
  }
}

function rowsOf(kitchenId: string): Promise<RecipeRow[]> {
  return new KitchenScope(RecipeRow, kitchenId).find({
    attributes: ['id', 'title', 'techniques', 'summary'],
    where: { deletedAt: null },
    order: [['title', 'ASC']],
  });
}

/** What was worked out last; of a recipe that never was, what its columns tell. */
function viewOf({ id, title, techniques, summary }: RecipeRow, made: string): RecipeSummary {
  const isRenewed = summary?.made !== made;
  return {
    id: id as string,
    ...(summary?.row ?? { ...unknown, title, techniques }),
    ...(isRenewed ? { isRenewed } : {}),
  };
}

const unknown: Omit<RecipeSummary, 'id' | 'title' | 'techniques'> = {
  kind: 'salad',
  serves: 0,
  portion: 'side',
  handsOnMinutes: 0,
  waitMinutes: 0,
  allergens: [],
  notKnown: [],
  diets: [],
  season: '',
  unread: 0,
};

/** Many rows in one statement: a library of thousands is worked out again after its larder has changed. */
async function writeDown(
  kitchenId: string,
  rows: readonly (readonly [string, StoredSummary])[],
): Promise<void> {
  if (rows.length === 0) return;
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
