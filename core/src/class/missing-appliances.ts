import { type Appliance, type RecipeStep, retold } from '../recipes/index.js';
import { applianceTable, type InsteadOf } from './data/appliance-table.js';
import type { KitDecision } from './decisions.js';
import { appliancesOf, type KitchenFacts } from './kitchen.js';

/** The name under which decisions are made about an appliance, apart from the tools. */
export function applianceTool(appliance: string): string {
  return `appliance:${appliance}`;
}

/** What this kitchen can do the work of an appliance with that it has not. */
export function insteadOf(
  appliance: Appliance,
  kitchen: Pick<KitchenFacts, 'appliances' | 'tools'>,
): readonly InsteadOf[] {
  const has = new Set(appliancesOf(kitchen).map((each) => each.appliance as string));
  for (const { tool, count } of kitchen.tools) if (count > 0) has.add(tool);
  return applianceTable[appliance].filter(({ by }) => has.has(by));
}

/** A step with another way to cook it taken: its own minutes, and said behind its words. */
export function withInstead(step: RecipeStep, { tool, by }: KitDecision): RecipeStep {
  const { occupies } = step;
  if (!occupies || tool !== applianceTool(occupies.appliance)) return step;
  const other = applianceTable[occupies.appliance].find((each) => each.by === by);
  if (!other) return step;
  const times = (minutes: number) => Math.max(1, Math.round(minutes * other.minutesFactor));
  const text = `${step.text.trim()} (${other.how}: ${other.result}.)`;
  if (other.isTool) {
    const tools = [...step.tools.filter((each) => each !== 'jug blender'), other.by];
    return { ...retold(step, text), tools, occupies: null, handsOnMinutes: times(step.handsOnMinutes) };
  }
  const waitMinutes = step.waitMinutes && {
    low: times(step.waitMinutes.low),
    high: times(step.waitMinutes.high),
  };
  return {
    ...step,
    text,
    occupies: { appliance: other.by as Appliance, setting: other.setting },
    waitMinutes,
    ...(waitMinutes ? {} : { handsOnMinutes: times(step.handsOnMinutes) }),
  };
}
