import type { Attributes, Model, WhereOptions } from 'sequelize';
import { ProblemException } from '../common/problem.js';
import type { KitchenScope } from './scope.js';

/** What a kitchen holds at most, so that no list of it grows without end. */
export const most = { recipes: 3000, techniques: 500, stock: 2000, larderEntries: 2000 } as const;

/** Throws where a kitchen holds as many as it may; `what` are they, in the sentence. */
export async function refuseMore<M extends Model & { kitchenId: string }>(
  scope: KitchenScope<M>,
  limit: number,
  what: string,
  where?: WhereOptions<Attributes<M>>,
): Promise<void> {
  if ((await scope.count(where)) >= limit)
    throw new ProblemException(422, `A kitchen holds at most ${limit} ${what}: take some out first.`);
}
