import { appliancesOf } from '../class/index.js';
import type { Appliance } from '../recipes/index.js';
import { quotedList } from '../words/index.js';
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

/** What recipes cook on or in that the kitchen has not. The plan leaves it out of what must be shared. */
export function applianceWarnings({ dishes, kitchen }: ToCheck): PlanWarning[] {
  const has = new Set(appliancesOf(kitchen).map(({ appliance }) => appliance));
  const wanted = new Map<Appliance, Set<string>>();
  for (const { timed } of dishes)
    for (const { occupies } of timed.recipe.steps)
      if (occupies && !has.has(occupies.appliance))
        wanted.set(occupies.appliance, (wanted.get(occupies.appliance) ?? new Set()).add(timed.recipe.title));
  return [...wanted].map(([appliance, titles]) => ({
    id: `appliance:${appliance}`,
    place: 'timeline',
    level: 'clash',
    sentence:
      `The kitchen has no ${appliance}, and ${quotedList([...titles], 4)} ` +
      `${titles.size === 1 ? 'wants' : 'want'} one`,
    remedy: 'Write it down in the kitchen where there is one; else choose another way to cook it.',
  }));
}
