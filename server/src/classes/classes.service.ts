import { Injectable } from '@nestjs/common';
import type { ClassesQuery, ClassSummary, ClassView, CreateClassDto, UpdateClassDto } from '@fornax/contract';
import { Op } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import type { ClassBundle, ClassNeeds, ClassPlan } from '@fornax/core';
import { ProblemException } from '../common/problem.js';
import type { SessionContext } from '../common/session-context.js';
import { ClassRow, KitchenRow } from '../database/models.js';
import { createIdempotently } from '../database/idempotent-create.js';
import { KitchenScope } from '../database/scope.js';
import { notFound, requireNotDeleted } from '../database/not-deleted.js';
import { inTransaction } from '../database/transaction.js';
import { nobodyNamed, PeopleVault } from '../people/people-vault.js';
import { Planner, type PlanInTime } from '../planning/planner.js';
import { listedClasses, pageOfClasses, recently } from './class-list.js';
import { ClassViews } from './class-views.js';
import { writeMenu } from './menu.js';
import { NeedsOfClasses } from './class-needs.js';
import { PlanGlances, stockOf } from './plan-glances.js';
import { todayIn } from './plan-stamps.js';

/** How many coming classes are planned for the list; of the rest it shows what is known. */
const plannedInList = 12;

/** Classes of a kitchen: written under a revision, planned by core, deleted so that it can be undone. */
@Injectable()
export class ClassesService {
  constructor(
    private readonly sequelize: Sequelize,
    private readonly views: ClassViews,
    private readonly glances: PlanGlances,
    private readonly needsOfClasses: NeedsOfClasses,
    private readonly planner: Planner,
    private readonly vault: PeopleVault,
  ) {}

  /** `isForNow` where a plan of it is still being bettered, or could not be made just now. */
  async list(
    { kitchenId }: Pick<SessionContext, 'kitchenId'>,
    asked: ClassesQuery = {},
  ): Promise<{ classes: ClassSummary[]; earlier: string | null; isForNow: boolean }> {
    const { rows, earlier } = await pageOfClasses(kitchenId, asked);
    const recent = recently();
    const coming = asked.find === undefined ? rows.filter(({ startsAt }) => startsAt >= recent) : [];
    const glances = await this.glances.of(coming, plannedInList);
    const now = new Date().toISOString();
    const mayBePlanned = new Set<unknown>(coming.map(({ id }) => id));
    const classes = (await listedClasses(kitchenId, rows)).map((listed) => {
      const glance = glances.get(listed.id);
      return {
        ...listed,
        ...jobsFrom(now, glance?.jobs ?? []),
        toDecide: glance?.toDecide ?? (mayBePlanned.has(listed.id) ? null : 0),
        isBeingPlanned: glance?.state === 'being planned',
      };
    });
    const isForNow = [...glances.values()].some(({ state }) => state !== 'best');
    return { classes, earlier, isForNow };
  }

