import { appliancesOf, type KitchenFacts } from '../../class/index.js';
import type { Appliance, RecipeStep } from '../../recipes/index.js';
import type { ScheduleTask } from '../../scheduler/index.js';
import type { StepPlace } from './types.js';

function capacityOf(kitchen: KitchenFacts, appliance: Appliance): number {
  return appliancesOf(kitchen).find((each) => each.appliance === appliance)?.capacity ?? 0;
}

/** Where a step waits: at its appliance, where the kitchen has one. */
export function laneOfWait(kitchen: KitchenFacts, { occupies }: RecipeStep): Appliance | 'resting' {
  return occupies && capacityOf(kitchen, occupies.appliance) > 0 ? occupies.appliance : 'resting';
}

/** Places wanted on an appliance: one a station or a batch of staff; in the oven one for each tray. */
function wantedPlaces(step: RecipeStep, { places, rounds }: StepPlace): number {
  return places * (step.occupies?.appliance === 'oven' ? rounds : 1);
}

/** What a step takes of its appliance, as far as the kitchen has it. */
export function applianceDemand(
  kitchen: KitchenFacts,
  step: RecipeStep,
  place: StepPlace,
): ScheduleTask['demands'] {
  if (!step.occupies) return [];
  const { appliance, setting } = step.occupies;
  const capacity = capacityOf(kitchen, appliance);
  if (capacity === 0) return [];
  const units = Math.min(capacity, wantedPlaces(step, place));
  return [{ resource: appliance, units, setting: setting || undefined }];
}

/** How often a wait comes round: what its appliance, pot or pan does not take at once. */
export function roundsOfWait(kitchen: KitchenFacts, step: RecipeStep, place: StepPlace): number {
  if (!step.occupies) return 1;
  const { appliance } = step.occupies;
  const capacity = capacityOf(kitchen, appliance);
  const turns = capacity > 0 ? Math.ceil(wantedPlaces(step, place) / capacity) : 1;
  return appliance === 'oven' || appliance === 'fridge' ? turns : turns * place.rounds;
}
