import {
  clashReport,
  planChanges,
  planClass,
  proposeAhead,
  rehearseClass,
  whatIfEffects,
  withWhatIf,
  type AheadProposal,
  type ClashReport,
  type ClassBundle,
  type ClassPlan,
  type ClassRehearsal,
  type PlanChange,
  type PlanOptions,
  type RehearsalOptions,
  type Timeline,
  type WhatIf,
  type WhatIfEffect,
} from '@fornax/core';
import { expose } from 'comlink';

const worker = {
  plan: (bundle: ClassBundle, options?: PlanOptions): ClassPlan => planClass(bundle, options),
  /** What a decision would change, before it is taken. */
  changes: (before: ClassBundle, after: ClassBundle): PlanChange[] =>
    planChanges(planClass(before), planClass(after)),
  /** The clock alone. */
  timeline: (bundle: ClassBundle, options?: PlanOptions): Timeline => planClass(bundle, options).timeline,
  timelineIf: (bundle: ClassBundle, whatIf: WhatIf): Timeline =>
    planClass(withWhatIf(bundle, whatIf)).timeline,
  whatIfs: (bundle: ClassBundle, whatIfs: readonly WhatIf[]): WhatIfEffect[] =>
    whatIfEffects(bundle, whatIfs),
  clash: (bundle: ClassBundle): ClashReport => clashReport(bundle),
  ahead: (bundle: ClassBundle): AheadProposal[] => proposeAhead(bundle),
  rehearse: (bundle: ClassBundle, options: RehearsalOptions): ClassRehearsal =>
    rehearseClass(bundle, options),
};

export type PlanWorker = typeof worker;

expose(worker);
