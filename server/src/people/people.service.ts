import { Inject, Injectable, type OnModuleDestroy, type OnModuleInit } from '@nestjs/common';
import type { ErasedView, LastPeople } from '@fornax/contract';
import { foldedName } from '@fornax/core';
import { Op, type WhereOptions } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { momentIn } from '../common/clock.js';
import { Logger } from '../common/logger.js';
import { CONFIG, type ServerConfig } from '../config.js';
import { markChanged } from '../database/changes.js';
import { ClassRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';
import { notFound } from '../database/not-deleted.js';
import { inTransaction } from '../database/transaction.js';
import { kitchenFacts } from '../kitchens/kitchen-facts.js';
import { type Erasure, erasedOf, register } from './erasures.js';
import { isForgotten, withoutNotesOnPeople } from './forgetting.js';
import { nobodyNamed, type Personal, PeopleVault } from './people-vault.js';
import { digestOfName } from './sealing.js';

const sweepMilliseconds = 6 * 60 * 60 * 1000;
/** Days for which the record of changes is kept, sealed as it was (scripts/lib/binary-log.mjs). */
const recordDays = 14;
const day = 86_400_000;
/** Classes whose people are looked through at once. */
const classesAtOnce = 200;
const named = { roster: { [Op.ne]: nobodyNamed } } as unknown as WhereOptions<ClassRow>;

/** People of classes: those of the class before, and their erasing, on request and by itself. */
@Injectable()
export class PeopleService implements OnModuleInit, OnModuleDestroy {
  #timer: NodeJS.Timeout | null = null;

  constructor(
    private readonly sequelize: Sequelize,
    private readonly logger: Logger,
    private readonly vault: PeopleVault,
    @Inject(CONFIG) private readonly config: ServerConfig,
  ) {}

  onModuleInit(): void {
    const sweep = () =>
      void this.sweep().catch((err: unknown) =>
        this.logger.error({ err }, 'People whose time is over could not be erased.'),
      );
    sweep();
    this.#timer = setInterval(sweep, sweepMilliseconds).unref();
  }

  onModuleDestroy(): void {
    if (this.#timer) clearInterval(this.#timer);
  }

  async sweep(): Promise<void> {
    await this.sealOld();
    await this.forget();
  }

  /** Who came to the class before: of the same course first. Null where nobody was named. */
  async last(kitchenId: string, classId: string): Promise<LastPeople | null> {
    const scope = new KitchenScope(ClassRow, kitchenId);
    const row = await scope.findOne({ where: { id: classId, deletedAt: null } });
    if (!row) throw notFound('This class');
    const kitchen = await kitchenFacts(kitchenId);
    const before = await scope.find({
      where: {
        ...(named as object),
        deletedAt: null,
        startsAt: { [Op.lt]: row.startsAt },
        id: { [Op.ne]: classId },
      },
      order: [['startsAt', 'DESC']],
      limit: 20,
    });
    const kept = before.filter((each) => !isForgotten(each, kitchen));
    const found = kept.find(({ courseId }) => courseId !== null && courseId === row.courseId) ?? kept[0];
    return found ? { classTitle: found.title, roster: (await this.vault.openOne(found)).roster } : null;
  }

  /**
   * Erases somebody from every class of the kitchen, by name however it is written there. It is written down
   * first, by a digest, so that no backup that is put back brings them back.
   */
  async erase(kitchenId: string, name: string): Promise<ErasedView> {
    const wanted = foldedName(name);
    const at = new Date();
    for (const key of this.vault.all)
      await register(this.config.dataFolder, { kitchenId, digest: digestOfName(key, kitchenId, wanted), at });
    const found = await this.#erase(
      kitchenId,
      ({ roster }) => new Set(roster.filter((each) => foldedName(each.name) === wanted).map(({ id }) => id)),
    );
    return {
      ...found,
      recordedUntil: momentIn(recordDays * day)
        .toISOString()
        .slice(0, 10),
    };
  }

  /** Erases again whoever was erased before, of all kitchens: after a backup was put back. */
  async eraseAgain(erasures: readonly Erasure[]): Promise<{ classes: number; people: number }> {
    let [classes, people] = [0, 0];
    for (const kitchenId of new Set(erasures.map((each) => each.kitchenId)))
      await inTransaction(this.sequelize, async () => {
        const found = await this.#erase(kitchenId, ({ roster }) =>
          erasedOf(roster, kitchenId, this.vault, erasures),
        );
        if (found.classes > 0) await markChanged(kitchenId);
        classes += found.classes;
        people += found.people;
      });
    return { classes, people };
  }

  async #erase(
    kitchenId: string,
    goneOf: (personal: Personal) => ReadonlySet<string>,
  ): Promise<{ classes: number; people: number }> {
    const scope = new KitchenScope(ClassRow, kitchenId);
    let [classes, people] = [0, 0];
    for (const id of await this.#classesWith(scope, goneOf))
      await scope.changeHeld(id, async (row) => {
        // Somebody may have edited its people meanwhile: the class decides as it stands once it is held.
        const personal = await this.vault.openOne(row);
        const gone = goneOf(personal);
        if (gone.size === 0) return null;
        people += gone.size;
        classes += 1;
        const left = withoutPeople(personal, gone);
        return { ...(await this.vault.seal({ id: row.id as string, kitchenId }, left, { isRenewed: true })) };
      });
    return { classes, people };
  }

  /** The classes of a kitchen that have somebody of these. None is held for it: nobody's edit waits. */
  async #classesWith(
    scope: KitchenScope<ClassRow>,
    goneOf: (personal: Personal) => ReadonlySet<string>,
  ): Promise<string[]> {
    const found: string[] = [];
    for (let rows: ClassRow[] = []; ;) {
      const after = (rows.at(-1)?.id as string | undefined) ?? '';
      rows = await scope.find({
        attributes: ['id', 'kitchenId', 'roster', 'decisions'],
        where: { ...(named as object), id: { [Op.gt]: after } },
        order: [['id', 'ASC']],
        limit: classesAtOnce,
      });
      const [first] = rows;
      if (!first) return found;
      for (const [id, personal] of await this.vault.open(first.kitchenId, rows))
        if (goneOf(personal).size > 0) found.push(id);
    }
  }

  /** Erases the people of every class whose time is over; returns of how many classes. */
  async forget(now = new Date().getTime()): Promise<number> {
    const rows = await ClassRow.findAll({
      attributes: ['id', 'kitchenId', 'startsAt'],
      where: named,
      order: [['id', 'ASC']],
    });
    let classes = 0;
    for (const kitchenId of new Set(rows.map((row) => row.kitchenId))) {
      const kitchen = await kitchenFacts(kitchenId);
      const over = rows.filter((row) => row.kitchenId === kitchenId && isForgotten(row, kitchen, now));
      if (over.length === 0) continue;
      classes += await inTransaction(this.sequelize, async () => {
        const scope = new KitchenScope(ClassRow, kitchenId);
        let erased = 0;
        for (const { id } of over)
          // Its date may have been moved meanwhile: the class decides as it stands once it is held.
          erased += Number(
            await scope.changeHeld(id as string, async (row) => {
              if (!isForgotten(row, kitchen, now)) return null;
              const left = { roster: [], decisions: withoutNotesOnPeople(row.decisions) };
              return { ...(await this.vault.seal({ id: row.id as string, kitchenId }, left)) };
            }),
          );
        await markChanged(kitchenId);
        return erased;
      });
    }
    return classes;
  }

  /** Seals names that are kept open still, as before there were keys; their classes stay as they are. */
  async sealOld(): Promise<void> {
    const rows = await ClassRow.findAll({
      attributes: ['id', 'kitchenId'],
      where: { roster: { [Op.like]: '[{%' } },
    });
    for (const { id, kitchenId } of rows)
      await inTransaction(this.sequelize, () =>
        new KitchenScope(ClassRow, kitchenId).rewriteHeld(id as string, async (row) => ({
          ...(await this.vault.seal({ id: row.id as string, kitchenId }, await this.vault.openOne(row))),
        })),
      );
  }
}

/** What a class is without some of its people: nobody's friend is gone, and nothing is noted about them. */
function withoutPeople({ roster, decisions }: Personal, gone: ReadonlySet<string>): Personal {
  return {
    roster: roster
      .filter(({ id }) => !gone.has(id))
      .map((each) => ({ ...each, friends: each.friends.filter((id) => !gone.has(id)) })),
    decisions: withoutNotesOnPeople(decisions, (id) => gone.has(id.split(':')[0]!)),
  };
}
