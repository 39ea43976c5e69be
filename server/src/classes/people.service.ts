import { Injectable, type OnModuleDestroy, type OnModuleInit } from '@nestjs/common';
import type { ErasedView, LastPeople } from '@fornax/contract';
import { Op, type WhereOptions } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { Logger } from '../common/logger.js';
import { markChanged } from '../database/changes.js';
import { ClassRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';
import { notHere } from '../database/standing.js';
import { inTransaction } from '../database/transaction.js';
import { kitchenFacts } from '../kitchens/kitchen-facts.js';
import { isForgotten, withoutNotesOnPeople } from './forgetting.js';

const sweepMilliseconds = 6 * 60 * 60 * 1000;
const named = { roster: { [Op.ne]: '[]' } } as unknown as WhereOptions<ClassRow>;

/** People of classes: those of the class before, and their erasing, on request and by itself. */
@Injectable()
export class PeopleService implements OnModuleInit, OnModuleDestroy {
  #timer: NodeJS.Timeout | null = null;

  constructor(
    private readonly sequelize: Sequelize,
    private readonly logger: Logger,
  ) {}

  onModuleInit(): void {
    const sweep = () =>
      void this.forget().catch((err: unknown) =>
        this.logger.error({ err }, 'People whose time is over could not be erased.'),
      );
    sweep();
    this.#timer = setInterval(sweep, sweepMilliseconds).unref();
  }

  onModuleDestroy(): void {
    if (this.#timer) clearInterval(this.#timer);
  }

  /** Who came to the class before: of the same course first. Null where nobody was named. */
  async last(kitchenId: string, classId: string): Promise<LastPeople | null> {
    const scope = new KitchenScope(ClassRow, kitchenId);
    const row = await scope.findOne({ where: { id: classId, deletedAt: null } });
    if (!row) throw notHere('This class');
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
    return found ? { classTitle: found.title, roster: found.roster } : null;
  }

  /** Erases somebody from every class of the kitchen, by name as it is written there. */
  async erase(kitchenId: string, name: string): Promise<ErasedView> {
    const wanted = plain(name);
    const scope = new KitchenScope(ClassRow, kitchenId);
    let people = 0;
    let classes = 0;
    for (const { id } of await scope.find({ attributes: ['id'], where: named, order: [['id', 'ASC']] })) {
      let found = 0;
      await scope.changeHeld(id as string, (row) => {
        const gone = new Set(row.roster.filter((each) => plain(each.name) === wanted).map((each) => each.id));
        found = gone.size;
        return found > 0 ? withoutPeople(row, gone) : null;
      });
      people += found;
      classes += Number(found > 0);
    }
    return { classes, people };
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
            await scope.changeHeld(id as string, (row) =>
              isForgotten(row, kitchen, now)
                ? { roster: [], decisions: withoutNotesOnPeople(row.decisions) }
                : null,
            ),
          );
        await markChanged(kitchenId);
        return erased;
      });
    }
    return classes;
  }
}

/** What a class is without some of its people: nobody's friend is gone, and nothing is noted about them. */
function withoutPeople({ roster, decisions }: ClassRow, gone: ReadonlySet<string>): Record<string, unknown> {
  return {
    roster: roster
      .filter(({ id }) => !gone.has(id))
      .map((each) => ({ ...each, friends: each.friends.filter((id) => !gone.has(id)) })),
    decisions: withoutNotesOnPeople(decisions, (id) => gone.has(id.split(':')[0]!)),
  };
}

const plain = (name: string) => name.trim().toLowerCase().replace(/\s+/g, ' ');
