import {
  appliancesOf,
  type ClassDecisions,
  type ClassDish,
  type ClassFacts,
  decisionsOf,
} from '../class/index.js';
import type { DishId, StepKey } from '../identity/index.js';
import type { ClassBundle } from '../plan/index.js';

/** A change that is tried without being made. */
export type WhatIf =
  | { readonly kind: 'assistant' }
  | { readonly kind: 'longer'; readonly minutes: number }
  | { readonly kind: 'appliance'; readonly appliance: string }
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
    case 'appliance':
      return withTwice(bundle, whatIf.appliance);
    case 'swap':
      return withClass(bundle, { dishes: facts.dishes.map((dish) => withSwap(dish, whatIf.dish)) });
    default:
      return withClass(bundle, { decisions: changedDecisions(decisionsOf(facts), whatIf) });
  }
}

function withClass(bundle: ClassBundle, to: Partial<ClassFacts>): ClassBundle {
  return { ...bundle, class: { ...bundle.class, ...to } };
}

function withTwice(bundle: ClassBundle, appliance: string): ClassBundle {
  const { kitchen } = bundle;
  const appliances = appliancesOf(kitchen).map((each) =>
    each.appliance === appliance ? { ...each, capacity: each.capacity * 2 } : each,
  );
  return { ...bundle, kitchen: { ...kitchen, appliances } };
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
