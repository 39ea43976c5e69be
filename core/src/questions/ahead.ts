import { stepKey, type StepKey } from '../identity/index.js';
import { type ClassBundle, fullClass, planClass } from '../plan/index.js';
import type { Timeline } from '../timeline/index.js';
import { bridged } from './bridged.js';
import { type WhatIf, withWhatIf } from './with-what-if.js';

/**
 * What could be made before class: a step, or a whole dish as a ready-made swap; and what is used of the
 * class then.
 */
export interface AheadProposal {
  readonly whatIf: WhatIf & { readonly kind: 'before' | 'swap' };
  readonly title: string;
  readonly usedPercent: number;
  readonly overrunMinutes: number;
}

/**
 * What to make before class until it fits within 85 % of its minutes: each time what saves most, of the steps
 * that may be done before and the swaps that bridge a wait.
 */
export function proposeAhead(bundle: ClassBundle): AheadProposal[] {
  const proposals: AheadProposal[] = [];
  let current = bundle;
  let { timeline } = planClass(current);
  while (timeline.usedPercent > fullClass * 100 || timeline.overrunMinutes > 0) {
    const now = timeline;
    const wanted = [
      ...movable(current, now).map((step): AheadProposal['whatIf'] => ({ kind: 'before', step })),
      ...bridged(current).map((dish): AheadProposal['whatIf'] => ({ kind: 'swap', dish })),
    ];
    const tried = wanted
      .map((whatIf) => ({ whatIf, next: withWhatIf(current, whatIf) }))
      .map((each) => ({ ...each, timeline: planClass(each.next).timeline }));
    const best = tried
      .filter((each) => isBetter(each.timeline, now))
      .sort((a, b) => (isBetter(a.timeline, b.timeline) ? -1 : 1))[0];
    if (!best) break;
    proposals.push({
      whatIf: best.whatIf,
      title: titleOf(best.whatIf, current, now),
      usedPercent: best.timeline.usedPercent,
      overrunMinutes: best.timeline.overrunMinutes,
    });
    ({ timeline } = best);
    current = best.next;
  }
  return proposals;
}

function titleOf(whatIf: AheadProposal['whatIf'], { class: facts }: ClassBundle, timeline: Timeline): string {
  return (
    (whatIf.kind === 'swap'
      ? facts.dishes.find(({ id }) => id === whatIf.dish)?.recipe.title
      : timeline.budget.find((share) => share.stepKey === whatIf.step)?.title) ?? ''
  );
}

function isBetter(timeline: Timeline, than: Timeline): boolean {
  if (timeline.clashes.length > than.clashes.length) return false;
  return (
    timeline.overrunMinutes < than.overrunMinutes ||
    (timeline.overrunMinutes === than.overrunMinutes && timeline.usedPercent < than.usedPercent)
  );
}

/** Most steps tried at a time. */
const mostTried = 8;

/**
 * The steps in class that may be done before: those the recipe leaves open, longest first. What students are
 * to do themselves stays in class.
 */
function movable({ class: facts }: ClassBundle, timeline: Timeline): StepKey[] {
  const open = new Set(
    facts.dishes.flatMap((dish) =>
      dish.recipe.steps.filter((step) => step.place === 'either').map((step) => stepKey(dish.id, step.id)),
    ),
  );
  return timeline.budget
    .flatMap(({ stepKey: key }) => key ?? [])
    .filter((step) => open.has(step))
    .slice(0, mostTried);
}
