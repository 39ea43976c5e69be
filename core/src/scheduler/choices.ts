import type { Engine } from './engine.js';
import type { Model, User } from './model.js';
import { decideForced, Orders, type Order } from './orders.js';
import { Overlaps, type Overlap } from './overlaps.js';
import { Pairs, type Pair } from './pairs.js';
import type { ScheduleResource } from './types.js';

/** What keeps tasks of the resources apart, and how many yes-or-no variables that takes. */
export interface Choices {
  readonly count: number;
  readonly orders: readonly Order[];
  readonly overlaps: readonly { readonly propagator: Overlaps; readonly choices: readonly number[] }[];
  readonly pairs: Pairs | null;
}

export function choicesOf(model: Model): Choices {
  const apart = pairsApart(model);
  if (!model.isOrdered)
    return {
      count: 0,
      orders: [],
      overlaps: [],
      pairs: apart.size === 0 ? null : new Pairs([...apart.values()], model.minutes),
    };
  const building = new ChoiceBuilder(model, apart);
  model.problem.resources.forEach((resource, at) => building.addResource(resource, model.users[at]!));
  return building.result();
}

/** Up to this many tasks those that are too much together are kept apart pair by pair. */
const mostPaired = 150;

/**
 * Pairs that can never run at once, with the longest gap between them: other settings, or together more than
 * there is.
 */
function pairsApart(model: Model): Map<number, Pair> {
  const apart = new Map<number, Pair>();
  const isSmall = model.count <= mostPaired;
  model.problem.resources.forEach((resource, at) => {
    const users = model.users[at]!;
    users.forEach((one, index) => {
      for (const other of users.slice(index + 1)) {
        const differ =
          one.settings.length > 0 && other.settings.length > 0 && one.settings[0] !== other.settings[0];
        const isTooMuch = one.units + other.units > resource.capacity && isSmall;
        if (!differ && !isTooMuch) continue;
        const key = one.task * model.count + other.task;
        const gap = Math.max(differ ? (resource.changeoverMinutes ?? 0) : 0, apart.get(key)?.gap ?? 0);
        apart.set(key, { one: one.task, other: other.task, gap });
      }
    });
  });
  return apart;
}

class ChoiceBuilder {
  readonly #orders: Order[] = [];
  readonly #overlaps: { propagator: Overlaps; choices: number[] }[] = [];
  readonly #known = new Map<string, number>();
  readonly #first: number;

  constructor(
    private readonly model: Model,
    private readonly apart: ReadonlyMap<number, Pair>,
  ) {
    this.#first = model.count + 4;
    const { minutes } = model;
    for (const { one, other, gap } of apart.values())
      this.#choose(one, other, minutes[one]! + gap, minutes[other]! + gap);
  }

  result(): Choices {
    return { count: this.#orders.length, orders: this.#orders, overlaps: this.#overlaps, pairs: null };
  }

  #choose(earlier: number, later: number, ahead: number, back: number): number {
    const key = `${earlier} ${later} ${ahead}`;
    const known = this.#known.get(key);
    if (known !== undefined) return known;
    const choice = this.#first + this.#orders.length;
    this.#orders.push({ choice, earlier, later, ahead, back });
    this.#known.set(key, choice);
    return choice;
  }

  addResource(resource: ScheduleResource, users: readonly User[]): void {
    const takers = users.filter(({ units }) => units > 0);
    if (takers.reduce((sum, { units }) => sum + units, 0) <= resource.capacity) return;
    for (const user of takers) this.#addOverlaps(user, takers, resource.capacity);
  }

  #addOverlaps(user: User, takers: readonly User[], capacity: number): void {
    const choices: number[] = [];
    const overlaps = takers.flatMap((other): Overlap[] => {
      if (other.task === user.task || this.#isApart(other.task, user.task)) return [];
      const [low, high] = other.task < user.task ? [other.task, user.task] : [user.task, other.task];
      const order = this.#choose(low, high, 0, 1);
      const over = this.#choose(other.task, user.task, other.minutes, 1 - other.minutes);
      choices.push(order, over);
      return [
        {
          units: other.units,
          begun: other.task === low ? [2 * order, 1] : [2 * order + 1, 0],
          over: [2 * over, 1],
        },
      ];
    });
    if (overlaps.reduce((sum, { units }) => sum + units, user.units) > capacity)
      this.#overlaps.push({ propagator: new Overlaps(overlaps, capacity - user.units), choices });
  }

  #isApart(a: number, b: number): boolean {
    return this.apart.has(Math.min(a, b) * this.model.count + Math.max(a, b));
  }
}

/** Returns the orders where there are any. */
export function addChoices(
  engine: Engine,
  { orders, overlaps, pairs }: Choices,
  tasks: number,
): Orders | null {
  const propagator = orders.length > 0 ? new Orders(orders, engine) : null;
  if (propagator) engine.addPropagator(propagator, propagator.variables);
  if (propagator) decideForced(engine, orders, tasks);
  for (const overlap of overlaps) engine.addPropagator(overlap.propagator, overlap.choices);
  if (pairs) engine.addPropagator(pairs, pairs.tasks);
  return propagator;
}
