import {
  appliancesOf,
  applianceTool,
  type ClassDecisions,
  type ClassDish,
  type ClassFacts,
  decisionsOf,
  kitchenOfClass,
  type KitDecision,
} from '../class/index.js';
import type { DishId, StepKey } from '../identity/index.js';
import type { ClassBundle } from '../plan/index.js';
import type { Appliance } from '../recipes/index.js';

/** A change that is tried without being made. */
export type WhatIf =
  | { readonly kind: 'assistant' }
  | { readonly kind: 'longer'; readonly minutes: number }
  | { readonly kind: 'no assistant' }
  | { readonly kind: 'shorter'; readonly minutes: number }
  | { readonly kind: 'appliance' | 'without' | 'hire'; readonly appliance: Appliance }
  | { readonly kind: 'instead'; readonly appliance: Appliance; readonly by: string }
  | { readonly kind: 'unpin'; readonly task: string }
  | { readonly kind: 'before'; readonly step: StepKey }
  | { readonly kind: 'in class'; readonly step: StepKey }
  | { readonly kind: 'leave out'; readonly step: StepKey }
  | { readonly kind: 'swap'; readonly dish: DishId };

/** The bundle as it would be. */
export function withWhatIf(bundle: ClassBundle, whatIf: WhatIf): ClassBundle {
  const { class: facts } = bundle;
  switch (whatIf.kind) {
    case 'assistant':
      return withClass(bundle, { assistants: facts.assistants + 1 });
    case 'longer':
      return withClass(bundle, { lengthMinutes: facts.lengthMinutes + whatIf.minutes });
    case 'no assistant':
      return withClass(bundle, { assistants: Math.max(0, facts.assistants - 1) });
    case 'shorter':
      return withClass(bundle, { lengthMinutes: facts.lengthMinutes - whatIf.minutes });
    case 'appliance':
      return withAppliance(bundle, whatIf.appliance, (capacity) => capacity * 2);
    case 'hire':
      return withAppliance(bundle, whatIf.appliance, (capacity) => capacity + 1);
    case 'instead':
      return withInstead(bundle, applianceTool(whatIf.appliance), whatIf.by);
    case 'without':
      return withAppliance(bundle, whatIf.appliance, () => 0);
    case 'swap':
      return withClass(bundle, { dishes: facts.dishes.map((dish) => withSwap(dish, whatIf.dish)) });
    default:
      return withClass(bundle, { decisions: changedDecisions(decisionsOf(facts), whatIf) });
  }
}

/** With one change after the other. */
export function withWhatIfs(bundle: ClassBundle, whatIfs: readonly WhatIf[]): ClassBundle {
  return whatIfs.reduce(withWhatIf, bundle);
}

function withClass(bundle: ClassBundle, overrides: Partial<ClassFacts>): ClassBundle {
  return { ...bundle, class: { ...bundle.class, ...overrides } };
}

/** For this class alone: something of the kind is hired, or it is out of order. */
function withAppliance(
  bundle: ClassBundle,
  appliance: Appliance,
  count: (now: number) => number,
): ClassBundle {
  const decisions = decisionsOf(bundle.class);
  const there = appliancesOf(kitchenOfClass(bundle.kitchen, bundle.class));
  const now = there.find((each) => each.appliance === appliance)?.capacity ?? 0;
  const onTheDay = { ...decisions.onTheDay, [appliance]: count(now) };
  return withClass(bundle, { decisions: { ...decisions, onTheDay } });
}

/** What an appliance would do is done with something else, in the whole class. */
function withInstead(bundle: ClassBundle, tool: string, by: string): ClassBundle {
  const decisions = decisionsOf(bundle.class);
  const kit: KitDecision[] = [
    ...decisions.kit.filter((each) => each.tool !== tool),
    { tool, kind: 'replace', by },
  ];
  return withClass(bundle, { decisions: { ...decisions, kit } });
}

function withSwap(dish: ClassDish, wanted: DishId): ClassDish {
  return dish.id === wanted ? { ...dish, making: { ...dish.making, swap: true } } : dish;
}

function changedDecisions(
  decisions: ClassDecisions,
  whatIf: Extract<WhatIf, { kind: 'unpin' | 'before' | 'in class' | 'leave out' }>,
): ClassDecisions {
  switch (whatIf.kind) {
    case 'unpin': {
      const kept = Object.entries(decisions.pins).filter(([task]) => task !== whatIf.task);
      return { ...decisions, pins: Object.fromEntries(kept) };
    }
    case 'before':
    case 'in class':
      return { ...decisions, when: { ...decisions.when, [whatIf.step]: whatIf.kind } };
    case 'leave out':
      return { ...decisions, leftOut: [...decisions.leftOut, whatIf.step] };
  }
}
