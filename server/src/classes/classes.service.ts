import { Injectable, Logger } from '@nestjs/common';
import type { ClassSummary, ClassView, CreateClassDto, UpdateClassDto } from '@fornax/contract';
import { Op } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import {
  type ClassBundle,
  type ClassNeeds,
  type ClassPlan,
  type LocalDate,
  splitStations,
} from '@fornax/core';
import { ProblemException } from '../common/problem.js';
import { ClassRow, KitchenRow, StockRow } from '../database/models.js';
import { makeOnce } from '../database/once.js';
import { KitchenScope } from '../database/scope.js';
import { notHere, standing } from '../database/standing.js';
import { inTransaction } from '../database/transaction.js';
import { Planner } from '../planning/planner.js';
import { ClassViews } from './class-views.js';
import { writeMenu } from './menu.js';

/** How many coming classes are planned for the list; the rest show their date only. */
const plannedInList = 12;
/** A class is still today's until this long after its start. */
const dayInMilliseconds = 86_400_000;

/** Classes of a kitchen: written under a revision, planned by core, deleted so that it can be undone. */
@Injectable()
export class ClassesService {
  readonly #logger = new Logger(ClassesService.name);

  constructor(
    private readonly sequelize: Sequelize,
    private readonly views: ClassViews,
    private readonly planner: Planner,
  ) {}

  async list(kitchenId: string): Promise<ClassSummary[]> {
    const rows = await new KitchenScope(ClassRow, kitchenId).find({
      where: { deletedAt: null },
      order: [['startsAt', 'ASC']],
    });
    const views = await this.views.ofMany(rows);
    const now = new Date().toISOString();
    const recent = new Date(Date.now() - dayInMilliseconds).toISOString().slice(0, 16);
    const stock = await this.#stock(kitchenId);
    let planned = 0;
    return Promise.all(
      views.map(async (view) =>
        summaryOf(
          view,
          view.startsAt >= recent && planned++ < plannedInList
            ? await this.#planned({ class: view, kitchen: view.kitchen, stock, today: todayIn(view.zone) })
            : null,
          now,
        ),
      ),
    );
  }

  /** A class that cannot be planned now is listed without its next job; the others have theirs. */
  #planned(bundle: ClassBundle): Promise<ClassPlan | null> {
    return this.planner.soon(bundle).catch((error: unknown) => {
      this.#logger.warn(
        `Class ${bundle.class.id} is listed without a plan: ` +
          `${error instanceof Error ? error.message : String(error)}`,
      );
      return null;
    });
  }

  async get(kitchenId: string, id: string): Promise<ClassView> {
    return this.views.of(await this.#row(kitchenId, id));
  }

  async plan(kitchenId: string, id: string): Promise<ClassPlan> {
    return this.planner.best(await this.bundle(kitchenId, id));
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
  async needs(kitchenId: string): Promise<ClassNeeds[]> {
    const recent = new Date(Date.now() - dayInMilliseconds).toISOString().slice(0, 16);
    const rows = await new KitchenScope(ClassRow, kitchenId).find({
      where: { deletedAt: null, startsAt: { [Op.gte]: recent } },
      order: [['startsAt', 'ASC']],
      limit: plannedInList,
    });
    const views = await this.views.ofMany(rows);
    return Promise.all(views.map((view) => this.planner.needs({ class: view, kitchen: view.kitchen })));
  }

  #stock(kitchenId: string): Promise<StockRow[]> {
    return new KitchenScope(StockRow, kitchenId).find({
      where: { deletedAt: null },
      order: [
        ['useBy', 'ASC'],
        ['ingredient', 'ASC'],
      ],
    });
  }

  /** What stands in the cupboard, and the classes that are bought for together or could use what is left. */
  async #around(
    kitchenId: string,
    view: ClassView,
  ): Promise<Pick<ClassBundle, 'stock' | 'others' | 'together'>> {
    const stock = await this.#stock(kitchenId);
    const together = await new KitchenScope(ClassRow, kitchenId).find({
      where: { deletedAt: null, id: { [Op.in]: [...view.decisions.together] } },
    });
    return { stock, others: await this.needs(kitchenId), together: await this.views.ofMany(together) };
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
    const row = await makeOnce(
      () => scope.findOne({ where: { id: input.id } }),
      () =>
        inTransaction(this.sequelize, async () => {
          const created = await scope.create({ decisions: {}, ...usual, ...fields, revision: 1 });
          await writeMenu(created, dishes ?? []);
          return created;
        }),
    );
    return this.views.of(standing(row, what));
  }

  async update(kitchenId: string, id: string, revision: number, input: UpdateClassDto): Promise<ClassView> {
    const { dishes, ...fields } = input;
    const saved = await inTransaction(this.sequelize, async () => {
      const row = await this.#row(kitchenId, id);
      if (!(await new KitchenScope(ClassRow, kitchenId).updateRevision(id, revision, { ...fields })))
        return false;
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

  async remove(kitchenId: string, id: string): Promise<void> {
    const row = await this.#row(kitchenId, id);
    row.deletedAt = new Date();
    await row.save();
  }

  async restore(kitchenId: string, id: string): Promise<ClassView> {
    const row = await new KitchenScope(ClassRow, kitchenId).findOne({ where: { id } });
    if (!row) throw notHere(what);
    row.deletedAt = null;
    await row.save();
    return this.views.of(row);
  }

  async #row(kitchenId: string, id: string): Promise<ClassRow> {
    return standing(await new KitchenScope(ClassRow, kitchenId).findOne({ where: { id } }), what);
  }
}

/** The local date in a zone, "2026-11-25": nothing is bought before it. */
function todayIn(zone: string): LocalDate {
  return new Intl.DateTimeFormat('sv-SE', { timeZone: zone }).format(new Date()) as LocalDate;
}

const what = 'This class';

function summaryOf(view: ClassView, plan: ClassPlan | null, now: string): ClassSummary {
  return {
    id: view.id,
    title: view.title,
    startsAt: view.startsAt,
    zone: view.zone,
    lengthMinutes: view.lengthMinutes,
    people: view.people,
    stations: splitStations(view.people, view.peoplePerStation).sizes.length,
    courseId: view.courseId,
    dishes: view.dishes.map((dish) => dish.recipe.title),
    nextJob: plan?.jobs.find((job) => job.at > now) ?? null,
    toDecide: plan?.warnings.length ?? 0,
  };
}
