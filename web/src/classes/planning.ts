import { betteringSlices, type ClassBundle, type ClassPlan, isBetter, type PlanOptions } from '@fornax/core';

/** What a plan rests on of the class itself; its title and place move nothing. */
const restsOn = [
  'id',
  'startsAt',
  'zone',
  'lengthMinutes',
  'people',
  'peoplePerStation',
  'assistants',
  'demonstrationPlates',
  'dishes',
  'practised',
  'leftToIt',
] as const;

/**
 * All that a plan rests on but the pins: while that stays, the plan that stands is mended and not made anew.
 */
export function questionOf({ class: facts, kitchen }: ClassBundle): string {
  return JSON.stringify([restsOn.map((fact) => facts[fact]), { ...facts.decisions, pins: null }, kitchen]);
}

/** The bundle with one more job pinned. */
export function withPin(bundle: ClassBundle, task: string, start: number): ClassBundle {
  const { decisions } = bundle.class;
  const pins = { ...decisions?.pins, [task]: start };
  return { ...bundle, class: { ...bundle.class, decisions: { ...decisions, pins } } };
}

/** What bettering a plan needs: who plans, whether it is still wanted, and where a better one goes. */
export interface Bettering {
  plan(bundle: ClassBundle, options: PlanOptions): Promise<ClassPlan>;
  isCurrent(): boolean;
  show(plan: ClassPlan, isBettering: boolean): void;
  /** How long the first plan stands before it is bettered: somebody may still be typing. */
  readonly restMilliseconds: number;
}

/** Betters a plan slice by slice, and shows each that is better; it ends when the class changes. */
export async function better(
  bundle: ClassBundle,
  first: ClassPlan,
  { plan, isCurrent, show, restMilliseconds }: Bettering,
): Promise<void> {
  await new Promise((resolve) => {
    setTimeout(resolve, restMilliseconds);
  });
  let best = first;
  for (const effort of betteringSlices) {
    if (!isCurrent()) return;
    // A search that fails leaves the plan that stands.
    const next = await plan(bundle, { effort, standing: best.timeline.starts }).catch(() => null);
    if (!isCurrent()) return;
    if (!next) break;
    if (isBetter(best, next)) {
      best = next;
      show(best, true);
    }
  }
  show(best, false);
}
