import type {
  Attributes,
  CreationAttributes,
  FindOptions,
  Model,
  ModelStatic,
  WhereOptions,
} from 'sequelize';

/**
 * The one place that queries rows of a kitchen: each method adds the kitchen to what is asked or written, so
 * that no query can reach another kitchen's rows.
 */
export class KitchenScope<M extends Model & { kitchenId: string }> {
  constructor(
    private readonly model: ModelStatic<M>,
    private readonly kitchenId: string,
  ) {}

  find(options: FindOptions<Attributes<M>> = {}): Promise<M[]> {
    return this.model.findAll({ ...options, where: this.#where(options.where) });
  }

  findOne(options: FindOptions<Attributes<M>>): Promise<M | null> {
    return this.model.findOne({ ...options, where: this.#where(options.where) });
  }

  count(where?: WhereOptions<Attributes<M>>): Promise<number> {
    return this.model.count({ where: this.#where(where) });
  }

  create(values: Omit<Record<string, unknown>, 'kitchenId'>): Promise<M> {
    return this.model.create({ ...values, kitchenId: this.kitchenId } as unknown as CreationAttributes<M>);
  }

  /** Makes a row, or where one with its key is there writes these fields of it: one statement, so no race. */
  async createOrUpdate(values: Record<string, unknown>, fields: (keyof Attributes<M>)[]): Promise<void> {
    await this.model.upsert({ ...values, kitchenId: this.kitchenId } as never, { fields });
  }

  destroy(where: WhereOptions<Attributes<M>>): Promise<number> {
    return this.model.destroy({ where: this.#where(where) });
  }

  /** Writes a row under its revision; returns false where another write came first. */
  async updateRevision(id: string, revision: number, values: Record<string, unknown>): Promise<boolean> {
    const where = this.#where({ id, revision } as unknown as WhereOptions<Attributes<M>>);
    const [changed] = await this.model.update({ ...values, revision: revision + 1 } as never, {
      where: where as never,
    });
    return changed === 1;
  }

  #where(where: WhereOptions<Attributes<M>> | undefined): WhereOptions<Attributes<M>> {
    return { ...(where as object | undefined), kitchenId: this.kitchenId } as unknown as WhereOptions<
      Attributes<M>
    >;
  }
}
