import type { SafetyProfile } from '../class/index.js';
import type { StepKey } from '../identity/index.js';
import { standardLarder } from '../larder/index.js';
import { dish, recipe } from './recipes.js';
import { outOfCold, type StepMinutes } from '../safety/out-of-cold.js';

export const use = (...lines: string[]) => lines.map((line) => ({ line, share: '1' as const }));
export const uk: SafetyProfile = { style: 'uk', own: {} };
export const us: SafetyProfile = { style: 'us', own: {} };
export const fridge = { appliance: 'fridge', setting: '' } as const;
export const hob = { appliance: 'hob', setting: '' } as const;

/** Times by step as [start, hands end, end of the wait]; eaten at 120. */
export function count(
  of: ReturnType<typeof recipe>,
  times: Record<string, [number, number, number]>,
  profile: SafetyProfile = uk,
) {
  const at = new Map(
    Object.entries(times).map(([id, [start, handsEnd, end]]): [StepKey, StepMinutes] => [
      `d1/${id}`,
      { start, handsEnd, end },
    ]),
  );
  return outOfCold({
    batches: [{ dish: dish(of), title: of.title, ofSwap: false, times: at }],
    eatenAt: 120,
    larder: standardLarder,
    profile,
    clock: (minute) => `${minute}`,
  });
}
