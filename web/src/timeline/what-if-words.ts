import {
  appliancesOf,
  shortTitle,
  showSpan,
  stepKey,
  type ClassBundle,
  type ClassFacts,
  type Timeline,
  type WhatIf,
  type WhatIfEffect,
} from '@fornax/core';

/** What a change is called on a switch or a button. */
export function nameWhatIf(whatIf: WhatIf, titleOf: (id: string) => string): string {
  switch (whatIf.kind) {
    case 'assistant':
      return 'One assistant more';
    case 'longer':
      return `Class ${showSpan(whatIf.minutes)} longer`;
    case 'appliance':
      return `Twice the ${whatIf.appliance}`;
    case 'unpin':
      return `Unpin “${titleOf(whatIf.task)}”`;
    case 'swap':
      return `A ready-made swap of “${titleOf(whatIf.dish)}”`;
    case 'leave out':
      return `Leave out “${titleOf(whatIf.step)}”`;
    case 'before':
      return `Do “${titleOf(whatIf.step)}” before class`;
    case 'in class':
      return `Let students do “${titleOf(whatIf.step)}”`;
  }
}

/** The title of a task, step or dish; of a step also where no plan was found, and it has no task. */
export function titlesOf(timeline: Timeline, dishes: ClassFacts['dishes']): (id: string) => string {
  const titles = new Map([
    ...dishes.map(({ id, recipe }): [string, string] => [id, recipe.title]),
    ...dishes.flatMap(({ id, recipe }) =>
      recipe.steps.map((step): [string, string] => [stepKey(id, step.id), shortTitle(step.text)]),
    ),
    ...[...timeline.daysBefore, ...timeline.clock].map((entry): [string, string] => [entry.id, entry.title]),
  ]);
  return (id) => titles.get(id) ?? 'a job that is gone';
}

/**
 * Changes that can be tried on any class: one assistant more, more time, twice each appliance that it uses.
 */
export function whatIfsFor({ kitchen }: ClassBundle, timeline: Timeline): WhatIf[] {
  const used = new Set<string>(timeline.clock.map((entry) => entry.lane));
  const appliances = appliancesOf(kitchen).filter(
    ({ appliance }) => used.has(appliance) && appliance !== 'fridge',
  );
  return [
    { kind: 'assistant' },
    { kind: 'longer', minutes: 15 },
    ...appliances.map(({ appliance }): WhatIf => ({ kind: 'appliance', appliance })),
  ];
}

/** "Hands at work 72 → 75 %, class used 80 → 84 %, no clash": a change beside the class as it is. */
export function sayDifference(now: WhatIfEffect, then: WhatIfEffect): string {
  const moved = (name: string, from: number, to: number) =>
    from === to ? `${name} ${to} % as before` : `${name} ${from} → ${to} %`;
  const over = then.overrunMinutes > 0 ? `, ${showSpan(then.overrunMinutes)} over` : '';
  return [
    moved('Hands at work', now.atWorkPercent, then.atWorkPercent),
    `${moved('class used', now.usedPercent, then.usedPercent)}${over}`,
    clashWords(then.clashes),
  ].join(', ');
}

function clashWords(clashes: number): string {
  return clashes === 0 ? 'no clash' : clashes === 1 ? '1 clash' : `${clashes} clashes`;
}

/** "78 % of the class used, the day begins 16:40, no clash" */
export function sayEffect(
  {
    usedPercent,
    overrunMinutes,
    clashes,
    firstStart,
  }: { usedPercent: number; overrunMinutes: number; clashes: number; firstStart: number },
  timeAt: (minute: number) => string,
): string {
  const over = overrunMinutes > 0 ? `, ${showSpan(overrunMinutes)} over` : '';
  const begins = `the day begins ${timeAt(firstStart)}`;
  return `${usedPercent} % of the class used${over}, ${begins}, ${clashWords(clashes)}`;
}
