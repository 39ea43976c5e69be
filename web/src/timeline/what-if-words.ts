import {
  appliancesOf,
  kitchenOfClass,
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
    case 'no assistant':
      return 'Without the assistant';
    case 'shorter':
      return `Class ${showSpan(whatIf.minutes)} shorter`;
    case 'appliance':
      return `Twice the ${whatIf.appliance}`;
    case 'hire':
      return `Hire ${whatIf.appliance === 'oven' ? 'an' : 'a'} ${whatIf.appliance}`;
    case 'instead':
      return `Use the ${whatIf.by} instead of the ${whatIf.appliance}`;
    case 'without':
      return `Without the ${whatIf.appliance}`;
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

/** So much shorter, and no less than this, a class is still one. */
const shorterMinutes = 15;
const leastMinutes = 60;

/**
 * Changes that can be tried on any class: an assistant more or none, more time or less, twice each appliance
 * that it uses, or without it.
 */
export function whatIfsFor({ kitchen, class: facts }: ClassBundle, timeline: Timeline): WhatIf[] {
  const used = new Set<string>(timeline.clock.map((entry) => entry.lane));
  const appliances = appliancesOf(kitchenOfClass(kitchen, facts))
    .map(({ appliance }) => appliance)
    .filter((appliance) => used.has(appliance) && appliance !== 'fridge');
  const isLong = facts.lengthMinutes - shorterMinutes >= leastMinutes;
  return [
    facts.assistants > 0 ? { kind: 'no assistant' } : { kind: 'assistant' },
    { kind: 'longer', minutes: 15 },
    ...(isLong ? [{ kind: 'shorter', minutes: shorterMinutes } as const] : []),
    ...appliances.map((appliance): WhatIf => ({ kind: 'appliance', appliance })),
    ...appliances.map((appliance): WhatIf => ({ kind: 'without', appliance })),
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