  async get(kitchenId: string, id: string): Promise<ClassView> {
    return this.views.of(await this.#row(kitchenId, id));
  }

  async plan(kitchenId: string, id: string): Promise<PlanInTime> {
    return this.planner.best(await this.bundle(kitchenId, id), kitchenId);
  }

  /** A class with all that its plan is made of. */
  async bundle(kitchenId: string, id: string): Promise<ClassBundle> {
    const view = await this.get(kitchenId, id);
    return {
      class: view,
      kitchen: view.kitchen,
      today: todayIn(view.zone),
      ...(await this.#around(kitchenId, view)),
    };
  }

  /** What coming classes want of each ingredient, so that left-overs find a use. */
  async needs(kitchenId: string, open?: ClassView): Promise<ClassNeeds[]> {
    const rows = await new KitchenScope(ClassRow, kitchenId).find({
      where: { deletedAt: null, startsAt: { [Op.gte]: recently() } },
      order: [['startsAt', 'ASC']],
      limit: plannedInList,
    });
    return this.needsOfClasses.of(kitchenId, rows, open);
  }

  /** What stands in the cupboard, and the classes that are bought for together or could use what is left. */
  async #around(
    kitchenId: string,
    view: ClassView,
  ): Promise<Pick<ClassBundle, 'stock' | 'others' | 'together'>> {
    const stock = await stockOf(kitchenId);
    const { together: ids } = view.decisions;
    const together =
      ids.length === 0
        ? []
        : await new KitchenScope(ClassRow, kitchenId).find({
            where: { deletedAt: null, id: { [Op.in]: [...ids] } },
          });
    return { stock, others: await this.needs(kitchenId, view), together: await this.views.ofMany(together) };
  }

  /** Makes a class. Sent twice with the same id, it is made once. */
  async create(kitchenId: string, input: CreateClassDto): Promise<ClassView> {
    const kitchen = await KitchenRow.findByPk(kitchenId, { rejectOnEmpty: true });
    const { dishes, ...fields } = input;
    const usual = {
      courseId: null,
      zone: kitchen.facts.zone,
      lengthMinutes: 120,
      place: '',
      people: 8,
      peoplePerStation: 4,
      assistants: 0,
      demonstrationPlates: 2,
    };
    const scope = new KitchenScope(ClassRow, kitchenId);
    const find = () => scope.findOne({ where: { id: input.id } });
    const row = await createIdempotently(find, () =>
      inTransaction(this.sequelize, async () => {
        const { roster = [], decisions = {}, ...plain } = fields;
        const values = { ...usual, ...plain, roster: nobodyNamed, decisions: {}, revision: 1 };
        const created = await scope.create(values);
        // Its key stands beside the class, so the class comes first.
        await scope.rewriteHeld(created.id as string, async (held) => ({
          ...(await this.vault.seal({ id: held.id as string, kitchenId }, { roster, decisions })),
        }));
        await writeMenu(created, dishes ?? []);
        return (await find())!;
      }),
    );
    return this.views.of(requireNotDeleted(row, what));
  }

  async update(kitchenId: string, id: string, revision: number, input: UpdateClassDto): Promise<ClassView> {
    const { dishes, ...fields } = input;
    const saved = await inTransaction(this.sequelize, async () => {
      // Held, as its people are sealed with a key that stands in a row of its own.
      const scope = new KitchenScope(ClassRow, kitchenId);
      const row = requireNotDeleted(await scope.findOne({ where: { id }, lock: true }), what);
      const values = { ...fields, ...(await this.#sealed(row, fields)) };
      if (!(await scope.updateRevision(id, revision, values))) return false;
      if (dishes) await writeMenu(row, dishes);
      return true;
    });
    const current = await this.get(kitchenId, id);
    if (!saved)
      throw new ProblemException(
        409,
        'Somebody else changed this class meanwhile. Both versions are kept: choose which should stand.',
        { current },
      );
    return current;
  }

  /** The columns of people and decisions, where one is changed: notes on people are sealed with them. */
  async #sealed(row: ClassRow, { roster, decisions }: UpdateClassDto): Promise<object> {
    if (roster === undefined && decisions === undefined) return {};
    const before = await this.vault.openOne(row);
    const after = {
      roster: roster ?? before.roster,
      decisions: decisions ?? before.decisions,
    };
    return this.vault.seal({ id: row.id as string, kitchenId: row.kitchenId }, after);
  }

  async remove(kitchenId: string, id: string): Promise<void> {
    await this.#row(kitchenId, id);
    await new KitchenScope(ClassRow, kitchenId).markDeleted(id, new Date());
  }

  async restore(kitchenId: string, id: string): Promise<ClassView> {
    const scope = new KitchenScope(ClassRow, kitchenId);
    await scope.markDeleted(id, null);
    const row = await scope.findOne({ where: { id } });
    if (!row) throw notFound(what);
    return this.views.of(row);
  }

  async #row(kitchenId: string, id: string): Promise<ClassRow> {
    return requireNotDeleted(await new KitchenScope(ClassRow, kitchenId).findOne({ where: { id } }), what);
  }
}

const what = 'This class';

/** Jobs of one class that the list of all shows. */
const mostJobs = 12;

function jobsFrom(now: string, jobs: ClassPlan['jobs']): Pick<ClassSummary, 'nextJob' | 'jobs'> {
  const coming = jobs.filter((job) => job.at > now);
  return { nextJob: coming[0] ?? null, jobs: coming.slice(0, mostJobs) };
}
