import type { ClassPlan } from '../plan/index.js';
import { money } from '../words/index.js';

/** One thing that a decision changes, before and after. */
export interface PlanChange {
  readonly about: 'amounts' | 'allergens' | 'steps' | 'cost' | 'time';
  readonly what: string;
  readonly before: string;
  readonly after: string;
}

/**
 * What is different in a plan once a decision is taken: amounts to buy, allergens by dish, steps, cost and
 * minutes.
 */
export function planChanges(before: ClassPlan, after: ClassPlan): PlanChange[] {
  return [
    ...amountChanges(before, after),
    ...allergenChanges(before, after),
    ...stepChanges(before, after),
    ...costChange(before, after),
    ...timeChange(before, after),
  ];
}

function amountChanges(before: ClassPlan, after: ClassPlan): PlanChange[] {
  const bought = (plan: ClassPlan) => new Map(plan.shopping.rows.map((row) => [row.name, row.buy]));
  const was = bought(before);
  const is = bought(after);
  return [...new Set([...was.keys(), ...is.keys()])]
    .filter((name) => was.get(name) !== is.get(name))
    .map((name) => ({
      about: 'amounts',
      what: name,
      before: was.get(name) ?? 'none',
      after: is.get(name) ?? 'none',
    }));
}

function allergenChanges(before: ClassPlan, after: ClassPlan): PlanChange[] {
  const titles = new Map(after.portions.dishes.map(({ dishId, title }) => [dishId, title]));
  return after.allergens.flatMap(({ dishId, contains }): PlanChange[] => {
    const was = before.allergens.find((each) => each.dishId === dishId)?.contains ?? [];
    return was.join() === contains.join()
      ? []
      : [
          {
            about: 'allergens',
            what: titles.get(dishId) ?? '',
            before: was.join(', ') || 'none listed',
            after: contains.join(', ') || 'none listed',
          },
        ];
  });
}

function stepChanges(before: ClassPlan, after: ClassPlan): PlanChange[] {
  const texts = (plan: ClassPlan) =>
    new Map([...plan.timeline.daysBefore, ...plan.timeline.clock].map((entry) => [entry.id, entry]));
  const was = texts(before);
  return [...texts(after).values()]
    .filter(
      (entry) => entry.kind !== 'wait' && was.has(entry.id) && was.get(entry.id)!.detail !== entry.detail,
    )
    .map((entry) => ({
      about: 'steps',
      what: entry.dishTitle,
      before: was.get(entry.id)!.detail,
      after: entry.detail,
    }));
}

function costChange({ shopping: was }: ClassPlan, { shopping: is }: ClassPlan): PlanChange[] {
  const words = ({ cost: { total, currency, unknown } }: ClassPlan['shopping']) =>
    `${money(total, currency)}${unknown.length > 0 ? `, ${unknown.length} without a price` : ''}`;
  return words(was) === words(is)
    ? []
    : [{ about: 'cost', what: 'Cost', before: words(was), after: words(is) }];
}

function timeChange({ timeline: was }: ClassPlan, { timeline: is }: ClassPlan): PlanChange[] {
  const words = ({ usedMinutes, overrunMinutes }: ClassPlan['timeline']) =>
    `${usedMinutes} min used${overrunMinutes > 0 ? `, ${overrunMinutes} min over` : ''}`;
  return words(was) === words(is)
    ? []
    : [{ about: 'time', what: 'Class minutes', before: words(was), after: words(is) }];
}
