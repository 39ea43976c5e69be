import { Injectable } from '@nestjs/common';
import type { LarderEntryDto, LarderEntryView, StockDto, StockView } from '@fornax/contract';
import { nameKeys, standardLarder } from '@fornax/core';
import { UniqueConstraintError } from 'sequelize';
import { v7 as uuid } from 'uuid';
import { ProblemException } from '../common/problem.js';
import { LarderEntryRow, StockRow } from '../database/models.js';
import { most, refuseMore } from '../database/most.js';
import { createIdempotently } from '../database/idempotent-create.js';
import { KitchenScope } from '../database/scope.js';
import { notFound, requireNotDeleted } from '../database/not-deleted.js';

/** A kitchen's own figures and ingredients, and what is in its cupboard. */
@Injectable()
export class LarderService {
  async list(kitchenId: string): Promise<LarderEntryView[]> {
    const rows = await new KitchenScope(LarderEntryRow, kitchenId).find({ order: [['ingredient', 'ASC']] });
    return rows.map(entryView);
  }

  /** Writes what the kitchen says of one ingredient; revision 0 where it has said nothing yet. */
  async put(
    kitchenId: string,
    ingredient: string,
    revision: number,
    input: LarderEntryDto,
  ): Promise<LarderEntryView> {
    if (!input.own && !standardLarder.ingredients.has(ingredient))
      throw new ProblemException(404, 'The larder has no such ingredient.');
    if (input.own && standardLarder.ingredients.has(ingredient))
      throw new ProblemException(
        422,
        'The larder has an ingredient of this name already: put your figures in its place.',
      );
    const scope = new KitchenScope(LarderEntryRow, kitchenId);
    const called = input.called ?? [];
    const entry = {
      ingredient,
      figures: { ...input.figures },
      own: input.own ? { ...input.own } : null,
      ...(called.length > 0 ? { called: [...called] } : {}),
      ...(input.mayContain?.length ? { mayContain: input.mayContain } : {}),
    };
    const saved =
      revision === 0
        ? await this.#create(scope, ingredient, entry)
        : await this.#update(scope, ingredient, revision, entry);
    if (!saved)
      throw new ProblemException(
        409,
        'Somebody else changed this ingredient meanwhile. Look at ' +
          'what stands now, and put your figure in again.',
        { current: await this.#find(scope, ingredient) },
      );
    await this.#takeFromOthers(scope, ingredient, called);
    return (await this.#find(scope, ingredient))!;
  }

  /** A name means one ingredient: where another had it, the one that was named last has it now. */
  async #takeFromOthers(
    scope: KitchenScope<LarderEntryRow>,
    ingredient: string,
    called: readonly string[],
  ): Promise<void> {
    const taken = new Set(called.flatMap(nameKeys));
    if (taken.size === 0) return;
    const leftOf = ({ entry: { called: names = [] } }: LarderEntryRow) =>
      names.filter((name) => !nameKeys(name).some((key) => taken.has(key)));
    for (const row of await scope.find({ order: [['id', 'ASC']] })) {
      if (row.ingredient === ingredient || leftOf(row).length === (row.entry.called ?? []).length) continue;
      await scope.changeHeld(row.id as string, (held) => ({
        entry: { ...held.entry, called: leftOf(held) },
      }));
    }
  }

  async #create(scope: KitchenScope<LarderEntryRow>, ingredient: string, entry: object): Promise<boolean> {
    await refuseMore(scope, most.larderEntries, 'figures of its own');
    try {
      await scope.create({ id: uuid(), ingredient, entry, revision: 1 });
      return true;
    } catch (error) {
      if (error instanceof UniqueConstraintError) return false;
      throw error;
    }
  }

  async #update(
    scope: KitchenScope<LarderEntryRow>,
    ingredient: string,
    revision: number,
    entry: object,
  ): Promise<boolean> {
    const row = await scope.findOne({ where: { ingredient } });
    return row !== null && scope.updateRevision(row.id, revision, { entry });
  }

  async #find(scope: KitchenScope<LarderEntryRow>, ingredient: string): Promise<LarderEntryView | null> {
    const row = await scope.findOne({ where: { ingredient } });
    return row && entryView(row);
  }

  async stock(kitchenId: string): Promise<StockView[]> {
    const rows = await new KitchenScope(StockRow, kitchenId).find({
      where: { deletedAt: null },
      order: [
        ['useBy', 'ASC'],
        ['ingredient', 'ASC'],
      ],
    });
    return rows.map(stockView);
  }

  /** Puts something in the cupboard. Sent twice with the same id, it is there once. */
  async addStock(kitchenId: string, input: StockDto): Promise<StockView> {
    const scope = new KitchenScope(StockRow, kitchenId);
    const row = await createIdempotently(
      () => scope.findOne({ where: { id: input.id } }),
      async () => {
        await refuseMore(scope, most.stock, 'rows in its cupboard', { deletedAt: null });
        return scope.create({ ...plain(input), revision: 1 });
      },
    );
    return stockView(requireNotDeleted(row, what));
  }

  async changeStock(kitchenId: string, id: string, revision: number, input: StockDto): Promise<StockView> {
    const scope = new KitchenScope(StockRow, kitchenId);
    requireNotDeleted(await scope.findOne({ where: { id } }), what);
    const saved = await scope.updateRevision(id, revision, { ...plain(input), id });
    const row = (await scope.findOne({ where: { id } }))!;
    if (!saved)
      throw new ProblemException(409, 'Somebody else changed this row meanwhile; look at what stands now.', {
        current: stockView(row),
      });
    return stockView(row);
  }

  async removeStock(kitchenId: string, id: string, isRestored = false): Promise<void> {
    const scope = new KitchenScope(StockRow, kitchenId);
    if ((await scope.count({ id })) === 0) throw notFound(what);
    await scope.markDeleted(id, isRestored ? null : new Date());
  }
}

const what = 'This row of the cupboard';

function entryView(row: LarderEntryRow): LarderEntryView {
  return { ...row.entry, revision: row.revision };
}

function stockView(row: StockRow): StockView {
  return {
    id: row.id,
    ingredient: row.ingredient,
    amount: row.amount,
    state: row.state,
    useBy: row.useBy,
    note: row.note,
    revision: row.revision,
  };
}

function plain({ id, ingredient, amount, state, useBy, note }: StockDto): Record<string, unknown> {
  return { id, ingredient, amount: { ...amount }, state, useBy: useBy ?? null, note };
}
