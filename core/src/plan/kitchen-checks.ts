import { appliancesOf } from '../class/index.js';
import type { LackingStep } from '../kit/index.js';
import type { ToCheck } from './to-check.js';
import type { PlanWarning } from './types.js';

/** More stations than there are benches, or more people at one than fit. */
export function roomWarnings({ kitchen: { benches }, portions: { stations } }: ToCheck): PlanWarning[] {
  const room = (id: string, sentence: string, remedy: string): PlanWarning => ({
    id,
    place: 'people',
    level: 'clash',
    sentence,
    remedy,
  });
  return [
    ...(stations.sizes.length > benches.count
      ? [
          room(
            'benches',
            `${stations.sizes.length} stations, and the kitchen has ` +
              `${benches.count} ${benches.count === 1 ? 'bench' : 'benches'}`,
            'Let more people work at a station, or take fewer.',
          ),
        ]
      : []),
    ...((stations.sizes[0] ?? 0) > benches.peopleEach
      ? [
          room(
            'bench-room',
            `${stations.sizes[0]} people at a station, and a bench has room for ${benches.peopleEach}`,
            'Let fewer people work at a station.',
          ),
        ]
      : []),
  ];
}

/** Steps that want an appliance which the kitchen has not. The plan leaves it out of what must be shared. */
export function lackingSteps(dishes: ToCheck['dishes'], kitchen: ToCheck['kitchen']): LackingStep[] {
  const has = new Set(appliancesOf(kitchen).map(({ appliance }) => appliance));
  return dishes.flatMap(({ timed: { recipe } }) =>
    recipe.steps.flatMap((step) =>
      step.occupies && !has.has(step.occupies.appliance)
        ? [{ appliance: step.occupies.appliance, title: recipe.title, step }]
        : [],
    ),
  );
}
