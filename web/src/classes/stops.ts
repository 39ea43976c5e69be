import type { ClassView } from '@fornax/contract';
import { type ClassPlan, type PlanWarning, showWeekday } from '@fornax/core';
import { daysAhead } from '../parts/dates.js';

type StopState = 'empty' | 'half' | 'full';

export interface Stop {
  readonly path: string;
  readonly name: string;
  readonly digit: string;
  readonly state: StopState;
  readonly note: string;
  readonly urgent: boolean;
}

/** The stops of the path that are built, with what is open at each. A stop keeps its digit. */
export function stopsOf(view: ClassView, plan: ClassPlan): Stop[] {
  const empty = view.dishes.length === 0;
  const warningsAt = (place: PlanWarning['place']) =>
    plan.warnings.filter((warning) => warning.place === place);
  const stop = (
    path: string,
    name: string,
    digit: string,
    warnings: readonly PlanWarning[],
    note: string,
  ): Stop => ({
    path,
    name,
    digit,
    note: empty && path !== 'set-up' ? '' : note,
    urgent: warnings.some((warning) => warning.level !== 'look'),
    state: empty ? 'empty' : warnings.length > 0 ? 'half' : 'full',
  });
  const toDecide = (warnings: readonly PlanWarning[]) =>
    warnings.length > 0 ? `${warnings.length} to decide` : 'ready';
  return [
    stop(
      'set-up',
      'Set up',
      '1',
      warningsAt('people'),
      empty ? 'choose dishes' : toDecide(warningsAt('people')),
    ),
    stop('portion', 'Portion', '2', warningsAt('portions'), toDecide(warningsAt('portions'))),
    stop('shop', 'Shop', '3', warningsAt('shopping'), buyNote(plan) || toDecide(warningsAt('shopping'))),
    stop(
      'pack',
      'Pack',
      '4',
      warningsAt('kit'),
      warningsAt('kit').length > 0 ? `${warningsAt('kit').length} short` : 'ready',
    ),
    stop(
      'time',
      'Time',
      '5',
      warningsAt('timeline'),
      warningsAt('timeline').length > 0 ? timeNote(warningsAt('timeline')) : 'ready',
    ),
  ];
}

function buyNote(plan: ClassPlan): string {
  const buy = plan.jobs.find((job) => job.kind === 'buy');
  return buy && daysAhead(buy.localDate) >= 0 ? `buy on ${showWeekday(buy.localDate)}` : '';
}

function timeNote(warnings: readonly PlanWarning[]): string {
  const clashes = warnings.filter((warning) => warning.level === 'clash').length;
  if (clashes === 0) return warnings.some((warning) => warning.level === 'harm') ? 'too long out' : 'full';
  return clashes === 1 ? '1 clash' : `${clashes} clashes`;
}
