import {
  clashReport,
  dishesInstead,
  peopleRemedies,
  planChanges,
  planClass,
  proposeAhead,
  rehearseClass,
  rehearsedSpare,
  whatIfEffects,
  withWhatIf,
  type AheadProposal,
  type ClashReport,
  type ClassBundle,
  type ClassDish,
  type ClassPlan,
  type ClassRehearsal,
  type PeopleFinding,
  type PeopleRemedy,
  type PlanChange,
  type PlanOptions,
  type RehearsalOptions,
  type RehearsedSpare,
  type Timeline,
  type WhatIf,
  type WhatIfEffect,
} from '@fornax/core';
import { replaceEqualDeep } from '@tanstack/react-query';
import { expose } from 'comlink';

let last: ClassBundle | null = null;

/**
 * The bundle with all that is as it was taken from the last one: a message brings everything as new, and what
 * core made of the same it need not make again.
 */
function known(bundle: ClassBundle): ClassBundle {
  last = replaceEqualDeep(last, bundle) as ClassBundle;
  return last;
}

const worker = {
  plan: (bundle: ClassBundle, options?: PlanOptions): ClassPlan => planClass(known(bundle), options),
  /** What a decision would change, before it is taken. */
  changes: (before: ClassBundle, after: ClassBundle): PlanChange[] =>
    planChanges(planClass(known(before)), planClass(known(after))),
  /** The clock alone. */
  timeline: (bundle: ClassBundle, options?: PlanOptions): Timeline =>
    planClass(known(bundle), options).timeline,
  timelineIf: (bundle: ClassBundle, whatIf: WhatIf): Timeline =>
    planClass(withWhatIf(known(bundle), whatIf)).timeline,
  whatIfs: (bundle: ClassBundle, whatIfs: readonly WhatIf[]): WhatIfEffect[] =>
    whatIfEffects(known(bundle), whatIfs),
  clash: (bundle: ClassBundle): ClashReport => clashReport(bundle),
  peopleRemedies: (bundle: ClassBundle, finding: PeopleFinding): PeopleRemedy[] =>
    peopleRemedies(known(bundle), finding),
  dishesInstead: (bundle: ClassBundle, dishId: string, offered: readonly ClassDish[]): ClassDish[] =>
    dishesInstead(known(bundle), dishId, offered),
  ahead: (bundle: ClassBundle): AheadProposal[] => proposeAhead(bundle),
  spare: (bundle: ClassBundle, standing: ClassPlan['timeline']['starts']): RehearsedSpare =>
    rehearsedSpare(bundle, standing),
  rehearse: (bundle: ClassBundle, options: RehearsalOptions): ClassRehearsal =>
    rehearseClass(bundle, options),
};

export type PlanWorker = typeof worker;

expose(worker);
