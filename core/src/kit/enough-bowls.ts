import type { KitDecision } from '../class/index.js';
import { toolPlural } from '../class/index.js';
import { containerTool, type SortedPlace } from './containers.js';
import type { KitInput } from './kit-input.js';
import type { KitShortage } from './types.js';

/**
 * Containers held against the bowls that the kitchen has of that size, beside those that steps use at once.
 * What is not counted in the kitchen is not guessed. Set out together, what goes in together takes fewer.
 */
export function bowlShortages(
  input: KitInput,
  sorted: readonly SortedPlace[],
  inUse: (tool: string) => number,
): KitShortage[] {
  const counts = new Map((input.bowls ?? []).map(({ tool, count }) => [tool, count]));
  for (const { tool, count } of input.toolsInKitchen) counts.set(tool, count);
  return [...wanted(sorted)].flatMap(([container, holding]): KitShortage[] => {
    const inKitchen = counts.get(container);
    const needed = holding + inUse(container);
    if (inKitchen === undefined || inKitchen >= needed) return [];
    const beside = inUse(container) > 0 ? `, ${inUse(container)} of them to work in` : '';
    return [
      {
        id: containerTool(container),
        tool: container,
        needed,
        inKitchen,
        atMinute: 0,
        sentence:
          `Not enough ${toolPlural(container)}: ${needed} needed to set out${beside}, ` +
          `${inKitchen} in the kitchen`,
        waysOut: together(sorted, { container, needed, inKitchen, inUse: inUse(container) }),
      },
    ];
  });
}

function wanted(sorted: readonly SortedPlace[]): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const { stations, rows } of sorted)
    for (const { container, count } of rows)
      counts.set(container, (counts.get(container) ?? 0) + count * Math.max(1, stations.length));
  return counts;
}

interface Lack {
  readonly container: string;
  readonly needed: number;
  readonly inKitchen: number;
  readonly inUse: number;
}

function together(
  sorted: readonly SortedPlace[],
  { container, needed, inKitchen, inUse }: Lack,
): KitShortage['waysOut'] {
  const decision: KitDecision = { tool: containerTool(container), kind: 'share' };
  const fewer =
    inUse +
    sorted.reduce(
      (sum, { stations, together: shared }) =>
        sum + (shared.get(container) ?? 0) * Math.max(1, stations.length),
      0,
    );
  if (fewer >= needed) return [];
  const rest = fewer > inKitchen ? `, ${fewer - inKitchen} still to borrow` : '';
  return [
    {
      id: `${containerTool(container)}:share`,
      kind: 'share',
      action: 'Set out together what goes in together',
      sentence: `${fewer} ${toolPlural(container)} instead of ${needed}${rest}`,
      decision,
    },
  ];
}
